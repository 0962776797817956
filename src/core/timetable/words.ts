/** What to do and look for at a stage, and what can hurt there. Common practice, no source. */
import { formatTemperature, type Units } from '../quantity';
import type { Stage } from './stages';

export interface Words {
  readonly title: string;
  readonly act: string;
  readonly look: string;
  /** Name of the mark that ends it; null when the clock does. */
  readonly press: string | null;
  readonly caution: string | null;
}

const VALVE =
  'Stand back and turn the valve with a long utensil: the steam scalds. If it spits liquid, close it and wait a minute. Your pot’s manual comes first.';
const LID =
  'Never force the lid. Pin down, half a minute more, then open away from your face with the lid as a shield. The metal parts are hot.';

type Doing = readonly [title: string, act: string, look: string];

const doing = (units: Units): Readonly<Record<string, Doing>> => ({
  prep: [
    'Get ready',
    'Cut and weigh, rinse pulses, salt as you like it.',
    'Everything stands within reach.',
  ],
  saute: [
    'Brown',
    'Heat the pot open, brown, then scrape the bottom clean with half a cup of liquid.',
    'Nothing sticks any more, or it will scorch under pressure.',
  ],
  open: [
    'Open pot',
    'Take out and put in what is listed.',
    'Test the slowest piece: if it resists, close and hold longer.',
  ],
  strain: [
    'Strain',
    'Pour through a sieve; for poultry bones through a cloth. Let it stand a few minutes and skim the fat.',
    'No splinters in the broth.',
  ],
  simmer: [
    'Simmer, open',
    'Put in what is listed and keep it just moving.',
    'Taste the late things; they go on cooking in the hot broth.',
  ],
  rest: ['Rest', 'Heat off, lid on.', 'Fat rises, flavours settle.'],
  cool: [
    'Cool',
    'Shallow pans or an ice bath, uncovered until cool.',
    `From ${formatTemperature(57, units)} to ${formatTemperature(21, units)} within 2 h and to ${formatTemperature(5, units)} within 4 h more. Not canning: keep it cold.`,
  ],
});

const POUR: Words = {
  title: 'Pour the broth off',
  act: 'Through a sieve into a clean pot or jug. The bones stay; vegetables and spice are done and go.',
  look: 'Read the broth off the marks before it leaves the pot, and write it here.',
  press: 'Done',
  caution:
    'Hot broth scalds and cracks cold glass. Cool it in shallow pans or an ice bath while the next run is on.',
};

/** Words for a stage, in the kitchen's units. */
export function wordsOf(stage: Stage, units: Units): Words {
  switch (stage.kind) {
    case 'load':
      return {
        title: 'Put in and lock the lid',
        act: 'Everything listed goes in. Ring and valve clean, lid locked, valve shut, heat on high.',
        look: 'The level stands under the line.',
        press: 'Lid locked',
        caution: 'Check that the valve moves freely and the ring sits in its groove.',
      };
    case 'warm-up':
      return {
        title: 'Coming to pressure',
        act: 'Nothing to do. Stay near.',
        look: 'First a plume of steam, then the pin rises; a stovetop regulator begins to rock: turn the heat down to hold it.',
        press: 'At pressure',
        caution:
          'If it smells of scorching or never rises, heat off, let it cool, look at the bottom.',
      };
    case 'hold':
      return {
        title: 'Hold',
        act: 'Leave it shut. A stovetop cooker wants a low flame, its regulator just rocking.',
        look: 'The pin stays up, no steady plume of steam.',
        press: null,
        caution: null,
      };
    case 'wait':
      return {
        title: 'Wait, valve shut',
        act: 'Heat off. The pot cools by itself; this is cooking time too.',
        look: 'Leave the valve alone until the clock is down.',
        press: null,
        caution: null,
      };
    case 'valve':
      return {
        title: stage.release === 'coldwater' ? 'Cold water over the lid' : 'Open the valve',
        act:
          stage.release === 'coldwater'
            ? 'Stovetop only: run cold water over the edge of the lid, not over the valve.'
            : stage.release === 'pulsed'
              ? 'Open in short bursts and stop when it spits.'
              : 'Open it slowly.',
        look: 'Clean steam is well; foam or drops mean close it and wait.',
        press: stage.release === 'coldwater' ? 'Water on' : 'Valve opened',
        caution: VALVE,
      };
    case 'pin':
      return {
        title: stage.release === 'natural' ? 'Let the pin drop by itself' : 'Until the pin drops',
        act:
          stage.release === 'natural'
            ? 'Heat off, valve shut, leave it alone.'
            : 'Wait until no steam comes.',
        look: 'The pin falls with a click.',
        press: 'Pin down',
        caution: null,
      };
    case 'lid':
      return {
        title: 'Open the lid',
        act: 'Half a minute more, then open.',
        look: 'It turns easily. If it does not, there is still pressure.',
        press: 'Lid off',
        caution: LID,
      };
    case 'do': {
      if (stage.pours) return POUR;
      const [title, act, look] = doing(units)[stage.stepKind] ?? ['Go on', '', ''];
      const hot = stage.stepKind === 'strain' || stage.stepKind === 'cool';
      return {
        title,
        act,
        look,
        press: 'Done',
        caution: hot
          ? 'Hot broth scalds and cracks cold glass. Warm the jars first, and never set hot glass in the freezer.'
          : null,
      };
    }
  }
}
