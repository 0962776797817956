/** Instructions in sentences that a cook reads and `stepsIn` reads back. */
import {
  doWords,
  exitOf,
  foodOf,
  handlingAt,
  stepsOf,
  taskLine,
  type Into,
} from '../../core/batch/plan';
import type { Batch, Item, Step } from '../../core/batch/schema';
import { inARow } from '../../core/food';
import { formatAmount, type Units } from '../../core/quantity';
import { releaseOf, waitOf, type Release } from '../../core/vocabulary';

function releaseSentence(release: Release | undefined): string {
  const wait = waitOf(release);
  const sentence = releaseOf(release?.method ?? 'natural').recipe;
  return wait > 0
    ? `Wait ${minutesText(wait)}, then ${sentence.charAt(0).toLowerCase()}${sentence.slice(1)}`
    : sentence;
}

const minutesText = (minutes: number): string => `${Math.round(minutes)} minutes`;

/** "the lamb neck, the barley and the water" */
function list(items: readonly Item[]): string {
  const names = items.map((i) => `the ${(foodOf(i)?.name ?? i.food).split(',')[0] ?? ''}`);
  return inARow(names);
}

/** Handling before it goes in, each move in a sentence. */
function readying({ item, done }: Into, units: Units): readonly string[] {
  return done.map((one) => doWords(one, list([item]), units));
}

/** Moves of hands as a step begins, before new food goes in. */
function handSentences(batch: Batch, step: string, units: Units): readonly string[] {
  const { into, out } = handlingAt(batch, step);
  const aside = out.filter((one) => one.aside).map(({ item }) => item);
  const gone = out.filter((one) => !one.aside).map(({ item }) => item);
  const back = into.filter((one) => one.back);
  return [
    ...(aside.length > 0 ? [`Lift ${list(aside)} onto a plate.`] : []),
    ...(gone.length > 0 ? [`Take out ${list(gone)}.`] : []),
    ...into.flatMap((one) => readying(one, units)),
    ...(back.length > 0 ? [`Return ${list(back.map(({ item }) => item))} to the pot.`] : []),
  ];
}

function stepSentence(step: Step, items: readonly Item[], units: Units): string {
  const put = items.length > 0 ? `Add ${list(items)}. ` : '';
  const and = items.length > 0 ? `Add ${list(items)} and simmer` : 'Simmer';
  const time =
    step.kind !== 'pressure' && step.minutes !== undefined
      ? ` for ${minutesText(step.minutes)}`
      : '';
  switch (step.kind) {
    case 'prep':
      return `${put}Cut, weigh and rinse${time}.`;
    case 'saute': {
      const what = items.length > 0 ? list(items) : 'what is in';
      const how = step.sideMin === undefined ? time : ` for ${minutesText(step.sideMin)} a side`;
      const scraped =
        step.deglazeMl === undefined
          ? ''
          : ` Deglaze with ${formatAmount({ value: step.deglazeMl, unit: 'ml' }, units)} of liquid, scraping up the brown bits.`;
      return `Brown ${what}${how}.${scraped}`;
    }
    case 'pressure':
      return `${put}Cook at ${step.setting ?? 'high'} pressure for ${minutesText(step.holdMin)}. ${releaseSentence(step.release)}`;
    case 'open':
      return `Open the pot${time}${items.length > 0 ? ` and add ${list(items)}` : ''}.`;
    case 'strain':
      return step.keep === 'bones'
        ? `${put}Strain the broth off${time} and keep the bones.`
        : `${put}Strain it${time}.`;
    case 'simmer':
      return `${and}${time}.`;
    case 'rest':
      return `${put}${step.keepWarm ? 'Keep warm' : 'Let it rest'}${time}.`;
    case 'cool':
      return `${put}Let it cool${time}.`;
  }
}

/** Instructions of a batch, one a step, what is done alongside, and what is left for the table. */
export function instructionsOf(batch: Batch, units: Units): readonly string[] {
  const steps = stepsOf(batch);
  const inside = batch.items.filter((i) => !i.apart);
  const told = steps.map((step) => {
    const first = handlingAt(batch, step.id).into.filter(({ back }) => !back);
    const sentence = stepSentence(
      step,
      first.map(({ item }) => item),
      units,
    );
    return [...handSentences(batch, step.id, units), sentence].join(' ');
  });
  const apart = batch.items.filter((i) => i.apart);
  const out = inside.filter((i) => (foodOf(i)?.fishOut || i.bag) && exitOf(i) === null);
  return [
    ...told,
    ...(apart.length > 0 ? [`Cook ${list(apart)} apart and serve in the bowls.`] : []),
    ...(batch.alongside ?? []).map((task) => `${taskLine(task, units)}.`),
    ...(out.length > 0 ? [`Fish out ${list(out)}.`] : []),
    'Taste it and serve.',
  ];
}
