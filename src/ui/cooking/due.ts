/** What the cook is called for, and what may be marked beside the next thing. */
import { FAULTS, type Cook, type Mark, type MarkKind } from '@/core/batch/schema';
import type { Units } from '@/core/quantity';
import { FAULT_WORDS, firstOpened, type Stage, type Standing, timelineOf } from '@/core/cook';
import { wordsOf } from '@/core/timetable';

/** Longer than foretold by this share, and these minutes, it is worth a look. */
const LATE_SHARE = 0.2;
const LATE_MIN = 2;

export interface Due {
  readonly id: string;
  readonly words: string;
}

/** What is due at a stage; null where nothing is. Each is called once, by its id. */
export function dueOf(stage: Stage | undefined, at: Standing, units: Units): Due | null {
  if (!stage) return { id: 'table', words: 'To the table' };
  const { title } = wordsOf(stage, units);
  if (stage.presumed) return { id: `${stage.id}:presumed`, words: title };
  const late = -at.leftMin > Math.max(LATE_MIN, LATE_SHARE * stage.expectMin);
  switch (stage.kind) {
    case 'valve':
      return { id: stage.id, words: title };
    case 'pin':
      return { id: stage.id, words: `The hold is over. ${title}` };
    case 'warm-up':
      return late ? { id: `${stage.id}:late`, words: 'Not at pressure yet: have a look' } : null;
    case 'do':
      return at.leftMin < 0 && stage.expectMin > 0
        ? { id: `${stage.id}:over`, words: `${title}: time is up` }
        : null;
    case 'load':
    case 'hold':
    case 'wait':
    case 'lid':
      return null;
  }
}

export type MoreMark = readonly [kind: MarkKind, words: string, fault?: Mark['fault']];

/** What else may be marked at a stage, beside its own. */
export function moreMarksOf(stage: Stage, cook: Cook): readonly MoreMark[] {
  const step = timelineOf(cook).steps.find(({ id }) => id === stage.step);
  const opened = step && firstOpened(step);
  const marks: MoreMark[] = [];
  if (stage.kind === 'warm-up' && !step?.pin) marks.push(['pin-up', 'Pin up']);
  if ((stage.kind === 'hold' || stage.kind === 'wait') && !step?.hot)
    marks.push(['at-pressure', 'At pressure only now']);
  if (cook.pot.kind === 'stovetop' && (stage.kind === 'warm-up' || stage.kind === 'hold'))
    marks.push(['heat-down', 'Heat turned down']);
  if (stage.kind === 'pin' && opened) marks.push(['valve-closed', 'It spits: closed again']);
  if (stage.kind === 'pin' || stage.kind === 'valve') marks.push(['lid-off', 'Lid off already']);
  marks.push(['scorch', 'Smells of scorching']);
  if (stage.kind === 'warm-up')
    marks.push(...FAULTS.map((fault) => ['put-right', FAULT_WORDS[fault], fault] as const));
  return marks;
}
