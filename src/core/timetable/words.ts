/** Words of a stage: what to do, what to look for, what can hurt. Common practice, no source. */
import { HOT_C } from '../guard/limits';
import { formatTemperature, type Units } from '../quantity';
import { doingOf, releaseOf, RELEASES, potKindOf } from '../vocabulary';
import type { Stage } from '../cook';

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

const OPENS = RELEASES.quick.stove;

const POUR: Words = {
  title: 'Pour the broth off',
  act: 'Through a sieve into a clean pot or jug. The bones stay; vegetables and spice are done and go.',
  look: 'Read the broth off the marks before it leaves the pot, and write it here.',
  press: 'Done',
  caution:
    'Hot broth scalds and cracks cold glass. Cool it in shallow pans or an ice bath while the next run is on.',
};

/** A rest for which the pot is left on. */
const keptWarm = (units: Units): Words => ({
  title: 'Rest, kept warm',
  act: 'Lid on, keep-warm on. Read its middle with a thermometer now and then.',
  look: `It reads ${formatTemperature(HOT_C, units)} or more. Below that it begins to spoil: bring it to the boil, or cool it fast.`,
  press: 'Done',
  caution: null,
});

/** A pot that may be anywhere: one sign is asked for, and nothing is opened. */
const PRESUMED: Words = {
  title: 'Is it at pressure?',
  act: 'Since the lid was locked nobody has seen a sign of pressure, so the time is only presumed. Look at the pin, or at the pot’s countdown, and say what you see.',
  look: 'Pin up, and no steady plume of steam. No pin: the valve is open, the ring is out of its groove, or the heat is off.',
  press: null,
  caution: 'Leave the valve and the lid alone until you know.',
};

/** Words for a stage, in the kitchen's units. */
export function wordsOf(stage: Stage, units: Units): Words {
  if (stage.presumed) return PRESUMED;
  const shut = stage.release !== null && releaseOf(stage.release).lets === null;
  const { acts, atPressure, endsHold } = potKindOf(stage.pot);
  switch (stage.kind) {
    case 'load':
      return {
        title: 'Add the food and lock the lid',
        act: acts.load,
        look: 'Hold the level against the line inside the pot: above it, take some out before the lid goes on.',
        press: 'Lid locked',
        caution: 'Check that the valve moves freely and the ring sits in its groove.',
      };
    case 'warm-up':
      return {
        title: 'Coming to pressure',
        act: acts['warm-up'],
        look: atPressure,
        press: 'At pressure',
        caution:
          'Steam and no pin: the valve is open, or the ring out of its groove. If it smells of scorching, heat off, let it cool, look at the bottom.',
      };
    case 'hold':
      return {
        title: 'Hold',
        act: acts.hold,
        look: 'The pin stays up, no steady plume of steam.',
        press: endsHold,
        caution: null,
      };
    case 'wait':
      return {
        title: 'Wait, valve shut',
        act: acts.wait,
        look: 'Leave the valve alone until the clock is down.',
        press: null,
        caution: null,
      };
    case 'valve': {
      const { title, act, press } = (stage.release && releaseOf(stage.release).stove) ?? OPENS;
      return {
        title,
        act,
        look: 'Clear steam may come. If foam or drops come out, close the valve and wait.',
        press,
        caution: VALVE,
      };
    }
    case 'pin':
      return {
        title: shut ? 'Let the pin drop by itself' : 'Wait for the pin to drop',
        act: shut ? acts.pin : 'Wait until no steam comes.',
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
      if (stage.keepsWarm) return keptWarm(units);
      const { look, ...doing } = doingOf(stage.stepKind);
      return { ...doing, look: look(units), press: 'Done' };
    }
  }
}
