/** Words for proposals, choices and marks at the stove. */
import { nameOf } from '@/core/cook';
import type { Batch } from '@/core/batch/schema';
import type { Cost, Option, Proposal } from '@/core/live';
import { timeOf } from '@/session/clockText';

const TENTHS = 10;

/** @example inTen(0.83) // "8 in 10" */
export function inTen(share: number): string {
  return `${Math.round(share * TENTHS)} in ${TENTHS}`;
}

const clockAt = (start: number, s: number): string => timeOf(start + s * 1000);

/** Purpose, benefit and cost of a proposal. */
export function proposalWords(
  { option, asPlanned, why, items }: Proposal,
  batch: Batch,
  start: number,
): string {
  const table = `Ready at ${clockAt(start, option.tableS)} instead of ${clockAt(start, asPlanned.tableS)}.`;
  if (why === 'late') return `It is late. Everything still comes out as wanted. ${table}`;
  const told = items.map((id) => {
    const now = asPlanned.verdicts[id]?.right ?? 0;
    const then = option.verdicts[id]?.right ?? 0;
    return `${nameOf(batch, id)} would be ${why}: right ${inTen(now)} as planned, ${inTen(then)} so.`;
  });
  return [...told, table].join(' ');
}

/** Effect of a choice on each food that is to be eaten, the table first. */
export function choiceLines(option: Option, batch: Batch, start: number): readonly string[] {
  const foods = batch.items.flatMap((item) => {
    const v = option.verdicts[item.id];
    if (!v || v.right > 0.95) return [];
    const most = v.under > v.over ? 'short' : 'over';
    return [`${nameOf(batch, item.id)}: right ${inTen(v.right)}, else ${most}`];
  });
  return [
    `Ready at ${clockAt(start, option.tableS)}`,
    ...(foods.length > 0 ? foods : ['Everything as wanted']),
  ];
}

/** Cost of each minute, in words; null for none. */
export function costWords({ tableMin, items }: Cost, batch: Batch): string | null {
  const foods = items.map(
    ({ id, lost }) =>
      `${nameOf(batch, id)} comes out right ${Math.round(100 * lost)} in 100 less often`,
  );
  const late = tableMin > 0.5 ? ['delays the meal by a minute'] : [];
  const costs = [...late, ...foods];
  return costs.length > 0 ? `If you wait: every minute ${costs.join(', ')}.` : null;
}
