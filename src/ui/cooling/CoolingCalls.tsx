'use client';

/** Calls from cooling food: stir it, put it into the fridge, it has been out too long. */
import { COOL_C, fallsTo, HOT_C, isLost } from '@/core/guard';
import type { Followed, WayKey } from '@/core/keep';
import { useNow } from '@/ui/clock';
import { useCall } from '@/ui/cooking/calling';
import { useHousehold, coolingNow, type CoolingCook } from '@/ui/household';
import { useFollowed } from './followed';

const MS = 60_000;
/** Interval for stirring in ice, min (common practice, no source). */
const STIR_MIN = 15;
/** Last of the voices, so that it is no pot's. */
const VOICE = 4;

interface Due {
  readonly id: string;
  readonly words: string;
  readonly caution: string | null;
}

/** Temperature at which it goes into the fridge, C; missing for food that stays in place. */
const FRIDGE_AT: Readonly<Partial<Record<WayKey, number>>> = {
  pans: HOT_C,
  'pot-out': HOT_C,
  jars: COOL_C,
  ice: COOL_C,
};
/** It is called so long, min: the page does not see what is done in the kitchen. */
const CALLED_MIN = 30;

/** Call due from cooling food. @param minute since it began to cool */
export function coolingDue({ curve, judged, pastAt, way }: Followed, minute: number): Due | null {
  const isNow = (at: number | null): boolean =>
    at !== null && minute >= at && minute < at + CALLED_MIN;
  if (isNow(judged.verdict === 'throw out' ? judged.lostMin : null) || pastAt >= 0)
    return isLost(judged, pastAt, minute)
      ? { id: 'lost', words: 'It stood out too long', caution: 'Not to be eaten.' }
      : null;
  const into = FRIDGE_AT[way];
  const at = into === undefined ? null : fallsTo(curve, into);
  if (isNow(at)) return { id: 'fridge', words: 'Into the fridge now', caution: null };
  const stirs = Math.floor(minute / STIR_MIN);
  if (way === 'ice' && stirs > 0 && (at === null || minute < at))
    return { id: `stir ${stirs}`, words: 'Stir it, and look after the ice', caution: null };
  return null;
}

function CoolingCall({ cook }: { readonly cook: CoolingCook }) {
  const now = useNow();
  const { answer } = useFollowed(cook);
  const minute = (now - Date.parse(cook.after.cooling.at)) / MS;
  const due = answer && coolingDue(answer.answer, minute);
  useCall(
    due
      ? { ...due, id: `${cook.id} ${due.id}`, href: '/larder', of: cook.batch.name, voice: VOICE }
      : null,
  );
  return null;
}

export function CoolingCalls() {
  return coolingNow(useHousehold().cooks).map((cook) => <CoolingCall key={cook.id} cook={cook} />);
}
