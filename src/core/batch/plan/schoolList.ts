/**
 * Questions on which practitioners differ: a choice for each, with what it gives and costs (common
 * practice).
 */
import type { Schools } from '../schema/types';

export type SchoolKey = keyof Schools;

interface Choice {
  readonly value: string;
  readonly name: string;
  /** Gain and cost of the choice. */
  readonly words: string;
}

export interface School {
  readonly key: SchoolKey;
  readonly question: string;
  readonly choices: readonly [Choice, ...Choice[]];
}

export const SCHOOLS: readonly School[] = [
  {
    key: 'noodles',
    question: 'Noodles and pasta',
    choices: [
      { value: 'in', name: 'in the pot', words: 'One pot, thicker broth; leftovers soak it up.' },
      {
        value: 'apart',
        name: 'apart',
        words: 'Clear broth, firm leftovers; one more pan to wash.',
      },
    ],
  },
  {
    key: 'salt',
    question: 'Salt',
    choices: [
      {
        value: 'early',
        name: 'early, measured',
        words: 'Seasons to the core; too much cannot be undone.',
      },
      {
        value: 'late',
        name: 'at the end',
        words: 'Safe when it reduces or the stock is salted; milder inside.',
      },
    ],
  },
  {
    key: 'release',
    question: 'Release',
    choices: [
      {
        value: 'natural',
        name: 'natural',
        words: 'Kind to meat and beans, nothing sprays; slow, and it goes on cooking.',
      },
      {
        value: 'quick',
        name: 'quick',
        words: 'Soonest ready; tightens meat, bursts beans, sprays when full.',
      },
    ],
  },
  {
    key: 'bones',
    question: 'Bones',
    choices: [
      { value: 'raw', name: 'raw', words: 'Straight in, full flavour; scum and foam.' },
      {
        value: 'blanched',
        name: 'blanched',
        words: 'Clear broth, little foam; a quarter of an hour and a little flavour.',
      },
      {
        value: 'roasted',
        name: 'roasted',
        words: 'Brown and deep; three quarters of an hour of oven.',
      },
    ],
  },
  {
    key: 'vinegar',
    question: 'Vinegar with bones',
    choices: [
      { value: 'without', name: 'none', words: 'The usual taste.' },
      {
        value: 'with',
        name: 'a tablespoon',
        words: 'Thought to draw out minerals; harmless, with little effect.',
      },
    ],
  },
  {
    key: 'vegetables',
    question: 'Vegetables',
    choices: [
      { value: 'soft', name: 'soft', words: 'In from the start; they give all they have.' },
      { value: 'bite', name: 'with bite', words: 'In late or in large pieces; more hands.' },
    ],
  },
  {
    key: 'beans',
    question: 'Beans',
    choices: [
      { value: 'whole', name: 'whole', words: 'Skins stay on, the broth stays clear.' },
      { value: 'creamy', name: 'creamy', words: 'They split and thicken the soup by themselves.' },
    ],
  },
  {
    key: 'breast',
    question: 'A breast in one piece',
    choices: [
      { value: 'pulled', name: 'pulled', words: 'Cooked until it shreds; dry if it is sliced.' },
      {
        value: 'juicy',
        name: 'sliced',
        words: 'Out as soon as its centre is hot enough; too firm to pull.',
      },
    ],
  },
];
