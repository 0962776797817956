/** Turns dangers into calls: the guard judges, the model supplies remedies. */
import { potKindOf } from '../../vocabulary';
import { ruleWords, type Danger, type HazardKey } from '../../guard';
import type { ItemReport } from '../../model';
import type { FindingCode } from '../findingCodes';
import type { NumberName } from '../numberNames';
import type { Finding, Remedy } from '../types';
import { type Context, type Judge } from './context';
import { lowerTo } from './fill';
import { calmer } from './pot';
import { longer, surer } from './remedies';

type Answer = (context: Context, danger: Danger) => readonly Remedy[];

const none: Answer = () => [];
const itemOf = ({ items }: Context, { item }: Danger): ItemReport | undefined =>
  items.find(({ id }) => id === item);
const cookOn: Answer = (context, danger) => {
  const item = itemOf(context, danger);
  if (!item) return [];
  // Foods that are hot enough as planned can fall short in some draws: finer time steps decide.
  return [...longer(context, item), ...surer(context, item)];
};
/** Minutes in the open pot of what waits until the lid is off. */
const STIRRED_MIN = 3;
const afterwards: Answer = (_, { item }) =>
  item === undefined
    ? []
    : [{ do: 'put-in-after', item, minutes: STIRRED_MIN, label: 'Stir it in after opening' }];
const keepWarm: Answer = ({ model }, { step }) => {
  const rest = model.plan.steps.find(({ id, kind }) => id === step && kind === 'rest');
  return rest && potKindOf(model.pot.kind).keepsWarm
    ? [{ do: 'keep-warm', step: rest.id, label: 'Leave the pot on: it keeps warm' }]
    : [];
};

interface Call {
  readonly code: FindingCode | ((context: Context, danger: Danger) => FindingCode);
  readonly remedies: Answer;
}

const isDairy = ({ model }: Context, { item }: Danger): boolean =>
  model.plan.items.find(({ id }) => id === item)?.food.group === 'dairy';

/** The call of each hazard that a plan can have. */
const CALLS: Readonly<Partial<Record<HazardKey, Call>>> = {
  plants: { code: 'poisonous-plant', remedies: none },
  lectin: { code: 'kidney-bean-toxin', remedies: cookOn },
  centre: {
    code: (_, { rule }) => (rule === 'poultry' ? 'poultry-not-safe' : 'meat-not-safe'),
    remedies: cookOn,
  },
  reheating: { code: 'not-reheated', remedies: cookOn },
  'standing-raw': { code: 'standing-raw', remedies: none },
  cooling: { code: 'slow-cooling', remedies: keepWarm },
  toxin: {
    code: (_, { item }) => (item === undefined ? 'slow-cooling' : 'lost-food'),
    remedies: keepWarm,
  },
  days: { code: 'past-its-day', remedies: none },
  valve: {
    code: 'spray-risk',
    remedies: (context, { step }) => (step === undefined ? [] : calmer(context, step)),
  },
  fill: {
    code: ({ filled }) => (filled.report.foams ? 'over-foam-line' : 'over-max-fill'),
    remedies: (context) => [lowerTo(context)],
  },
  fat: { code: 'too-much-fat', remedies: none },
  spirits: { code: 'spirits', remedies: none },
  fizzy: { code: 'fizzy', remedies: none },
  lid: {
    code: (context, danger) => (isDairy(context, danger) ? 'dairy-under-pressure' : 'scorch-risk'),
    remedies: afterwards,
  },
  thermometer: { code: 'thermometer', remedies: none },
};

export const dangers: Judge = (context) =>
  context.dangers.flatMap((danger): Finding[] => {
    const call = CALLS[danger.hazard];
    if (!call || danger.level === 'none') return [];
    const { level, title, message, rule, numbers = {}, item, step } = danger;
    return [
      {
        code: typeof call.code === 'function' ? call.code(context, danger) : call.code,
        level,
        title,
        message,
        why: ruleWords(rule),
        numbers: numbers as Readonly<Partial<Record<NumberName, number>>>,
        remedies: call.remedies(context, danger),
        ...(item !== undefined && { item }),
        ...(step !== undefined && { step }),
      },
    ];
  });
