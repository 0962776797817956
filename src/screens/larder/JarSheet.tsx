'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { claimed, freeInJar, leftInJar, pourIn, shelvesOf } from '@/core/batch/household';
import type { Jar } from '@/core/batch/schema';
import { REHEAT_C } from '@/core/guard';
import { aboutJar, dueOf, isJarLost, keepsOf, isGood, THAW_WORDS, type Keeps } from '@/core/keep';
import { formatTemperature, formatVolume } from '@/core/quantity';
import { holderName, HOLDERS, JAR_PLACES, jarPlaceOf, type JarPlace } from '@/core/vocabulary';
import { isoOf } from '@/session/clock';
import { dateAndTime } from '@/session/clockText';
import { Button } from '@/ui/Button';
import { useClock } from '@/ui/clock';
import { Choice } from '@/ui/forms/Field';
import { saveBatch, useHousehold } from '@/ui/household';
import { changeJar, emptyJar, forgetJar, moveJar } from '@/ui/larder';
import { Sheet } from '@/ui/Sheet';
import { Toggle } from '@/ui/forms/Toggle';
import { lightFormat } from 'date-fns';
import { contentWords, keepsWords } from './larderWords';

/** A jar into a plan: instead of as much of its water, or besides. */
function IntoPot({ jar, onClose }: { readonly jar: Jar; readonly onClose: () => void }) {
  const { batches, jars, kitchen } = useHousehold();
  const router = useRouter();
  const clock = useClock();
  const [id, setId] = useState('');
  const [instead, setInstead] = useState(true);
  const free = freeInJar(jar, claimed(batches));
  if (free < 0.01)
    return (
      <p className="text-body text-quiet">
        It is planned for{' '}
        {batches.find((b) => b.items.some((i) => i.jars?.some((c) => c.jar === jar.id)))?.name}.
        Take it out of that plan to free it.
      </p>
    );
  const put = (): void => {
    const batch = batches.find((b) => b.id === id);
    const shelf = shelvesOf([jar], batches, aboutJar(keepsOf(kitchen.larder), clock.now()))[0];
    if (!batch || !shelf) return;
    if (!saveBatch(pourIn(batch, shelf, free, instead))) return;
    onClose();
    router.push(`/bench/${batch.id}`);
  };
  return (
    <section aria-label="Into a pot" className="rounded-lg border border-hairline p-3">
      <Choice
        id="into-batch"
        label={`Put ${formatVolume(free, kitchen.units)} into`}
        value={id}
        onChange={(event) => setId(event.target.value)}
      >
        <option value="">choose a plan</option>
        {batches
          .filter((b) => jars.length > 0 && b.items.length > 0)
          .map((b) => (
            <option key={b.id} value={b.id}>
              {b.name}
            </option>
          ))}
      </Choice>
      <Toggle label="Instead of as much water" checked={instead} onChange={setInstead} />
      <Button look="plain" disabled={id === ''} onClick={put}>
        Put it in
      </Button>
    </section>
  );
}

/** One jar: what is in it, how long it keeps, and where it goes. */
export function JarSheet({
  jar,
  keeps,
  now,
  onClose,
}: {
  readonly jar: Jar;
  readonly keeps: Keeps;
  readonly now: number;
  readonly onClose: () => void;
}) {
  const { kitchen } = useHousehold();
  const clock = useClock();
  const { units } = kitchen;
  const { text, past } = keepsWords(jar, keeps, now);
  const place = jarPlaceOf(jar.where);
  const frozen = place.freezes;
  const lost = isJarLost(jar, now);
  const discard = !isGood(jar, keeps, now);
  const holder = jar.holder ? HOLDERS[jar.holder] : null;
  const go = (how: 'used' | 'given' | 'thrown', litres?: number): void => {
    if (emptyJar(jar.id, how, isoOf(clock), litres)) onClose();
  };
  const move = (to: JarPlace): void => {
    if (moveJar(jar.id, to, isoOf(clock))) onClose();
  };
  const published = `${place.published.join(' to ')} ${place.counted}${frozen ? ' for best quality' : ''}`;
  const left = leftInJar(jar);
  return (
    <Sheet open onClose={onClose} title={jar.name}>
      <p>
        {contentWords(jar, units)}
        {jar.holder && `, ${holderName(jar.holder, units)}`}. Made{' '}
        {dateAndTime(new Date(jar.madeAt))}.
      </p>
      <p className={past ? 'font-medium text-rust' : ''}>
        {lost
          ? 'It stood too long between cold and hot before it was filled: throw it out.'
          : discard
            ? `Past its day by ${text.replace(' past', '')}: throw it out.`
            : past
              ? `Past its best by ${text.replace(' past', '')}: kept frozen it stays safe, but loses taste.`
              : text === 'today'
                ? 'To be used today.'
                : `To be used within ${text}.`}
      </p>
      <label className="block text-small font-medium">
        Use by
        <input
          type="date"
          className="field mt-1 block w-48"
          value={lightFormat(dueOf(jar, keeps), 'yyyy-MM-dd')}
          onChange={(event) => {
            const day = event.target.valueAsDate;
            if (!day) return;
            changeJar(jar.id, (j) => ({
              ...j,
              useBy: new Date(
                day.getUTCFullYear(),
                day.getUTCMonth(),
                day.getUTCDate(),
                12,
              ).toISOString(),
            }));
          }}
        />
        <span className="mt-1 block text-fine font-normal text-quiet">
          Published, {frozen ? 'frozen' : 'in the fridge'}: {published} (foodsafety.gov).
        </span>
      </label>
      {frozen ? (
        <p className="text-small text-quiet">{THAW_WORDS}</p>
      ) : (
        <p className="text-small text-quiet">
          Reheat only what you eat, once, to the boil or to {formatTemperature(REHEAT_C, units)} all
          through.
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <Button look="copper" onClick={() => go('used')}>
          Used
        </Button>
        {left > 0.2 && <Button onClick={() => go('used', left / 2)}>Half of it used</Button>}
        <Button onClick={() => go('given')}>Given away</Button>
        <Button onClick={() => go('thrown')}>Thrown out</Button>
        {!discard &&
          JAR_PLACES.filter((other) => other !== jar.where).map((other) => (
            <Button key={other} onClick={() => move(other)}>
              {jarPlaceOf(other).into}
            </Button>
          ))}
      </p>
      {!frozen && (holder?.glass ?? true) && (
        <p className="text-fine text-quiet">
          Put only cold glass into the freezer, never filled to the rim.
        </p>
      )}
      {discard ? (
        <p className="text-body">
          Neither freezing nor boiling makes it safe again: it cannot go into a plan.
        </p>
      ) : (
        <IntoPot jar={jar} onClose={onClose} />
      )}
      <Button
        look="quiet"
        onClick={() => {
          if (forgetJar(jar.id)) onClose();
        }}
      >
        Entered by mistake: remove it
      </Button>
    </Sheet>
  );
}
