/**
 * Food getting cold. Thin liquid is one temperature with a film inside and out; what is thick conducts from
 * all sides. Whatever leaves it is counted: into air, water, ice, steam.
 */
import { COLD_C } from '../guard';
import { FUSION, openEvaporation } from '../heat';
import { atmosphericPressure, latentHeat } from '../water';
import {
  heatIn,
  makeGrid,
  mixedC,
  stableS,
  stepGrid,
  stir,
  takeFromTop,
  warmest,
  type Cylinder,
  type Grid,
  type Walls,
} from './cylinder';
import { matterOf, type Matter } from './matter';
import { FRIDGE, INNER_FILM, PLACES, STIRRED_FILM, type Place } from './places';

/** Portions of one kind, each with its contents. */
export interface Portions {
  readonly count: number;
  /** Contents of one, as a cylinder. */
  readonly shape: Cylinder;
  /** Of one vessel, J/K. */
  readonly bodyJPerK: number;
  /** Loss of one where its wall is not bare, such as a pot on its base, W/K. */
  readonly lossWPerK?: number;
}

/** One cooling stage: ends at a temperature or after a time. */
export interface Stand {
  readonly place: Place;
  readonly until: { readonly celsius: number } | { readonly minutes: number };
  readonly portions: Portions;
  readonly stirred: boolean;
  /** Without a lid: it steams. */
  readonly open: boolean;
}

export interface Cooling {
  /** Too thick to move by itself: it conducts. */
  readonly thick: boolean;
  readonly startC: number;
  readonly stands: readonly Stand[];
}

export interface Surroundings {
  readonly ambientC: number;
  readonly altitudeM: number;
  /** Setting of the household's fridge, C. */
  readonly fridgeC: number;
}

export interface CoolingCurve {
  /** min from the start; arrays of one length */
  readonly minute: readonly number[];
  /** Of the warmest spot, C: what is judged. */
  readonly warmestC: readonly number[];
  /** J: how its heat changed, what left it by walls and as steam. */
  readonly balance: {
    readonly changeJ: number;
    readonly wallsJ: number;
    readonly steamJ: number;
  };
  /** Melted, kg. */
  readonly iceKg: number;
  /** Warmest air of the fridge, C, and minutes above 5 C. */
  readonly fridge: { readonly topC: number; readonly warmMin: number };
}

/** No longer than so, min: two days. */
const LONGEST_MIN = 2880;
const STEP_S = 10;

const areaOf = ({ radiusM, heightM }: Cylinder) => ({
  side: 2 * Math.PI * radiusM * heightM,
  end: Math.PI * radiusM * radiusM,
});

const volumeL = ({ radiusM, heightM }: Cylinder): number =>
  1000 * Math.PI * radiusM * radiusM * heightM;

/** Body that cools, however heat moves in it. */
interface Body {
  readonly warmestC: () => number;
  readonly surfaceC: () => number;
  /** J above freezing. */
  readonly heatJ: () => number;
  /** @returns J that left by the walls */
  readonly step: (aroundC: number, seconds: number) => number;
  /** Takes heat from the top: steam. */
  readonly take: (joules: number) => void;
  readonly longestS: number;
}

const inRow = (a: number, b: number): number => (a * b) / (a + b);

function lumped(stand: Stand, matter: Matter, startC: number, factor: number): Body {
  const { portions, place, stirred } = stand;
  const { shape, bodyJPerK, lossWPerK } = portions;
  const kg = volumeL(shape) * matter.kgPerL;
  const capacity = kg * matter.heat + bodyJPerK;
  const { side, end } = areaOf(shape);
  const inner = stirred ? STIRRED_FILM : INNER_FILM;
  const wet = inRow(inner, PLACES[place].film);
  // In a water bath only the top is in air.
  const top = inRow(inner, PLACES.room.film);
  const loss =
    factor * (lossWPerK ?? wet * (side + end) + (PLACES[place].film > 100 ? 0 : top * end));
  let celsius = startC;
  return {
    warmestC: () => celsius,
    surfaceC: () => celsius,
    heatJ: () => capacity * celsius,
    longestS: STEP_S,
    step: (aroundC, seconds) => {
      const next = aroundC + (celsius - aroundC) * Math.exp((-loss * seconds) / capacity);
      const left = capacity * (celsius - next);
      celsius = next;
      return left;
    },
    take: (joules) => {
      celsius -= joules / capacity;
    },
  };
}

function wallsOf({ portions, place, open }: Stand, factor: number): Walls {
  const { shape, lossWPerK } = portions;
  const film = PLACES[place].film;
  if (lossWPerK !== undefined) {
    const { side, end } = areaOf(shape);
    const all = (factor * lossWPerK) / (side + 2 * end);
    return { side: all, top: all, bottom: all };
  }
  const wet = film > 100;
  return {
    side: factor * film,
    bottom: factor * film,
    top: factor * (wet ? (open ? PLACES.room.film : 0) : film),
  };
}

function conducting(stand: Stand, grid: Grid, factor: number): Body {
  const walls = wallsOf(stand, factor);
  const top = (grid.layers - 1) * grid.rings;
  const freezes = (PLACES[stand.place].celsius ?? 0) < 0;
  return {
    warmestC: () => warmest(grid),
    surfaceC: () => grid.celsius[top] as number,
    heatJ: () => heatIn(grid),
    longestS: Math.min(STEP_S * 6, stableS(grid, freezes || grid.frozen)),
    step: (aroundC, seconds) => {
      const left = stepGrid(grid, walls, aroundC, seconds);
      if (stand.stirred) stir(grid);
      return left;
    },
    take: (joules) => takeFromTop(grid, joules),
  };
}

/** A fridge warmed by its contents, with a limited cooling power. */
function fridgeNode(setC: number) {
  let celsius = setC;
  return {
    celsius: () => celsius,
    take: (joules: number, seconds: number) => {
      const above = FRIDGE.ownJPerK * (celsius - setC) + joules;
      celsius = setC + Math.max(0, above - FRIDGE.coolsW * seconds) / FRIDGE.ownJPerK;
    },
  };
}

/** Totals that grow with time. */
interface Tally {
  seconds: number;
  readonly minute: number[];
  readonly warmestC: number[];
  changeJ: number;
  wallsJ: number;
  steamJ: number;
  iceKg: number;
  topC: number;
  warmS: number;
}

/** Steam off the open top of all portions, J in a step. */
function steamJ(
  stand: Stand,
  surfaceC: number,
  aroundC: number,
  pressurePa: number,
  seconds: number,
): number {
  if (!stand.open || stand.place === 'hot') return 0;
  const { end } = areaOf(stand.portions.shape);
  const kg = openEvaporation(surfaceC, { pressurePa, ambientC: aroundC }, end) * seconds;
  return stand.portions.count * kg * latentHeat(Math.max(0.01, surfaceC));
}

/** One cooling stage, from its start to its end. */
function standFor(
  stand: Stand,
  body: Body,
  { ambientC, altitudeM }: Surroundings,
  fridge: ReturnType<typeof fridgeNode>,
  tally: Tally,
): void {
  const { place, portions, until } = stand;
  const pressurePa = atmosphericPressure(altitudeM);
  const began = tally.seconds;
  const from = body.heatJ();
  const over = (): boolean =>
    'celsius' in until
      ? body.warmestC() <= until.celsius
      : tally.seconds - began >= 60 * until.minutes - 1e-6;
  while (!over() && tally.seconds < 60 * LONGEST_MIN) {
    const dt = Math.min(body.longestS, 60 - (tally.seconds % 60));
    const around = place === 'fridge' ? fridge.celsius() : (PLACES[place].celsius ?? ambientC);
    const walls = body.step(around, dt) * portions.count;
    const steam = steamJ(stand, body.surfaceC(), around, pressurePa, dt);
    if (steam > 0) body.take(steam / portions.count);
    tally.wallsJ += walls;
    tally.steamJ += steam;
    if (place === 'ice') tally.iceKg += Math.max(0, walls) / FUSION;
    if (place === 'fridge') {
      fridge.take(walls + steam, dt);
      tally.topC = Math.max(tally.topC, fridge.celsius());
      if (fridge.celsius() > COLD_C) tally.warmS += dt;
    }
    tally.seconds += dt;
    if (tally.seconds % 60 < 1e-6 || over()) {
      tally.minute.push(tally.seconds / 60);
      tally.warmestC.push(body.warmestC());
    }
  }
  tally.changeJ += (body.heatJ() - from) * portions.count;
}

/**
 * How something cools, stage after stage, for two days at most.
 *
 * @param factor by which heat finds its way out better or worse than said; 1 as said
 * @example coolDown({ thick: false, startC: 60, stands: [] }, { ambientC: 20, altitudeM: 0, fridgeC: 4 }).warmestC // [60]
 */
export function coolDown(
  { thick, startC, stands }: Cooling,
  surroundings: Surroundings,
  factor = 1,
): CoolingCurve {
  const matter = matterOf(thick);
  const fridge = fridgeNode(surroundings.fridgeC);
  const tally: Tally = {
    seconds: 0,
    minute: [0],
    warmestC: [startC],
    changeJ: 0,
    wallsJ: 0,
    steamJ: 0,
    iceKg: 0,
    topC: surroundings.fridgeC,
    warmS: 0,
  };
  let celsius = startC;
  let grid: Grid | null = null;
  let before: Portions | null = null;
  for (const stand of stands) {
    const { portions } = stand;
    // Liquid poured into other vessels is mixed; in the same vessel it keeps its layers.
    if (thick && !(grid && before === portions)) grid = makeGrid(portions.shape, matter, celsius);
    before = portions;
    const body = grid ? conducting(stand, grid, factor) : lumped(stand, matter, celsius, factor);
    standFor(stand, body, surroundings, fridge, tally);
    celsius = grid ? mixedC(grid) : body.warmestC();
  }
  const { minute, warmestC, changeJ, wallsJ, steamJ: steam, iceKg, topC, warmS } = tally;
  return {
    minute,
    warmestC,
    balance: { changeJ, wallsJ, steamJ: steam },
    iceKg,
    fridge: { topC, warmMin: warmS / 60 },
  };
}
