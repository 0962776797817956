/** Cooks as the database holds them, and as older builds wrote them. */
import { cookFromVersion3, isMistaught, marksFromVersion2, type Cook } from '../core/batch/schema';
import { holdCook, lookAt, type HeldCook } from '../formats/held';

type Trace = NonNullable<Cook['predicted']['trace']>;
type Numbers = readonly number[] | Float64Array;

/** Written by version 4: curves as typed arrays, everything else as one text. */
interface Packed {
  readonly id: string;
  readonly text: string;
  readonly minute?: Float64Array;
  readonly liquidC?: Float64Array;
}

/** Written before version 4: a record, its curves as typed arrays or as lists. */
interface Unpacked extends Omit<Cook, 'predicted'> {
  readonly predicted: Omit<Cook['predicted'], 'trace'> & {
    readonly trace?: Omit<Trace, 'minute' | 'liquidC'> & {
      readonly minute: Numbers;
      readonly liquidC: Numbers;
    };
  };
}

export type KeptCook = HeldCook | Packed | Unpacked;

/** Fifty cooks in one record. */
export interface CookPage {
  readonly id: string;
  readonly cooks: readonly HeldCook[];
}

/** A deleted cook that may still be in a page. */
export interface Gone {
  readonly id: string;
  readonly gone: true;
}

/** A record of one cook: it counts before what any page has of it. */
export type LooseCook = KeptCook | Gone;

function withCurves(cook: Unpacked, minute: Numbers, liquidC: Numbers): Cook {
  const { trace } = cook.predicted;
  if (!trace) return cook as Cook;
  const curves = { minute: Array.from(minute), liquidC: Array.from(liquidC) };
  return { ...cook, predicted: { ...cook.predicted, trace: { ...trace, ...curves } } } as Cook;
}

export function readCook(kept: KeptCook): Cook {
  if ('fields' in kept) return lookAt(kept);
  if ('text' in kept) {
    const { minute = [], liquidC = [] } = kept;
    return withCurves(JSON.parse(kept.text) as Unpacked, minute, liquidC);
  }
  const { minute = [], liquidC = [] } = kept.predicted.trace ?? {};
  return withCurves(kept, minute, liquidC);
}

/**
 * A cook as a build before version 7 kept it, its marks with ids, without a lesson that was read off the wrong
 * plan. Of a held cook only the marks are read for it.
 */
export function withMarkIds(kept: KeptCook): HeldCook {
  if (!('fields' in kept)) {
    const { lesson, ...cook } = readCook(kept);
    const marks = marksFromVersion2(cook.marks) as Cook['marks'];
    return holdCook({ ...cook, marks, ...(lesson && !isMistaught(marks) && { lesson }) });
  }
  const { mark: _, ...held } = kept;
  if (typeof held.fields['marks'] !== 'string') return kept;
  const marks: unknown = marksFromVersion2(JSON.parse(held.fields['marks']));
  const { lesson, ...rest } = held.fields;
  const keeps = lesson !== undefined && !isMistaught(marks);
  const fields = { ...rest, ...(keeps && { lesson }), marks: JSON.stringify(marks) };
  const texts = held.texts.filter((key) => key in fields);
  return holdCook(lookAt({ ...held, fields, texts }));
}

/** A cook as a build before version 8 kept it, the items of its batch with stays. */
export function withStays(kept: KeptCook): HeldCook {
  const whole: unknown = JSON.parse(JSON.stringify(readCook(kept)));
  return holdCook(cookFromVersion3(whole) as Cook);
}
