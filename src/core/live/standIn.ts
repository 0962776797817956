/**
 * The practice pot: a simulated device whose heater, losses, seal, valve and foods are its own, drawn by a
 * seed and hidden from the plan. What it does follows from its seed, from what hands did and from the time
 * alone, so that a page loaded anew finds it as it was.
 */
import type { Model } from '../model';
import type { Cook } from '../batch/schema';
import type { Spell } from '../heat';
import { between, lastOf } from '../series';
import { gradeAt } from '../texture';
import { gradesOf, type GradeName } from '../food';
import { drawUnknowns, seeded, toDraw, type Unknowns } from '../unknown';
import { courseOf } from './course';
import { befallen, putRightS } from './mishaps';
import { hotSOf, resultAt } from './observe';
import { runCourse } from './run';
import type { Message } from '../cook';

/** A thermometer in the lid: noise, C, and the time until it shows two thirds of a change, s (assumed). */
const NOISE_C = 0.7;
const THERMOMETER_S = 40;
/** It is read so often, s. */
const READ_S = 120;
/** Time step of the practice pot, s. */
const STEP_S = 10;
/** Pressures below this make no sound worth hearing, kPa. */
const OPEN_KPA = 1;

export type StandIn = NonNullable<Cook['standIn']>;

/** True state of a practice pot and its foods. */
export function truthOf(cook: Pick<Cook, 'batch' | 'pot' | 'kitchen'>, standIn: StandIn): Unknowns {
  const items = toDraw(cook.batch, cook.kitchen);
  const drawn = drawUnknowns(cook.pot, items, seeded(standIn.seed));
  return {
    ...drawn,
    power: standIn.power ?? drawn.power,
    items: Object.fromEntries(
      Object.entries(drawn.items).map(([id, item]) => [
        id,
        { ...item, need: standIn.needs?.[id] ?? item.need },
      ]),
    ),
  };
}

/** State of a practice pot at a moment, for its face and for the moves it allows. */
export interface Face {
  readonly liquidC: number;
  readonly gaugeKPa: number;
  readonly pinUp: boolean;
  /** Whether its lid is locked. */
  readonly shut: boolean;
  readonly doing: 'off' | 'heating' | 'holding' | 'cooling' | 'letting off';
  /** Place where steam leaks. */
  readonly plume: 'valve' | 'lid' | null;
  /** It spits foam as it lets off. */
  readonly spits: boolean;
  /** Min left of its own countdown; null where none runs. */
  readonly leftMin: number | null;
  /** It ran dry, and has switched itself off. */
  readonly scorched: boolean;
}

/**
 * @param untilS where it is cut; at the end of the plan where it is missing
 * @param byPlan whether hands go on by the plan from now on
 * @example truthAt(cook, standIn, 600).heat.trace.liquidC[0] // 24.05
 */
export function truthAt(
  cook: Cook,
  standIn: StandIn,
  nowS: number,
  untilS?: number,
  byPlan = false,
): Model {
  return modelOf(ownTruth(cook, standIn, nowS), nowS, untilS, byPlan);
}

function modelOf(
  { own, unknowns, spells }: OwnTruth,
  nowS: number,
  untilS?: number,
  byPlan = false,
): Model {
  // Only what hands did: the pot does not know what was seen of it.
  const course = courseOf(own, nowS, false, byPlan);
  return runCourse(own, course, unknowns, STEP_S, untilS, spells);
}

type OwnTruth = ReturnType<typeof ownTruth>;

/** True state of the pot, with its mishaps. */
function ownTruth(cook: Cook, standIn: StandIn, nowS: number) {
  const { batch, kitchen } = cook;
  const usual = { batch, kitchen, unknowns: truthOf(cook, standIn), spells: [] };
  const truth = befallen(usual, cook, nowS, standIn.mishaps);
  return { ...truth, own: { ...cook, batch: truth.batch, kitchen: truth.kitchen } };
}

function faceOf(
  { heat, plan }: Model,
  nowS: number,
  cook: Cook,
  standIn: StandIn,
  all: readonly Spell[],
): Face {
  const { place, liquidC } = heat.end;
  const step = plan.steps[place.step];
  const now = place.now;
  const under = step?.kind === 'pressure' && place.leg !== null;
  const gaugeKPa = under ? (heat.trace.gaugeKPa.at(-1) ?? 0) : 0;
  const { leg } = place;
  const scorched = heat.steps.some((s) => s.scorchedS !== null) || now?.scorchedS != null;
  const heated = step?.kind === 'saute' || step?.kind === 'simmer';
  const doing = under
    ? leg === 'hold'
      ? 'holding'
      : leg === 'shut'
        ? 'cooling'
        : leg === 'let off'
          ? 'letting off'
          : 'heating'
    : heated && leg !== null
      ? 'heating'
      : 'off';
  const holds = under && leg === 'hold' && step.kind === 'pressure';
  const spells = all.filter((spell) => spell.fromS <= nowS && spell.untilS > nowS);
  const out = spells.some((spell) => spell.power === 0);
  const steams = leg === 'seal' && spells.some((spell) => spell.vents);
  const atValve = standIn.mishaps?.includes('valve-open') ?? false;
  return {
    liquidC,
    gaugeKPa,
    pinUp: under && now?.pinS != null && (gaugeKPa > OPEN_KPA || leg === 'to pressure'),
    shut: under || (step?.id.endsWith(':shut') ?? false),
    doing: scorched || (out && heats(doing)) ? 'off' : doing,
    plume: steams ? (atValve && putRightS(cook, 'valve', nowS) > nowS ? 'valve' : 'lid') : null,
    spits: doing === 'letting off' && (standIn.mishaps?.includes('foam') ?? false),
    leftMin: holds ? Math.max(0, step.holdMin - (nowS - place.beganS) / 60) : null,
    scorched,
  };
}

const heats = (doing: Face['doing']): boolean => doing === 'heating' || doing === 'holding';

/** Its messages so far, in the order of time. */
function messagesOf(
  model: Model,
  cook: Cook,
  standIn: StandIn,
  nowS: number,
  spells: readonly Spell[],
): readonly Message[] {
  const start = Date.parse(cook.startedAt);
  const said: { s: number; message: Omit<Message, 'at' | 'pot'> }[] = [];
  model.plan.steps.forEach((step, i) => {
    if (step.kind !== 'pressure') return;
    const r = resultAt(model, i);
    if (!r) return;
    if (r.pinS !== null) said.push({ s: r.pinS, message: { kind: 'pin-up' } });
    const hotS = hotSOf(r);
    if (hotS !== null) said.push({ s: hotS, message: { kind: 'countdown' } });
    if (r.scorchedS !== null) said.push({ s: r.scorchedS, message: { kind: 'fault', value: 1 } });
    const over = model.heat.steps[i];
    if (over?.reached) said.push({ s: over.endS, message: { kind: 'pin-down' } });
  });
  // The pot notices a stuck bottom by itself.
  const stuck = spells.find((spell) => spell.power === 0);
  if (stuck && stuck.fromS <= nowS && standIn.mishaps?.includes('bottom'))
    said.push({ s: stuck.fromS, message: { kind: 'fault', value: 1 } });
  const { s, liquidC } = model.heat.trace;
  const chance = seeded(standIn.seed ^ 0x7e3a);
  const endS = s.length > 0 ? lastOf(s) : 0;
  for (let at = READ_S; at <= endS; at += READ_S) {
    const before = between(s, liquidC, Math.max(0, at - READ_S));
    const now = between(s, liquidC, at);
    // A lag of the first order behind what changes evenly between two readings.
    const shown = now - (now - before) * (THERMOMETER_S / READ_S);
    const value = Number((shown + NOISE_C * chance.normal()).toFixed(1));
    said.push({ s: at, message: { kind: 'temperature', value } });
  }
  return said
    .sort((a, b) => a.s - b.s)
    .map(({ s: at, message }) => ({
      at: new Date(start + at * 1000).toISOString(),
      pot: cook.pot.id,
      ...message,
    }));
}

export interface StandInNow {
  readonly face: Face;
  readonly messages: readonly Message[];
  /** Grade of each food if it were tried now. */
  readonly grades: Readonly<Record<string, GradeName>>;
}

function gradesNow({ plan, cooks }: Model): Readonly<Record<string, GradeName>> {
  return Object.fromEntries(
    plan.items.flatMap(({ id }) => {
      const cook = cooks[id];
      if (!cook?.scale || cook.centre.length === 0) return [];
      const at = gradeAt(cook.scale, lastOf(cook.centre), lastOf(cook.surface));
      const name = gradesOf(cook.scale.family)[at];
      return name ? [[id, name] as const] : [];
    }),
  );
}

/**
 * The practice pot of a cook at a moment.
 *
 * @param nowS s from the start of the cook
 * @throws RangeError for a food that is not in the table
 * @example standInAt(cook, standIn, 600).face.pinUp // false
 */
export function standInAt(cook: Cook, standIn: StandIn, nowS: number): StandInNow {
  const atS = Math.max(1, nowS);
  const truth = ownTruth(cook, standIn, atS);
  const model = modelOf(truth, atS, atS);
  return {
    face: faceOf(model, atS, cook, standIn, truth.spells),
    messages: messagesOf(model, cook, standIn, atS, truth.spells),
    grades: gradesNow(model),
  };
}

/** When a step is over if hands do what is planned from now on, s from the start. */
export function endsOnStandIn(cook: Cook, standIn: StandIn, nowS: number, step: string): number {
  const { plan, heat } = truthAt(cook, standIn, nowS);
  return heat.steps[plan.steps.findIndex((s) => s.id === step)]?.endS ?? nowS;
}
