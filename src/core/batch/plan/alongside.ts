/**
 * Tasks beside the pot for the same table: rice in its own pan, bones in the oven, noodles to soak,
 * croutons to bake. In the cook's own words; read from one line and written back to it.
 */
import { durationsInFigures, formatTemperature, type Units } from '../../quantity';
import { stepsOf } from './complete';
import { changed } from './defined';
import type { Batch, Task } from '../schema/types';

export type NewTask = Omit<Task, 'id'>;
export type Anchor = NonNullable<Task['ready']>;

/** Said at the beginning of a line, it makes anything a task. */
const SAID = /^\s*alongside\s*[:,]\s*/i;
/** How sentences of recipes begin that tell of something beside the pot. */
const MEANWHILE =
  /^\s*(?:meanwhile|in the meantime|at the same time|while (?:it|that|they|the \w+)[^,]{0,40})\s*,?\s*/i;
/** Done in the pot, while something else happens. */
const IN_THE_POT =
  /\bsaut[ée] (?:function|mode|setting|button)\b|\b(?:in|into) the (?:inner |pressure[- ])?(?:pot|cooker)\b/i;
/** Away from the pot, whatever else the line is. */
const AWAY =
  /\b(?:apart|alongside|separately|on the side|in (?:its|their) own (?:pan|pot)|in (?:another|a separate|a second) (?:pan|pot))\b/i;
/** Away from the pot too, where the line does not begin with an amount, as an ingredient does. */
const ELSEWHERE =
  /\b(?:in (?:the|a|an)(?: (?:hot|low))? oven|under the grill|in (?:a|the) (?:frying |sauce)?pan|rice cooker|to (?:soak|bake|roast|toast|fry|rest|rise|chill)|(?:^|\s)(?:bake|roast|toast|fry|soak)(?:ed)?\b)/i;

/** Of the pot after all, or of how an ingredient was readied. */
const OF_THE_POT =
  /\b(?:pressure|pot|cooker|lid|valve|simmer\w*|soaked|marinated|steeped|rested|cooked|release\w*|psi|whistles?)\b/i;

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const SPAN = String.raw`(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?))?`;
const HOURS = new RegExp(String.raw`${NUMBER}${SPAN}\s*(?:h|hrs?|hours?)\b`, 'i');
const MINUTES = new RegExp(String.raw`${NUMBER}${SPAN}\s*(?:min|mins|minutes?)\b`, 'i');
const OVEN =
  /(?:\bat\s+(\d{2,3})\s*(?:°\s*|degrees\s+)?|\b(\d{2,3})\s*(?:°\s*|degrees\s+))(c|f)(?:elsius|ahrenheit)?\b/i;
const ATTENDED = /\b(?:attended|stirr(?:ed|ing)(?: all the time)?|by hand|watch(?:ed| it))\b/i;

const NTHS = ['first', 'second', 'third', 'fourth', 'fifth'] as const;
const READY =
  /\b(?:to be\s+)?ready\s+(?:at|for|by|with|before)\s+(?:the\s+)?(?:(first|second|third|fourth|fifth)\s+)?(table|lid(?:\s+on)?|opening)\b/i;

/** Longest task of a cook, min. */
const MOST_MIN = 2880;
const LONGEST_WORDS = 200;
const COLDEST_OVEN_C = 40;
const HOTTEST_OVEN_C = 300;
const LEFT_OVER = /\b(?:for|about|until done|over|at|in)\s*(?=[,.]|$)|^[\s,.;:-]+|[\s,.;:-]+$/gi;

const number = (text: string | undefined): number => Number((text ?? '').replace(',', '.'));

/** "3 min each, 6 of them", "3 min a side": how often it is done. */
const EACH =
  /\b(?:each|apiece)\b[\s,;]*(?:for )?(\d+)(?: of (?:them|those))?|\b(\d+) of (?:them|those)\b[\s,;]*(?=.*\beach\b)/i;
const SIDES = /\b(?:(?:on )?each|per|a) side\b|\bon both sides\b/i;
/** "15 min + 5 min rest" is twenty. */
const AND_MORE = /(?:\+|\bplus\b|\bthen\b|\band\b)\s*(\d+(?:[.,]\d+)?)\s*min\w*/i;

/** "4 flatbreads, 2 min each": so many, one after the other. */
const SO_MANY =
  /^\s*(\d+)\s+(\p{L}[\p{L} -]*?),?\s+(\d+(?:[.,]\d+)?)\s*min\w*\s+(?:each|apiece)\W*$/iu;

/** A line of several things as what it takes in all. */
function inAll(line: string): string {
  const [, count = '1', what = '', each = '0'] = SO_MANY.exec(line) ?? [];
  return what ? `${what}, ${Number(count) * number(each)} min` : line;
}

/** The longer end of a span: a dish that waits a moment does no harm. */
function lasts(said: string): { readonly minutes: number; readonly rest: string } | null {
  let rest = durationsInFigures(said);
  let minutes = 0;
  const more = AND_MORE.exec(rest);
  if (more && /\bmin\w*\b/i.test(rest.slice(0, more.index))) {
    minutes += number(more[1]);
    rest = rest.replace(more[0], ' ');
  }
  const each = EACH.exec(rest);
  const times = each ? number(each[1] ?? each[2]) : SIDES.test(rest) ? 2 : 1;
  if (each) rest = rest.replace(each[0], ' ');
  for (const [pattern, unit] of [
    [HOURS, 60],
    [MINUTES, 1],
  ] as const) {
    const found = pattern.exec(rest);
    if (!found) continue;
    minutes += unit * number(found[2] ?? found[1]);
    rest = rest.replace(found[0], ' ');
  }
  return minutes > 0 ? { minutes: minutes * Math.max(1, times), rest } : null;
}

function ovenIn(text: string): { readonly ovenC?: number; readonly rest: string } {
  const found = OVEN.exec(text);
  if (!found) return { rest: text };
  const said = number(found[1] ?? found[2]);
  const ovenC = found[3]?.toLowerCase() === 'f' ? Number(((said - 32) / 1.8).toFixed(1)) : said;
  if (ovenC < COLDEST_OVEN_C || ovenC > HOTTEST_OVEN_C) return { rest: text };
  return { ovenC, rest: text.replace(found[0], ' ') };
}

/** A task for the pot is ready for its lid, a soak for its opening, all else for the table. */
function usualAnchor(text: string): Anchor {
  if (/\bbones?\b|\bfor the stock\b/i.test(text)) return 'lid';
  if (/\bsoak/i.test(text)) return 'opening';
  return 'table';
}

function readyIn(text: string): {
  readonly ready: Anchor;
  readonly nth?: number;
  readonly rest: string;
} {
  const found = READY.exec(text);
  if (!found) return { ready: usualAnchor(text), rest: text };
  const what = found[2]?.toLowerCase() ?? '';
  const ready = what.startsWith('lid') ? 'lid' : what === 'opening' ? 'opening' : 'table';
  const nth = NTHS.findIndex((word) => word === found[1]?.toLowerCase()) + 1;
  return {
    ready,
    ...(nth > 1 && ready !== 'table' && { nth }),
    rest: text.replace(found[0], ' '),
  };
}

function tidied(text: string): string {
  let words = text.replace(/\(\s*\)/g, ' ').replace(/\s+/g, ' ');
  for (let before = ''; before !== words;) {
    before = words;
    words = words
      .replace(LEFT_OVER, ' ')
      .replace(/\s+([,.])/g, '$1')
      .replace(/([,.])(?:\s*[,.])+/g, '$1')
      .replace(/\s+/g, ' ')
      .trim();
  }
  return words.slice(0, LONGEST_WORDS);
}

/**
 * Reads what is done beside the pot.
 *
 * @returns null for another line: nothing in it is cooked apart, or it gives no minutes
 * @example readTask('rye croutons in the oven, 8 min at 200 C, ready at the table')?.ovenC // 200
 */
export function readTask(text: string): NewTask | null {
  const said = SAID.test(text);
  const meanwhile = MEANWHILE.test(text);
  const line = inAll(text.replace(SAID, '').replace(MEANWHILE, ''));
  const time = lasts(line);
  if (!time || time.minutes > MOST_MIN) return null;
  const oven = ovenIn(time.rest);
  const counted = /^\s*[\d¼½¾⅓⅔]/.test(time.rest);
  // A minute is never a count: what has a time and no amount is done beside the pot.
  const timed = !counted && !OF_THE_POT.test(line);
  const away = AWAY.test(line) || timed || (ELSEWHERE.test(line) && meanwhile);
  if (!said && !away && oven.ovenC === undefined) return null;
  if (!said && counted && !AWAY.test(line)) return null;
  const { rest, ready, nth } = readyIn(oven.rest);
  const attended = ATTENDED.test(rest);
  const words = tidied(rest.replace(ATTENDED, ' '));
  if (!words) return null;
  return {
    words,
    minutes: Math.max(1, Math.round(time.minutes)),
    ...(oven.ovenC !== undefined && { ovenC: oven.ovenC }),
    ...(attended && { attended }),
    ...(ready !== 'table' && { ready }),
    ...(nth !== undefined && { nth }),
  };
}

/** A recipe sentence about something beside the pot; null for one about the pot. */
export function readMeanwhile(sentence: string): NewTask | null {
  if (SAID.test(sentence)) return readTask(sentence);
  return MEANWHILE.test(sentence) && !IN_THE_POT.test(sentence) ? readTask(sentence) : null;
}

const ANCHOR_WORDS = {
  table: 'at the table',
  lid: 'at lid on',
  opening: 'at the opening',
} as const satisfies Record<Anchor, string>;

/** When it is to be ready, in words. @example anchorWords({ ready: 'opening', nth: 2 }) // "at the second opening" */
export function anchorWords({ ready = 'table', nth = 1 }: Pick<Task, 'ready' | 'nth'>): string {
  const which = nth > 1 ? NTHS[nth - 1] : undefined;
  if (ready === 'table' || !which) return ANCHOR_WORDS[ready];
  return ready === 'lid' ? `at the ${which} lid on` : `at the ${which} opening`;
}

/** How it is done: how long, how hot, whether hands are needed all the time. */
export function taskWords(task: NewTask, units: Units): string {
  return [
    `${task.minutes} min${task.ovenC === undefined ? '' : ` at ${formatTemperature(task.ovenC, units)}`}`,
    ...(task.attended ? ['attended'] : []),
    `ready ${anchorWords(task)}`,
  ].join(', ');
}

/** The line that it is read from again. */
export function taskLine(task: NewTask, units: Units): string {
  return `Alongside: ${task.words}, ${taskWords(task, units)}`;
}

/** The first of t1, t2 that the batch does not have. */
function freshTaskId(batch: Batch): string {
  const taken = new Set([...batch.items, ...(batch.alongside ?? [])].map(({ id }) => id));
  for (let n = 1; ; n++) if (!taken.has(`t${n}`)) return `t${n}`;
}

export function addTask(batch: Batch, task: NewTask): Batch {
  return {
    ...batch,
    alongside: [...(batch.alongside ?? []), { ...task, id: freshTaskId(batch) }],
  };
}

/** @param change fields that are undefined go */
export function changeTask(batch: Batch, id: string, change: (task: Task) => Task): Batch {
  return {
    ...batch,
    alongside: (batch.alongside ?? []).map((task) => (task.id === id ? change(task) : task)),
  };
}

export function removeTask(batch: Batch, id: string): Batch {
  const left = (batch.alongside ?? []).filter((task) => task.id !== id);
  return changed(batch, { alongside: left.length > 0 ? left : undefined });
}

/** The step that a task is anchored to; null where it is the table, or the batch has no such lid. */
export function anchorStep(batch: Batch, { ready = 'table', nth = 1 }: Task): string | null {
  if (ready === 'table') return null;
  const lids = stepsOf(batch).filter((step) => step.kind === 'pressure');
  return (lids[nth - 1] ?? lids.at(-1))?.id ?? null;
}
