/** Parts of the schemas: nothing is cast, and every message says what is wanted. */
import * as yup from 'yup';

type Missing = null | undefined;
type NeededKeys<T> = { [K in keyof T]-?: undefined extends T[K] ? never : K }[keyof T];

type Flat<T> = { [K in keyof T]: T[K] };

/**
 * Type of a schema's value, as it is kept: nothing changes, what may be left out is missing and not
 * undefined, and what a file may say by null is missing too.
 */
type KeptOf<T> = T extends readonly (infer E)[]
  ? readonly KeptOf<E>[]
  : T extends object
    ? Flat<
        { readonly [K in NeededKeys<T>]: KeptOf<Exclude<T[K], null>> } & {
          readonly [K in Exclude<keyof T, NeededKeys<T>>]?: KeptOf<Exclude<T[K], Missing>>;
        }
      >
    : T;

/** The type of what a schema describes. */
export type Kept<S extends yup.ISchema<unknown>> = KeptOf<Exclude<yup.InferType<S>, undefined>>;

export function number(min: number, max: number, unit: string) {
  const wanted = `a number from ${min} to ${max}${unit && ` ${unit}`}`;
  return yup.number().strict().typeError(wanted).min(min, wanted).max(max, wanted);
}

export const flag = yup.boolean().strict().typeError('true or false');

export function text(what: string) {
  const wanted = `${what}, 1 to 200 characters`;
  return yup
    .string()
    .strict()
    .typeError(wanted)
    .min(1, wanted)
    .max(200, wanted)
    .matches(/\S/, wanted);
}

export function oneOf<const T extends string>(values: readonly T[]) {
  const wanted = `one of ${values.join(', ')}`;
  return yup.string().strict().typeError(wanted).oneOf(values, wanted);
}

export function object<T extends yup.ObjectShape>(shape: T, wanted: string) {
  return yup.object(shape).strict().typeError(wanted);
}

const INHERITED: ReadonlySet<string> = new Set(Object.getOwnPropertyNames(Object.prototype));

/** Key of a record: any text but the names that every object has, such as valueOf. */
export function ownId() {
  return needed(
    text('an id').test(
      'own',
      'another id: this one every object has',
      (value) => value === undefined || !INHERITED.has(value),
    ),
    'an id',
  );
}

/** Fields that may be left out as a whole. */
export function mayBe<T extends yup.ObjectShape>(shape: T, wanted: string) {
  return object(shape, wanted).optional().default(undefined);
}

export function list<T>(inner: yup.ISchema<T>, wanted: string) {
  return yup.array().strict().of(inner).typeError(wanted);
}

/** Numbers sampled along something: as a list of them, and fast enough for thousands. */
export function samples(most: number, min: number, max: number, unit: string, wanted: string) {
  const each = `a number from ${min} to ${max} ${unit}`;
  return yup
    .array<yup.AnyObject, number>()
    .strict()
    .typeError(wanted)
    .max(most, `at most ${most} of ${wanted}`)
    .test('numbers', each, function (value) {
      const wrong = (value ?? []).findIndex(
        (n) => !(typeof n === 'number' && n >= min && n <= max),
      );
      return wrong < 0 || this.createError({ path: `${this.path}[${wrong}]`, message: each });
    });
}

/** Must be there. */
export function needed<T>(schema: yup.ISchema<T>, wanted: string): yup.Schema<NonNullable<T>> {
  // Yup's own type of a schema in general forgets what it is a schema of.
  return (schema as yup.Schema).required(wanted).nonNullable(wanted) as yup.Schema<NonNullable<T>>;
}

export const time = yup
  .string()
  .strict()
  .typeError('a date and time')
  .test('time', 'a date and time, such as 2026-11-24T18:30:00', (value) =>
    value === undefined ? true : !Number.isNaN(Date.parse(value)),
  );
