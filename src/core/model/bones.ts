/** Gelatine and flavour from bones, run after run: from the heat model's temperatures to the broths. */
import {
  blend,
  extractionRate,
  fatAlong,
  gelatineAlong,
  lossRate,
  MOST_SD,
  mostGelatineG,
  SET_FROM,
  setOf,
  strength,
  strengthBand,
  strongAlong,
  waterToBoilOff,
  type Bones,
  type Lot,
} from '../bones';
import { isStock, learnedBones, READIED, wantedSet, type PlannedItem } from '../batch/plan';
import { cookValues, USUAL_Z } from '../doneness';
import { reductionMinutes } from '../finish';
import { lastOf, valueAt, isIn } from '../series';
import type { Model } from './model';
import { contentsAt, flavourIn, lastBefore, netWatts } from './read';
import type { BonesReport, FlavourReport, RunOffReport } from './runOffTypes';

/** Share of the bone's temperature read at its surface; the rest at its centre (assumed). */
const SURFACE_SHARE = 0.6;
/** A run that yields less does not count, g. */
const NOTHING_G = 1e-3;

/** One kind of bone in the pot. */
interface Kind {
  readonly item: PlannedItem;
  readonly bones: Bones;
  /** Mean temperature of the bone; NaN while out of the pot. */
  readonly celsius: readonly number[];
  /** Gelatine given so far, g. */
  readonly along: readonly number[];
  readonly fat: () => readonly number[];
  readonly most: number;
  /** Cook value of its softening, min at 100 C. */
  readonly cooked: () => readonly number[];
}

/** From one pouring to the next; samples of the trace. */
interface Span {
  readonly from: number;
  readonly to: number;
  /** Index of the straining that ends it; null for the last. */
  readonly strain: number | null;
  /** Whether its broth leaves the pot with it. */
  readonly poured: boolean;
}

/** Everything known about the bones in a batch. */
export interface BonesModel {
  readonly kinds: readonly Kind[];
  readonly spans: readonly Span[];
  /** Gelatine in the liquid in the pot, g, at the samples. */
  readonly gelatineG: readonly number[];
  readonly strongG: readonly number[];
}

/** Worked out when it is first asked for. */
function once<T>(work: () => T): () => T {
  let done: { readonly value: T } | null = null;
  return () => (done ??= { value: work() }).value;
}

function kindOf(model: Model, item: PlannedItem, earlier: readonly Kind[]): Kind | null {
  const heat = model.heat.items[item.id];
  const { extract } = item.food;
  if (!extract || !heat || item.apart) return null;
  // On its plate it gives the pot nothing, and picked meat has left its bones.
  const picked = item.stays.find(({ keeps }) => keeps < 1)?.from ?? Infinity;
  const celsius = heat.centreC.map((c, i) => {
    const at = valueAt(model.heat.trace.step, i);
    if (at >= picked || !isIn(item, at)) return Number.NaN;
    return (1 - SURFACE_SHARE) * c + SURFACE_SHARE * (heat.surfaceC[i] ?? c);
  });
  const source = earlier.find((k) => k.item.id === item.from);
  const { gelatineLost } = READIED[model.plan.batch.bones ?? 'raw'];
  const lost = item.food.group === 'bones' && item.from === null ? gelatineLost : 0;
  const whole: Bones = { massKg: item.boughtG / 1000, extract, givenG: 0 };
  const most = mostGelatineG(whole);
  const before = source ? lastOf(source.along) / Math.max(1e-9, source.most) : lost;
  const bones = { ...whole, givenG: most * before };
  const { s } = model.heat.trace;
  const fatG = (item.massG * item.food.composition.fat) / 100;
  return {
    item,
    bones,
    celsius,
    along: gelatineAlong(bones, s, celsius),
    // Nobody asks for these for the meat in a soup.
    fat: once(() => fatAlong(fatG, s, celsius)),
    most,
    cooked: once(() => cookValues(s, celsius, USUAL_Z)),
  };
}

/** All the gelatine there is in the bones, g. */
function mostOf({ kinds }: BonesModel): number {
  return kinds.reduce((sum, k) => sum + k.most, 0);
}

function spansOf({ plan, heat }: Model): readonly Span[] {
  const { step } = heat.trace;
  const spans: Span[] = [];
  let from = 0;
  plan.steps.forEach((s, index) => {
    if (s.kind !== 'strain') return;
    const to = lastBefore(step, index);
    if (to < from) return;
    spans.push({ from, to, strain: index, poured: plan.pours.includes(index) });
    from = to + 1;
  });
  if (from < step.length) spans.push({ from, to: step.length - 1, strain: null, poured: false });
  return spans;
}

/** Adds what was given in the pot's present liquid, and lets its strength go. */
function inLiquid(model: Model, kinds: readonly Kind[], spans: readonly Span[]) {
  const { s, liquidC } = model.heat.trace;
  const gelatineG: number[] = [];
  const strongG: number[] = [];
  let pool = 0;
  let strong = 0;
  const { step } = model.heat.trace;
  /** Strength brought by broths that go in between two pourings, by sample. */
  const brought = (from: number, i: number): number => {
    const since = from > 0 ? valueAt(step, from - 1) : -1;
    return model.plan.items
      .filter(({ apart, entersAt }) => !apart && entersAt > since)
      .filter(({ entersAt }) => entersAt <= valueAt(step, from + i))
      .reduce((sum, item) => sum + item.gelatineG, 0);
  };
  for (const { from, to, poured } of spans) {
    const before = (k: Kind): number => (from > 0 ? valueAt(k.along, from - 1) : 0);
    const slice = s.slice(from, to + 1);
    const fresh = slice.map(
      (_, i) =>
        brought(from, i) +
        kinds.reduce((sum, k) => sum + valueAt(k.along, from + i) - before(k), 0),
    );
    // Liquid that was brought along has lost some of its strength already.
    const carried = pool - strong;
    const all = fresh.map((g) => pool + g);
    const sets = strongAlong(
      slice,
      liquidC.slice(from, to + 1),
      all.map((g) => g - carried),
    );
    gelatineG.push(...all);
    strongG.push(...sets);
    pool = poured ? 0 : (all.at(-1) ?? pool);
    strong = poured ? 0 : (sets.at(-1) ?? strong);
  }
  return { gelatineG, strongG };
}

/** Whether to report runs of bones: not for a soup that only has meat on them. */
export function hasRuns({ plan: { batch, items } }: Model, { kinds }: BonesModel): boolean {
  return kinds.length > 0 && (isStock(batch) || items.some((i) => i.food.group === 'bones'));
}

/**
 * Sources of gelatine in a batch, along its trace; null where there are none.
 *
 * @example bonesModel(runModel(stock, pot, kitchen)).kinds.length // 1
 */
export function bonesModel(model: Model): BonesModel | null {
  const { items } = model.plan;
  const brings = items.some((i) => i.gelatineG > 0 && !i.apart);
  const kinds: Kind[] = [];
  for (const item of items) {
    const kind = kindOf(model, item, kinds);
    if (kind) kinds.push(kind);
  }
  if (kinds.length === 0 && !brings) return null;
  const spans = spansOf(model);
  return { kinds, spans, ...inLiquid(model, kinds, spans) };
}

/** Gain of setting gelatine by ten minutes more at the hold of a run's last step, g. */
function tenMore(model: Model, bones: BonesModel, span: Span): number {
  const { trace } = model.heat;
  let at = span.to;
  for (let i = span.from; i <= span.to; i++)
    if (trace.phase[i] === 'hold' || trace.phase[i] === 'simmer') at = i;
  const liquid = trace.liquidC[at] ?? 20;
  const gain = bones.kinds.reduce((sum, k) => {
    const celsius = k.celsius[at] ?? Number.NaN;
    if (!Number.isFinite(celsius)) return sum;
    const left = k.most - k.bones.givenG - valueAt(k.along, span.to);
    return sum + left * (1 - Math.exp(-extractionRate(k.bones.extract, celsius) / 6));
  }, 0);
  return gain - valueAt(bones.strongG, span.to) * (1 - Math.exp(-lossRate(liquid) / 6));
}

/** Bones that are in fresh water once more often than they can take. */
function spentIn(bones: BonesModel, index: number): readonly string[] {
  const { to } = bones.spans[index] ?? { to: 0 };
  return bones.kinds.flatMap((kind) => {
    let runs = 0;
    bones.spans.slice(0, index + 1).forEach((span) => {
      for (let i = span.from; i <= span.to; i++)
        if (Number.isFinite(kind.celsius[i])) {
          runs++;
          break;
        }
    });
    const here = kind.celsius.slice(bones.spans[index]?.from, to + 1).some(Number.isFinite);
    return here && runs > kind.bones.extract.runs ? [kind.item.id] : [];
  });
}

function crumbledIn(bones: BonesModel, { from, to }: Span): readonly string[] {
  return bones.kinds.flatMap(({ item, bones: { extract }, cooked: along }) => {
    const cooked = along();
    const before = from > 0 ? valueAt(cooked, from - 1) : 0;
    const limit = extract.crumbleMin ?? Number.POSITIVE_INFINITY;
    return before < limit && valueAt(cooked, to) >= limit ? [item.id] : [];
  });
}

/** Kinds of bone in a run's broth, and how well what they give is known. */
function givenBy({ kitchen }: Model, { kinds }: BonesModel, { from, to }: Span) {
  return kinds.map((k) => {
    const before = from > 0 ? valueAt(k.along, from - 1) : 0;
    return {
      grams: valueAt(k.along, to) - before,
      share: k.most > 0 ? valueAt(k.along, to) / k.most : 0,
      mostSd: learnedBones(kitchen, k.item.food)?.sd ?? MOST_SD,
    };
  });
}

/**
 * Every run of the bones in a batch.
 *
 * @example bonesReport(runModel(stock, pot, kitchen), bonesModel(runModel(stock, pot, kitchen)))[0].gelatineG // 12.0
 */
export function bonesReport(model: Model, bones: BonesModel): readonly BonesReport[] {
  const { plan, heat, vessel } = model;
  const most = mostOf(bones);
  const given = (values: (kind: Kind) => readonly number[], { from, to }: Span): number =>
    bones.kinds.reduce(
      (sum, k) => sum + (values(k)[to] ?? 0) - (from > 0 ? (values(k)[from - 1] ?? 0) : 0),
      0,
    );
  let run = 0;
  return bones.spans.flatMap((span, index): BonesReport[] => {
    const gelatineG = given((k) => k.along, span);
    if (gelatineG < NOTHING_G) return [];
    run++;
    // Broth that is not poured off is what the pot holds in the end, boiled down or not.
    const later = bones.spans.slice(index + 1).some((s) => given((k) => k.along, s) >= NOTHING_G);
    const end = span.poured || later ? span.to : heat.trace.s.length - 1;
    const litres = contentsAt(model, end, heat.trace.step[end]).freeL;
    const strongG = valueAt(bones.strongG, end);
    const setsGPerL = strength({ litres, strongG });
    const allG = valueAt(bones.gelatineG, end);
    const first = valueAt(heat.trace.step, span.from);
    const last = span.strain ?? plan.steps.length;
    const inside = plan.steps.flatMap((_, i) => (i >= first && i < last ? [i] : []));
    return [
      {
        run,
        steps: inside.flatMap((i) => {
          const step = plan.steps[i];
          return step?.kind === 'pressure' || step?.kind === 'simmer' ? [step.id] : [];
        }),
        step: span.poured && span.strain !== null ? (plan.steps[span.strain]?.id ?? null) : null,
        startMin: valueAt(heat.trace.s, Math.max(0, span.from - 1)) / 60,
        endMin: valueAt(heat.trace.s, span.to) / 60,
        gelatineG,
        strongG,
        carriedG: Math.max(0, allG - gelatineG),
        litres,
        gPerL: strength({ litres, strongG: allG }),
        setsGPerL,
        setsBand: strengthBand(setsGPerL, givenBy(model, bones, span)),
        share: most > 0 ? gelatineG / most : 0,
        set: setOf(setsGPerL),
        fatG: given((k) => k.fat(), span),
        tenMoreG: tenMore(model, bones, span),
        fuelKWh:
          inside.reduce((sum, i) => sum + (heat.steps[i]?.heaterJ ?? 0), 0) /
          (vessel.heater.efficiency * 3.6e6),
        spent: spentIn(bones, index),
        crumbled: crumbledIn(bones, span),
      },
    ];
  });
}

function flavoursOf(model: Model): readonly FlavourReport[] {
  const { plan, heat } = model;
  return plan.items.flatMap((item): FlavourReport[] => {
    const flavour = flavourIn(plan, item);
    if (!flavour) return [];
    // Pieces too thin to conduct are as hot as the liquid they float in.
    const inLiquid = (): readonly number[] =>
      heat.trace.liquidC.map((c, i) => {
        const step = valueAt(heat.trace.step, i);
        return isIn(item, step) ? c : Number.NaN;
      });
    const cooked = cookValues(heat.trace.s, heat.items[item.id]?.surfaceC ?? inLiquid(), USUAL_Z);
    return [{ item: item.id, valueMin: lastOf(cooked), ...flavour }];
  });
}

/** Lots that a cook ends with: a run's broth that went into the next is in that. */
function lotsOf(runs: readonly BonesReport[]): readonly Lot[] {
  return runs.filter((r, i) => r.step !== null || i === runs.length - 1);
}

/** Bones that give less gelatine that sets give none, g. */
const LEAST_STRONG_G = 1e-3;

/** Worth of the runs together. */
export function runOffReport(
  model: Model,
  bones: BonesModel,
  runs: readonly BonesReport[],
  boilC: number,
): RunOffReport {
  const { plan, pot, kitchen } = model;
  const wanted = wantedSet(plan.batch, kitchen);
  const wantedGPerL = SET_FROM[wanted];
  const whole = blend(lotsOf(runs));
  const bonesKg = bones.kinds.reduce((sum, k) => sum + k.bones.massKg, 0);
  const offL = wantedGPerL > 0 ? waterToBoilOff(whole, wantedGPerL) : 0;
  const minutes = reductionMinutes(0.96 * offL, netWatts(model, boilC), boilC);
  return {
    mostG: mostOf(bones),
    bonesKg,
    blends: runs.map((r, i) => {
      const lot = blend(lotsOf(runs.slice(0, i + 1)));
      const gPerL = strength(lot);
      const all = bones.spans.slice(0, i + 1).flatMap((span) => givenBy(model, bones, span));
      const band = strengthBand(gPerL, all);
      return { runs: r.run, litres: lot.litres, gPerL, band, set: setOf(gPerL) };
    }),
    wanted,
    wantedGPerL,
    reduce:
      offL > 1e-3 && Number.isFinite(minutes) && whole.strongG > 0
        ? { minutes, litres: whole.litres - offL, kWh: (pot.powerW * minutes) / 60_000 }
        : null,
    kgPerL:
      whole.strongG > LEAST_STRONG_G && wantedGPerL > 0
        ? (wantedGPerL * bonesKg) / whole.strongG
        : null,
    flavours: flavoursOf(model),
  };
}
