/** Messages between devices, and their validation. */
import { isFields } from '../core/batch/schema';
import {
  isKey,
  isStamp,
  type Key,
  type Replica,
  type Replicas,
  type Stamps,
} from '../core/replica';
import type { Whole } from '../store/sharing';

/** How much is in a kitchen, for somebody who is about to join it. */
export interface Summary {
  readonly batches: number;
  readonly cooks: number;
  readonly jars: number;
  readonly pots: readonly string[];
}

/** Who says it, and that it is said once. */
interface Said {
  readonly id: string;
  readonly from: { readonly id: string; readonly name: string };
}

export type Message = Said &
  (
    | {
        readonly is: 'hello';
        /** Of all that it knows; '' for one that has not joined yet. */
        readonly all: string;
        /** Whether it answers another. */
        readonly back: boolean;
        readonly summary?: Summary;
        /** When a hand touched it last, ms ago. */
        readonly touchedMs?: number;
      }
    | {
        readonly is: 'digests';
        readonly to: string;
        readonly records: readonly (readonly [Key, string])[];
      }
    /** Wants records; all of them where no keys are said. */
    | { readonly is: 'wants'; readonly to: string; readonly keys: readonly Key[] | null }
    | {
        readonly is: 'wholes';
        readonly to: string;
        readonly of: readonly Whole[];
        /** Messages of this answer still to come. */
        readonly rest: number;
      }
    | { readonly is: 'change'; readonly of: readonly Told[] }
    | { readonly is: 'touched' }
    /** Its page is closed; the device comes back. */
    | { readonly is: 'leaves' }
    /** It has left the household for good. */
    | { readonly is: 'quits' }
  );

/** The message without who says it. */
export type Words = Message extends infer M
  ? M extends Said
    ? Omit<M, keyof Said>
    : never
  : never;

/** A change of one record. */
interface Told {
  readonly key: Key;
  readonly leaves: readonly (readonly [path: string, value: unknown, stamp: string])[];
  readonly taken: readonly (readonly [path: string, Taken])[];
}
type Taken = Replica['taken'] extends ReadonlyMap<string, infer T> ? T : never;

export const tellingOf = (replicas: Replicas): readonly Told[] =>
  [...replicas].map(([key, { leaves, taken }]) => ({
    key,
    leaves: [...leaves].map(([path, { value, stamp }]) => [path, value, stamp] as const),
    taken: [...taken],
  }));

export const replicasOf = (told: readonly Told[]): Replicas =>
  new Map(
    told.map(({ key, leaves, taken }) => [
      key,
      {
        leaves: new Map(leaves.map(([path, value, stamp]) => [path, { value, stamp }])),
        taken: new Map(taken),
      },
    ]),
  );

const isText = (value: unknown): value is string => typeof value === 'string';
const isList = (value: unknown, holds: (one: unknown) => boolean): boolean =>
  Array.isArray(value) && value.every(holds);
const isStamps = (value: unknown): value is Record<string, string> =>
  isFields(value) && Object.values(value).every(isStamp);
const isTaken = (value: unknown): boolean =>
  isFields(value) && isStamp(value['stamp']) && isStamps(value['seen']);

const isTold = (value: unknown): boolean =>
  isFields(value) &&
  isKey(value['key']) &&
  isList(value['leaves'], (one) => Array.isArray(one) && isText(one[0]) && isStamp(one[2])) &&
  isList(value['taken'], (one) => Array.isArray(one) && isText(one[0]) && isTaken(one[1]));

function areStamps(value: unknown): value is Stamps {
  if (!isFields(value)) return false;
  const { base, at = {}, taken = {}, hidden = {} } = value;
  return (
    isStamp(base) &&
    isStamps(at) &&
    isFields(taken) &&
    Object.values(taken).every(isTaken) &&
    isFields(hidden)
  );
}

const isWhole = (value: unknown): boolean =>
  isFields(value) &&
  isKey(value['key']) &&
  (value['record'] === null || isFields(value['record'])) &&
  (value['stamps'] === undefined || areStamps(value['stamps']));

const isDigest = (one: unknown): boolean => Array.isArray(one) && isKey(one[0]) && isText(one[1]);

/** Fields that each message must have. */
const HOLDS: Readonly<
  Record<Message['is'], (fields: Readonly<Record<string, unknown>>) => boolean>
> = {
  hello: ({ all, back }) => isText(all) && typeof back === 'boolean',
  digests: ({ to, records }) => isText(to) && isList(records, isDigest),
  wants: ({ to, keys }) => isText(to) && (keys === null || isList(keys, isKey)),
  wholes: ({ to, of, rest }) => isText(to) && isList(of, isWhole) && typeof rest === 'number',
  change: ({ of }) => isList(of, isTold),
  touched: () => true,
  leaves: () => true,
  quits: () => true,
};

/** A message that was heard; null for what is none. */
export function messageIn(value: unknown): Message | null {
  if (!isFields(value)) return null;
  const { is, id, from } = value;
  const isSaid =
    isText(id) && isFields(from) && isText(from['id']) && isText(from['name']) && isText(is);
  const holds =
    isSaid && Object.hasOwn(HOLDS, is)
      ? (HOLDS as Record<string, (typeof HOLDS)['hello']>)[is]
      : undefined;
  return holds?.(value) ? (value as unknown as Message) : null;
}
