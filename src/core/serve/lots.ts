/** Lots of a cook for the larder: one pot of soup, or the runs of its bones. */
import type { Assessment } from '../assess';
import { isThrownOut } from '../batch/household';
import { isStock } from '../batch/plan';
import type { Cook, Jar } from '../batch/schema';
import { thicknessWord } from '../finish';
import { tastingOf } from './taste';

export interface CookLot {
  /** Of bones; null for a soup. */
  readonly run: number | null;
  readonly name: string;
  /** In all, and what is in no jar, bowl or waste yet, L. */
  readonly litres: number;
  readonly openL: number;
  readonly gPerL: number;
  readonly saltPercent: number;
  readonly thick: boolean;
}

/** Jars of a run name it. */
const plainName = (name: string): string => name.replace(/,?\s+\w+ runs?$/i, '');

const jarredL = (jars: readonly Jar[], cook: string, run: number | null): number =>
  jars
    .filter((jar) => jar.cook === cook && (run === null || (jar.run ?? null) === run))
    .reduce((sum, jar) => sum + jar.litres, 0);

/**
 * @param assessment of the batch as it was cooked
 * @param jars all of the household
 * @example lotsOf(cooked, assess(batch, pot, kitchen), [])[0].openL // 2.88
 */
export function lotsOf(
  cook: Cook,
  assessment: Assessment,
  jars: readonly Jar[],
): readonly CookLot[] {
  const { after = {}, batch, predicted } = cook;
  const thrown = isThrownOut(cook);
  const tasting = tastingOf(assessment.finish, after.added);
  const elsewhere =
    (after.bowls ?? 0) * (after.bowlL ?? 0) + (after.wasteL ?? 0) + (after.lostL ?? 0);
  const runs = predicted.runOffs ?? [];
  if (runs.length > 0) {
    // Litres drunk or poured away come from the last run, which was on the table.
    return runs.map((predicted, i): CookLot => {
      const litres = cook.yields?.find((y) => y.run === predicted.run)?.litres ?? predicted.litres;
      const gone = i === runs.length - 1 ? elsewhere : 0;
      return {
        run: predicted.run,
        name: runs.length > 1 ? `${plainName(batch.name)}, no. ${predicted.run}` : batch.name,
        litres,
        openL:
          thrown && i === runs.length - 1
            ? 0
            : Math.max(0, litres - gone - jarredL(jars, cook.id, predicted.run)),
        gPerL: predicted.gPerL,
        saltPercent: tasting.saltPercent,
        thick: false,
      };
    });
  }
  const { finish } = assessment;
  const litres = isStock(batch) ? predicted.finishedBrothL : finish.servedL;
  return [
    {
      run: null,
      name: batch.name,
      litres,
      openL: thrown ? 0 : Math.max(0, litres - elsewhere - jarredL(jars, cook.id, null)),
      gPerL: finish.body.gelatineG / Math.max(0.05, finish.body.litres),
      saltPercent: tasting.saltPercent,
      thick: isThick(assessment),
    },
  ];
}

/** Whether it is too thick to circulate, so that it cools by conduction only. */
export function isThick({ finish }: Assessment): boolean {
  const word = thicknessWord(finish.pas.table);
  const solids = finish.servedL > 0 ? 1 - finish.body.litres / finish.servedL : 0;
  return word === 'thick' || word === 'a spoon stands' || solids > HEAP;
}

/** Solids as close as that hold the liquid between them, share of the whole (assumed). */
const HEAP = 0.55;
