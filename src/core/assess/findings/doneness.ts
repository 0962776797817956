/** Judgements on texture: what comes out against what is wanted of it. */
import { formatMinutes } from '../../quantity';
import type { Finding, ItemReport } from '../types';
import { capital, LIKELY, type Context, type Judge } from './context';
import { after, apart, calledRight, late, longer, shorter, smaller, sooner } from './remedies';

/** A pot that never comes to pressure has one thing the matter, not one an ingredient. */
function neverCooks({ model }: Context): boolean {
  return model.heat.steps.some((step) => !step.reached);
}

/** Whether a verdict is more likely than not; as reckoned while nothing has been drawn. */
function isLikely({ draws }: Context, item: ItemReport, verdict: 'under' | 'over'): boolean {
  const chance = draws?.verdicts[item.id]?.[verdict];
  return chance === undefined ? item.verdict === verdict : chance > LIKELY;
}

function odds({ draws }: Context, item: ItemReport, verdict: 'under' | 'over'): string {
  const chance = draws?.verdicts[item.id]?.[verdict];
  return chance === undefined || chance > 0.95 ? '' : `, ${Math.round(10 * chance)} times in 10`;
}

const WHY =
  'Grades by the cook value of its middle and by how firm it still is (fitted to common times); what is right is what you want of it, on the lane.';

export const undercooked: Judge = (context) =>
  context.items
    .filter((item) => !neverCooks(context) && isLikely(context, item, 'under'))
    .map((item): Finding => {
      const need = item.needMin ?? 1;
      const share = Math.min(99, Math.round((100 * item.cookValueCentreMin) / need));
      return {
        code: 'undercooked',
        level: 'warn',
        title: `${capital(item.name)} stays ${item.grade ?? 'underdone'}`,
        message: `You want it ${item.wish?.from ?? 'done'}${odds(context, item, 'under')} it is not: its middle gets ${share} % of what that takes.`,
        why: WHY,
        numbers: { cookValueMin: item.cookValueCentreMin, needMin: need },
        item: item.id,
        remedies: [
          ...longer(context, item),
          ...smaller(context, item),
          ...calledRight(context, item),
        ],
      };
    });

/** Families that soups are content to see spent: past soft is a word on the lane, no call. */
const SPENT: ReadonlySet<string> = new Set(['vegetable', 'aromatic']);

/** Whether the cook has said what is wanted of it; the trade's habit does not raise a call. */
function isAsked({ model }: Context, item: ItemReport): boolean {
  const source = model.plan.batch.items.find((i) => i.id === item.id);
  return source?.wish !== undefined;
}

export const overcooked: Judge = (context) =>
  context.items
    .filter((item) => isLikely(context, item, 'over'))
    .filter((item) => isAsked(context, item) || !isSpent(item))
    .map((item): Finding => {
      const end = context.model.heat.steps.at(-1)?.endS ?? 0;
      const early = end / 60 - (item.overMin ?? end / 60);
      return {
        code: 'overcooked',
        level: 'warn',
        title: `${capital(item.name)} comes out ${item.grade ?? 'overdone'}`,
        message: `You want it ${item.wish?.to ?? 'done'} at the most; it is past that ${formatMinutes(Math.max(1, early))} before it is out${odds(context, item, 'over')}.`,
        why: WHY,
        numbers: {
          cookValueMin: item.cookValueSurfaceMin,
          limitMin: item.limitMin ?? 0,
          earlyMin: early,
        },
        item: item.id,
        remedies: [
          ...sooner(context, item),
          ...after(context, item),
          ...late(context, item),
          ...shorter(context, item),
          ...apart(context, item),
          ...calledRight(context, item),
        ],
      };
    });

/** A soft vegetable that has fallen apart is spent for flavour, unless nobody wants it soft at all. */
function isSpent(item: ItemReport): boolean {
  return SPENT.has(item.family ?? '') && item.wish?.to === 'soft';
}
