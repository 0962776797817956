/** Calls for the cook, and marks offered beside the next one. */
import { potKindOf } from '@/core/vocabulary';
import { FAULTS, type Cook, type Mark, type MarkKind } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { FAULT_WORDS, firstOpened, type Stage, type Standing, timelineOf } from '@/core/cook';
import { wordsOf } from '@/core/timetable';

/** Longer than predicted by this share, and these minutes, it is worth a look. */
const LATE_SHARE = 0.2;
const LATE_MIN = 2;

export interface Due {
  readonly id: string;
  readonly words: string;
  readonly caution: string | null;
}

/** Whether a stage takes so much longer than predicted that it is worth a look. */
export function isLate(stage: Stage, at: Standing): boolean {
  return -at.leftMin > Math.max(LATE_MIN, LATE_SHARE * stage.expectMin);
}

/** Call due at a stage; null for none. Each is called by its id. */
export function dueOf(stage: Stage | undefined, at: Standing, units: Units): Due | null {
  if (!stage) return { id: 'table', words: 'Serve', caution: null };
  const { title, caution } = wordsOf(stage, units);
  const due = (words: string, of = ''): Due => ({ id: `${stage.id}${of}`, words, caution });
  if (stage.presumed) return due(title, ':presumed');
  switch (stage.kind) {
    case 'valve':
      return due(title);
    case 'pin':
      return due(`The hold is over. ${title}`);
    case 'warm-up':
      return isLate(stage, at) ? due('Not at pressure yet: have a look', ':late') : null;
    case 'hold':
      return stage.mark !== null && at.leftMin <= 0 ? due('Heat off', ':over') : null;
    case 'do':
      return at.leftMin < 0 && stage.expectMin > 0 ? due(`${title}: time is up`, ':over') : null;
    case 'load':
      return stage.expectMin > 0 && at.leftMin <= 0 ? due('Time to start', ':start') : null;
    case 'wait':
    case 'lid':
      return null;
  }
}

export type MoreMark = readonly [kind: MarkKind, words: string, fault?: Mark['fault']];

/** Further marks at a stage, beside its own. */
export function moreMarksOf(stage: Stage, cook: Cook): readonly MoreMark[] {
  const step = timelineOf(cook).steps.find(({ id }) => id === stage.step);
  const opened = step && firstOpened(step);
  const marks: MoreMark[] = [];
  if (stage.kind === 'warm-up' && !step?.pin) marks.push(['pin-up', 'Pin up']);
  if ((stage.kind === 'hold' || stage.kind === 'wait') && !step?.hot)
    marks.push(['at-pressure', 'At pressure only now']);
  if (potKindOf(cook.pot.kind).hasFlame && (stage.kind === 'warm-up' || stage.kind === 'hold'))
    marks.push(['heat-down', 'Heat turned down']);
  if (stage.kind === 'pin' && opened) marks.push(['valve-closed', 'It spits: closed again']);
  if (stage.kind === 'pin' || stage.kind === 'valve') marks.push(['lid-off', 'Lid off already']);
  marks.push(['scorch', 'Smells of scorching']);
  if (stage.kind === 'warm-up')
    marks.push(...FAULTS.map((fault) => ['put-right', FAULT_WORDS[fault], fault] as const));
  return marks;
}
