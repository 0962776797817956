/** Ways to thicken what is in the pot, side by side: what each wants, and what it ends with. */
import type { FinishReport } from '../model';
import { leastEnough } from '../series';
import type { Thickening } from '../batch/schema';
import {
  apparentPas,
  CUT_CELLS,
  FLOUR_FOR_STARCH,
  reductionMinutes,
  saltPercent,
  slurryWater,
  starchFor,
  THICK_FROM,
  THICKNESSES,
  thicknessWord,
  type ThicknessWord,
} from '../finish';

export interface Thickened {
  readonly how: Thickening;
  /** Apparent viscosity at the table, Pa s. */
  readonly pas: number;
  readonly word: ThicknessWord;
  /** More minutes. */
  readonly minutes: number;
  /** L served in the end. */
  readonly litres: number;
  readonly saltPercent: number;
  readonly gPerL: number;
  /** To the blender, L. */
  readonly blendL?: number;
  /** Cornstarch and the cold water it is stirred into; flour, and as much butter; g and ml. */
  readonly starchG?: number;
  readonly waterMl?: number;
  readonly flourG?: number;
}

const EATEN_C = 60;
/** Over where the next word begins, so that it is it. */
const WELL_IN = 1.3;
const CLEARS_MIN = 2;
const ROUX_MIN = 10;
const BLEND_MIN = 5;
/** No more of a pot is boiled away for thickness. */
const MOST_OFF = 0.5;

/** The word that comes after the one it is; null where nothing is thicker. */
export function nextWord(pas: number): ThicknessWord | null {
  return THICKNESSES[THICKNESSES.indexOf(thicknessWord(pas)) + 1] ?? null;
}

/**
 * All ways to reach a thickness; leaving it as it is comes first. Ways that fall short are left out.
 *
 * @param boilC boiling point, C
 */
export function thickenings(
  finish: FinishReport,
  wanted: ThicknessWord,
  boilC: number,
): readonly Thickened[] {
  const { body, pieces, servedL, saltG, massG } = finish;
  const pas = THICK_FROM[wanted] * WELL_IN;
  const ends = (
    how: Thickening,
    to: typeof body,
    minutes: number,
    more: Partial<Thickened> = {},
    offL = 0,
  ): Thickened => {
    const at = apparentPas(to, EATEN_C);
    return {
      how,
      pas: at,
      word: thicknessWord(at),
      minutes,
      litres: servedL - offL,
      saltPercent: saltPercent(saltG, massG - 1000 * offL),
      gPerL: body.gelatineG / Math.max(0.05, body.litres - offL),
      ...more,
    };
  };
  const nothing = ends('nothing', body, 0);
  const starchG = starchFor(body, pas);
  if (starchG === 0) return [nothing];
  const blended = (share: number): typeof body => ({
    ...body,
    pulpL: body.pulpL + share * pieces.litres,
    starchG: body.starchG + CUT_CELLS * share * pieces.starchG,
  });
  const share = leastEnough(0, 1, (x) => apparentPas(blended(x), EATEN_C) >= pas);
  const reduced = (offL: number): typeof body => ({ ...body, litres: body.litres - offL });
  const offL = leastEnough(
    0,
    MOST_OFF * body.litres,
    (x) => apparentPas(reduced(x), EATEN_C) >= pas,
  );
  const minutes = offL === null ? Infinity : reductionMinutes(0.96 * offL, finish.boilsOffW, boilC);
  return [
    nothing,
    ...(share !== null && pieces.litres > 0.05
      ? [
          ends('blend', blended(share), BLEND_MIN, {
            // With the liquid that it needs to turn.
            blendL: share * (pieces.litres + 0.5 * body.litres),
          }),
        ]
      : []),
    ends('slurry', { ...body, starchG: body.starchG + starchG }, CLEARS_MIN, {
      starchG,
      waterMl: slurryWater(starchG),
    }),
    ends('roux', { ...body, starchG: body.starchG + starchG }, ROUX_MIN, {
      flourG: starchG * FLOUR_FOR_STARCH,
    }),
    ...(offL !== null && Number.isFinite(minutes)
      ? [ends('reduce', reduced(offL), minutes, {}, offL)]
      : []),
  ];
}
