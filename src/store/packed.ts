/**
 * Cooks as the database holds them: their curves as typed arrays and all else as one text, which a browser
 * copies as blocks and not number by number, name by name. A text is read several times as fast as a record
 * with as much in it.
 */
import type { Cook } from '../core/batch';

type Trace = NonNullable<Cook['predicted']['trace']>;
type Numbers = readonly number[] | Float64Array;

/** As it is written now. */
interface Packed {
  readonly id: string;
  /** The cook without its curves. */
  readonly text: string;
  readonly minute?: Float64Array;
  readonly liquidC?: Float64Array;
}

/** As older builds wrote it: a record, its curves packed or as lists. */
interface Unpacked extends Omit<Cook, 'predicted'> {
  readonly predicted: Omit<Cook['predicted'], 'trace'> & {
    readonly trace?: Omit<Trace, 'minute' | 'liquidC'> & {
      readonly minute: Numbers;
      readonly liquidC: Numbers;
    };
  };
}

export type PackedCook = Packed | Unpacked;

function withCurves(cook: Unpacked, minute: Numbers, liquidC: Numbers): Unpacked {
  const { trace } = cook.predicted;
  if (!trace) return cook;
  return { ...cook, predicted: { ...cook.predicted, trace: { ...trace, minute, liquidC } } };
}

export function pack(cook: Cook): PackedCook {
  const { trace } = cook.predicted;
  return {
    id: cook.id,
    text: JSON.stringify(withCurves(cook, [], [])),
    ...(trace && {
      minute: Float64Array.from(trace.minute),
      liquidC: Float64Array.from(trace.liquidC),
    }),
  };
}

export function unpack(packed: PackedCook): Cook {
  const cook = 'text' in packed ? (JSON.parse(packed.text) as Unpacked) : packed;
  const of = 'text' in packed ? packed : (packed.predicted.trace ?? {});
  const { minute = [], liquidC = [] } = of as { minute?: Numbers; liquidC?: Numbers };
  return withCurves(cook, Array.from(minute), Array.from(liquidC)) as Cook;
}
