/** Reading of a line written blind, compared with its answer. */
import { readLines, type ReadLine, type ReadsFor } from '../../batch/reading';
import { amountGrams, foodByKey } from '../../food';
import { parseAmount, type Amount } from '../../quantity';

/** Right; not right but marked or asked about; not read; wrong without a mark; a stated fact lost without a mark. */
export type Verdict = 'right' | 'marked' | 'unread' | 'wrong' | 'lost';

interface Answer {
  readonly food: string;
  readonly amount: string;
  readonly facts: readonly string[];
}

const WITHIN = 0.1;

function answersOf(text: string): readonly (readonly Answer[])[] {
  return text.split(' or ').map((one) =>
    one.split(' + ').map((food): Answer => {
      const [key = '', amount = '~', ...facts] = food.trim().split(/\s+/);
      if (!foodByKey(key)) throw new Error(`no food ${key}`);
      return { food: key, amount, facts };
    }),
  );
}

/** The cases of a set: a line and its answers. */
export function casesOf(set: string): readonly (readonly [line: string, answer: string])[] {
  return set
    .trim()
    .split('\n')
    .map((row) => {
      const [line = '', answer = ''] = row.split(' | ');
      return [line, answer];
    });
}

function isAmount(read: Amount, food: string, want: string): boolean {
  if (want === '~') return true;
  const of = foodByKey(food);
  if (/piece$/.test(want) && read.unit === 'piece')
    return read.value === Number.parseFloat(want.replace('=', ''));
  const grams = of && amountGrams(of, read);
  if (grams === null || grams === undefined) return false;
  const said = want.startsWith('=') ? want.slice(1) : want;
  const wanted = /piece$/.test(said)
    ? { value: Number.parseFloat(said), unit: 'piece' as const }
    : parseAmount(`${said.replace(/(\d)(?=[a-z])/, '$1 ')} food`).amount;
  const wantedG = of && wanted && amountGrams(of, wanted);
  if (wantedG === null || wantedG === undefined)
    return wanted?.unit === read.unit && wanted.value === read.value;
  return Math.abs(grams - wantedG) <= WITHIN * Math.max(wantedG, 0.01);
}

const SHAPE: Readonly<Record<string, string>> = {
  c: 'cube',
  s: 'slice',
  st: 'stick',
  leaf: 'leaf',
  crumb: 'crumb',
  whole: 'whole',
};

/** Whether a fact had its effect; null where it is one that must be shown as not used. */
function hasFact(line: ReadLine, fact: string): boolean {
  const item = line.item;
  if (!item) return false;
  const [, soak] = /^soak(.+)$/.exec(fact) ?? [];
  if (soak !== undefined) return item.soakedH === Number(soak);
  // A mark on the pot answers what is asked: how much follows from the rest.
  if (fact === 'ask') return line.unsure.length > 0 || item.upTo !== undefined;
  if (fact === 'apart') return item.apart === true;
  if (fact === 'end') return line.place === 'end';
  if (fact === 'frozen') return (item.startC ?? 5) < 0;
  if (fact === 'warm') return item.startC === 40;
  if (fact === 'hot') return (item.startC ?? 0) >= 50;
  if (fact === 'boiling') return (item.startC ?? 0) >= 90;
  const [, shape = '', mm] = /^(st|leaf|crumb|whole|c|s)([\d.]+)?$/.exec(fact) ?? [];
  return (
    item.cut?.shape === SHAPE[shape] &&
    item.cut !== undefined &&
    (mm === undefined || Math.abs(item.cut.mm - Number(mm)) < 0.5)
  );
}

/** Words that a line marks as not used, or as used: what it does not count as talk. */
function isToldOf(lines: readonly ReadLine[], word: string): boolean {
  return lines.some((line) =>
    line.marks.some(
      ({ from, to, fate }) =>
        fate !== 'talk' &&
        word.toLowerCase().split('-').includes(line.source.slice(from, to).toLowerCase()),
    ),
  );
}

function verdictOn(lines: readonly ReadLine[], answers: readonly Answer[]): Verdict {
  const items = lines.filter((line) => line.item);
  const marked = lines.some((line) => line.unsure.length > 0 || line.refused || !line.item);
  // A measure that nobody knows asks.
  const asks = lines.some((line) => line.refused?.startsWith('How much'));
  if (items.length === 0)
    return asks && answers.every(({ facts }) => facts.includes('ask')) ? 'right' : 'unread';
  const foods = items.length === answers.length;
  const right =
    foods &&
    answers.every(({ food, amount }, i) => {
      const item = items[i]?.item;
      return item && item.food === food && isAmount(item.amount, food, amount);
    });
  if (!right) return marked ? 'marked' : 'wrong';
  const lost = answers.flatMap(({ facts }, i) =>
    facts.filter((fact) => {
      if (fact.startsWith('!')) return !isToldOf(lines, fact.slice(1));
      const line = items[i];
      return !line || !hasFact(line, fact);
    }),
  );
  if (lost.length === 0) return 'right';
  // A loss counts as told if the line shows unused words, or asks.
  const told =
    lost.every((fact) => fact !== 'ask') &&
    lines.some((l) => l.marks.some((m) => m.fate === 'unused'));
  return marked || told ? 'marked' : 'lost';
}

/** The best verdict on any of a line's answers, and how it was read. */
export function judgeLine(
  line: string,
  answer: string,
  own?: ReadsFor,
): { readonly verdict: Verdict; readonly lines: readonly ReadLine[] } {
  const lines = readLines(line, own);
  const ORDER: readonly Verdict[] = ['right', 'marked', 'unread', 'lost', 'wrong'];
  const verdicts = answersOf(answer).map((one) => verdictOn(lines, one));
  const verdict = ORDER.find((one) => verdicts.includes(one)) ?? 'wrong';
  return { verdict, lines };
}
