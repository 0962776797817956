/** What is done, in sentences that a cook reads and `stepsIn` reads back. */
import { foodOf, indexOfStep, stepsOf, taskLine } from '../core/batch/plan';
import type { Batch, Item, Step } from '../core/batch/schema';
import { inARow } from '../core/food';
import type { Units } from '../core/quantity';
import { releaseOf, waitOf, type Release } from '../core/vocabulary';

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

function stepSentence(step: Step, items: readonly Item[]): string {
  const put = items.length > 0 ? `Add ${list(items)}. ` : '';
  const and = items.length > 0 ? `Add ${list(items)} and simmer` : 'Simmer';
  const time =
    step.kind !== 'pressure' && step.minutes !== undefined
      ? ` for ${minutesText(step.minutes)}`
      : '';
  switch (step.kind) {
    case 'prep':
      return `${put}Cut, weigh and rinse${time}.`;
    case 'saute':
      return `Brown ${items.length > 0 ? list(items) : 'what is in'}${time}.`;
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
      return `${put}Let it rest${time}.`;
    case 'cool':
      return `${put}Let it cool${time}.`;
  }
}

/** Instructions of a batch, one a step, what is done alongside, and what is left for the table. */
export function instructionsOf(batch: Batch, units: Units): readonly string[] {
  const steps = stepsOf(batch);
  const inside = batch.items.filter((i) => !i.apart);
  const told = steps.map((step, index) =>
    stepSentence(
      step,
      inside.filter((i) => indexOfStep(steps, i.enters, 0) === index),
    ),
  );
  const apart = batch.items.filter((i) => i.apart);
  const out = inside.filter((i) => foodOf(i)?.fishOut);
  return [
    ...told,
    ...(apart.length > 0 ? [`Cook ${list(apart)} apart and serve in the bowls.`] : []),
    ...(batch.alongside ?? []).map((task) => `${taskLine(task, units)}.`),
    ...(out.length > 0 ? [`Fish out ${list(out)}.`] : []),
    'Taste it and serve.',
  ];
}
