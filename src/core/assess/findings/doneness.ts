/** Judgements on texture: what comes out against what is wanted of it. */
import { timesInTen } from '../../guard';
import { does, gradeIndex, gradesOf, type GradeName } from '../../food';
import { formatMinutes } from '../../quantity';
import type { Finding } from '../types';
import type { ItemReport } from '../../model';
import { LIKELY, type Context, type Judge } from './context';
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

/** How often, where that is an open question. */
function odds({ draws }: Context, item: ItemReport, verdict: 'under' | 'over'): string | null {
  const chance = draws?.verdicts[item.id]?.[verdict];
  return chance === undefined || chance > 0.95 ? null : timesInTen(chance);
}

/** The grade it most often comes to where it is not as wanted; as reckoned while nothing is drawn. */
function gradeIn({ draws }: Context, item: ItemReport, verdict: 'under' | 'over'): string {
  const { family, wish } = item;
  if (!family || !wish) return verdict;
  const edge = gradeIndex(family, verdict === 'under' ? wish.from : wish.to);
  const wrong = gradesOf(family).filter((_, i) => (verdict === 'under' ? i < edge : i > edge));
  const often = (grade: GradeName): number => draws?.grades[item.id]?.[grade] ?? 0;
  const [most] = [...wrong].sort((a, b) => often(b) - often(a));
  if (draws && most) return most;
  return item.grade ?? verdict;
}

const WHY =
  'Grades by the cook value of its middle and by how firm it still is (fitted to common times); you set what is right on its lane.';

export const undercooked: Judge = (context) =>
  context.items
    .filter((item) => !neverCooks(context) && isLikely(context, item, 'under'))
    .map((item): Finding => {
      const need = item.needMin ?? 1;
      const often = odds(context, item, 'under');
      const share = Math.min(99, Math.round((100 * item.hadMin) / need));
      return {
        code: 'undercooked',
        level: 'warn',
        title: `${does(item.name, 'stays', 'stay')} ${gradeIn(context, item, 'under')}`,
        message: `You want it ${item.wish?.from ?? 'done'}; ${often ? `${often} ` : ''}it is not. It gets ${share} % of the cooking that takes.`,
        why: WHY,
        numbers: { cookValueMin: item.hadMin, needMin: need },
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
      const often = odds(context, item, 'over');
      const most = item.wish?.to ?? 'done';
      const early = end / 60 - (item.overMin ?? end / 60);
      return {
        code: 'overcooked',
        level: 'warn',
        title: `${does(item.name, 'comes', 'come')} out ${gradeIn(context, item, 'over')}`,
        message: often
          ? `You want it ${most} at the most; ${often} it goes past that.`
          : `You want it ${most} at the most; it is past that ${formatMinutes(Math.max(1, early))} before it is out.`,
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
