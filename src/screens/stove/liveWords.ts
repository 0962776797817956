/** What is proposed, chosen and marked at the stove, in words. */
import { foodOf } from '@/core/batch/plan';
import type { Batch, Mark } from '@/core/batch/schema';
import type { Cost, Option, Proposal } from '@/core/live';
import { formatLevel, formatMinutes, formatTemperature, type Units } from '@/core/quantity';
import { timeOf } from '@/session/clockText';
import { FAULT_WORDS } from '@/ui/cooking/due';

const TENTHS = 10;

/** @example inTen(0.83) // "8 in 10" */
export function inTen(share: number): string {
  return `${Math.round(share * TENTHS)} in ${TENTHS}`;
}

export function nameOf(batch: Batch, id: string): string {
  const item = batch.items.find((i) => i.id === id);
  if (item) return foodOf(item)?.name ?? item.food;
  return batch.alongside?.find((task) => task.id === id)?.words ?? id;
}

const clockAt = (start: number, s: number): string => timeOf(start + s * 1000);

/** @param plannedMin the hold as it is planned */
export function moveTitle(option: Option, plannedMin: number): string {
  const { minutes = 0 } = option;
  switch (option.change) {
    case 'hold':
      return minutes >= plannedMin
        ? `Hold ${formatMinutes(minutes - plannedMin)} more`
        : `Hold ${formatMinutes(plannedMin - minutes)} less`;
    case 'release-now':
      return 'Open the valve now';
    case 'close-again':
      return `Close again, ${formatMinutes(minutes)} under pressure`;
    case 'simmer-on':
      return `Simmer on, open, ${formatMinutes(minutes)}`;
    case 'as-it-is':
      return 'Leave it as it is';
  }
}

/** What a proposal is for, what it gives, and what it costs. */
export function proposalWords(
  { option, asPlanned, why, items }: Proposal,
  batch: Batch,
  start: number,
): string {
  const table = `On the table ${clockAt(start, option.tableS)} instead of ${clockAt(start, asPlanned.tableS)}.`;
  if (why === 'late') return `It is late. Everything still comes out as wanted. ${table}`;
  const told = items.map((id) => {
    const now = asPlanned.verdicts[id]?.right ?? 0;
    const then = option.verdicts[id]?.right ?? 0;
    return `${nameOf(batch, id)} would be ${why}: right ${inTen(now)} as planned, ${inTen(then)} so.`;
  });
  return [...told, table].join(' ');
}

/** What a choice does to each food that is to be eaten, the table first. */
export function choiceLines(option: Option, batch: Batch, start: number): readonly string[] {
  const foods = batch.items.flatMap((item) => {
    const v = option.verdicts[item.id];
    if (!v || v.right > 0.95) return [];
    const most = v.under > v.over ? 'short' : 'over';
    return [`${nameOf(batch, item.id)}: right ${inTen(v.right)}, else ${most}`];
  });
  return [
    `On the table ${clockAt(start, option.tableS)}`,
    ...(foods.length > 0 ? foods : ['Everything as wanted']),
  ];
}

/** What every minute costs, in words; null where it costs nothing. */
export function costWords({ tableMin, items }: Cost, batch: Batch): string | null {
  const foods = items.map(
    ({ id, lost }) =>
      `${nameOf(batch, id)} comes out right ${Math.round(100 * lost)} in 100 less often`,
  );
  const late = tableMin > 0.5 ? ['the table is a minute later'] : [];
  const costs = [...late, ...foods];
  return costs.length > 0 ? `Left undone: with every minute ${costs.join(', ')}.` : null;
}

const MARK_NAMES = {
  started: 'Started',
  'lid-locked': 'Lid locked',
  'pin-up': 'Pin up',
  'at-pressure': 'At pressure',
  'hold-over': 'Hold ended',
  'valve-opened': 'Valve opened',
  'valve-closed': 'Valve closed again',
  'pin-down': 'Pin down',
  'lid-off': 'Lid off',
  'step-done': 'Done',
  ticked: 'In',
  'left-out': 'Left out',
  'task-begun': 'Begun',
  'task-done': 'Ready',
  tested: 'Tried',
  temperature: 'Thermometer',
  level: 'Level',
  scorch: 'Smells of scorching',
  'heat-down': 'Heat turned down',
  'put-right': 'Put right',
  changed: 'Plan changed',
  declined: 'Left as planned',
  done: 'To the table',
} as const satisfies Record<Mark['kind'], string>;

/** A mark, as a line of the list of marks. */
export function markWords(mark: Mark, batch: Batch, units: Units): string {
  const what = [
    mark.item && nameOf(batch, mark.item),
    mark.grade,
    mark.fault && FAULT_WORDS[mark.fault],
    mark.kind === 'temperature' && formatTemperature(mark.value ?? 0, units),
    mark.kind === 'level' && formatLevel(mark.value ?? 0, units),
    mark.kind === 'changed' &&
      mark.change &&
      moveTitle(
        {
          change: mark.change,
          step: '',
          tableS: 0,
          verdicts: {},
          ...(mark.value !== undefined && { minutes: mark.value }),
        },
        0,
      ),
  ].filter(Boolean);
  return [MARK_NAMES[mark.kind], ...what].join(': ');
}
