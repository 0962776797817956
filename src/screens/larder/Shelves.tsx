import { isFrozen, JAR_PLACES, jarPlaceOf } from '@/core/vocabulary';
import { useDeferredValue } from 'react';
import { leftInJar } from '@/core/batch/household';
import type { Jar } from '@/core/batch/schema';
import { firstToUse, type Keeps } from '@/core/keep';
import { formatTemperature, formatVolume, type Units } from '@/core/quantity';
import { JarDrawing, shelfPx } from '@/drawings/shelf';
import { keepsWords } from './larderWords';

/** Room over a jar for its name and its days, and under it for the board, px. */
const WORDS_PX = 50;
const BOARD_PX = 7;

const FREEZER_C = -18;
/** Jars that are drawn with the page. */
const FIRST = 24;

/** Two lines at the most, and which broth it is whatever else is cut. */
function ShortName({ name }: { readonly name: string }) {
  const run = /,\s*((?:no\.|run) \d+)$/.exec(name);
  const rest = run ? name.slice(0, run.index) : name;
  return (
    <span className="w-full px-0.5 text-center text-mini leading-[15px]">
      <span className={run ? 'line-clamp-1 break-all' : 'line-clamp-2'}>{rest}</span>
      {run && <span className="block">{run[1]}</span>}
    </span>
  );
}

function OnShelf({
  jar,
  keeps,
  now,
  units,
  heightPx,
  onOpen,
}: {
  readonly jar: Jar;
  readonly keeps: Keeps;
  readonly now: number;
  readonly units: Units;
  readonly heightPx: number;
  readonly onOpen: (jar: Jar) => void;
}) {
  const { text, presses, past } = keepsWords(jar, keeps, now);
  const litres = leftInJar(jar);
  return (
    <li>
      <button
        type="button"
        className="flex w-[88px] flex-col items-center justify-end rounded-lg hover:bg-copper/8"
        style={{ height: heightPx }}
        onClick={() => onOpen(jar)}
        aria-label={`${jar.name}, ${formatVolume(litres, units)}, ${text}`}
      >
        <ShortName name={jar.name} />
        <span
          className={`mb-1 text-mini leading-4 ${presses ? 'font-semibold text-rust' : 'text-quiet'}`}
        >
          {presses && <span aria-hidden>▲ </span>}
          {text}
        </span>
        <JarDrawing kind={jar.holder} litres={litres} frozen={isFrozen(jar)} past={past} />
      </button>
    </li>
  );
}

function Shelf({
  name,
  celsius,
  jars,
  empty,
  cold,
  ...rest
}: {
  readonly name: string;
  readonly celsius: number;
  readonly jars: readonly Jar[];
  readonly empty: string;
  readonly cold: boolean;
  readonly keeps: Keeps;
  readonly now: number;
  readonly units: Units;
  readonly onOpen: (jar: Jar) => void;
}) {
  const { units } = rest;
  // The first rows at once, the rest of a full larder a little later.
  const shown = useDeferredValue(jars.length, FIRST);
  const litres = jars.reduce((sum, jar) => sum + leftInJar(jar), 0);
  const heightPx = WORDS_PX + shelfPx(jars.map((jar) => jar.holder));
  const rowPx = heightPx + BOARD_PX;
  return (
    <section aria-label={name}>
      <h2 className="text-small text-quiet">
        {name}, {formatTemperature(celsius, units)}
        {jars.length > 0 && ` · ${formatVolume(litres, units)}`}
      </h2>
      <ul
        className={`flex flex-wrap gap-x-1 ${cold ? 'rounded-t-lg bg-steam/12' : ''}`}
        style={{
          minHeight: rowPx,
          paddingBottom: BOARD_PX,
          backgroundImage: `repeating-linear-gradient(transparent 0 ${heightPx}px, var(--color-cobalt) ${heightPx}px ${rowPx}px)`,
          rowGap: BOARD_PX,
        }}
      >
        {jars.length === 0 && <li className="self-center px-4 text-body text-quiet">{empty}</li>}
        {jars.slice(0, shown).map((jar) => (
          <OnShelf key={jar.id} jar={jar} heightPx={heightPx} {...rest} />
        ))}
      </ul>
    </section>
  );
}

/** The fridge and the freezer, their jars to scale, what is to be used first on the left. */
export function Shelves({
  jars,
  fridgeC,
  ...rest
}: {
  readonly jars: readonly Jar[];
  readonly fridgeC: number;
  readonly keeps: Keeps;
  readonly now: number;
  readonly units: Units;
  readonly onOpen: (jar: Jar) => void;
}) {
  const order = firstToUse(jars, rest.keeps);
  return (
    <div className="space-y-3">
      {JAR_PLACES.map((place) => {
        const { title, empty, freezes } = jarPlaceOf(place);
        return (
          <Shelf
            key={place}
            name={title}
            celsius={freezes ? FREEZER_C : fridgeC}
            jars={order.filter((jar) => jar.where === place)}
            empty={empty}
            cold={freezes}
            {...rest}
          />
        );
      })}
    </div>
  );
}
