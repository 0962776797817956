/**
 * Whether a value is surely what a Yup schema takes: the schema's own tests, without all that Yup does to tell
 * of a fault. A household of many years is read several times as fast; what is not surely good is asked of Yup.
 */
import type * as yup from 'yup';
import { isFields } from './fields';

interface Config {
  readonly test: (this: Context, value: unknown, context: Context) => unknown;
  readonly skipAbsent?: boolean;
}
interface Test {
  readonly OPTIONS?: Config;
}

/** What the schemas' tests ask for. */
interface Context {
  readonly path: string;
  readonly parent: unknown;
  readonly createError: () => false;
  readonly resolve: <T>(value: T) => T;
  readonly schema: unknown;
}

/** A schema of Yup, as far as it is looked into. */
interface Inside {
  readonly conditions: readonly unknown[];
  readonly internalTests: Readonly<Record<string, Test | undefined>>;
  readonly tests: readonly Test[];
  readonly fields?: Readonly<Record<string, Inside>>;
  readonly innerType?: Inside;
  readonly resolve: (options: { readonly value: unknown; readonly parent: unknown }) => Inside;
}

/** False where it may not be so. */
type Check = (value: unknown, parent: unknown) => boolean;

function ownTests(schema: Inside): Check {
  const configs = [...Object.values(schema.internalTests), ...schema.tests].flatMap((test) =>
    test ? [test.OPTIONS] : [],
  );
  const same = <T>(one: T): T => one;
  const none = (): false => false;
  return (value, parent) => {
    const context: Context = { path: '', parent, createError: none, resolve: same, schema };
    for (const config of configs) {
      // A test that tells nothing of itself is Yup's to make.
      if (!config) return false;
      if (config.skipAbsent && (value === undefined || value === null)) continue;
      if (config.test.call(context, value, context) !== true) return false;
    }
    return true;
  };
}

const checks = new WeakMap<Inside, Check>();

function checkOf(schema: Inside): Check {
  const known = checks.get(schema);
  if (known) return known;
  const made = checkFor(schema);
  checks.set(schema, made);
  return made;
}

function checkFor(schema: Inside): Check {
  if (schema.conditions.length > 0)
    return (value, parent) => checkOf(schema.resolve({ value, parent }))(value, parent);
  const own = ownTests(schema);
  const { fields, innerType } = schema;
  if (fields) {
    const all = Object.entries(fields).map(([key, field]) => [key, checkOf(field)] as const);
    return (value, parent) =>
      own(value, parent) &&
      (!isFields(value) || all.every(([key, check]) => check(value[key], value)));
  }
  if (innerType) {
    const inner = checkOf(innerType);
    return (value, parent) =>
      own(value, parent) &&
      (!Array.isArray(value) || value.every((one: unknown) => inner(one, value)));
  }
  return own;
}

/**
 * Whether a value is surely good, taken strictly.
 *
 * @returns false also where only Yup itself can tell
 */
export function isSurely(schema: yup.Schema, value: unknown): boolean {
  return checkOf(schema as unknown as Inside)(value, undefined);
}
