import { leftInJar, type Jar } from '@/core/batch';
import { firstToUse, type Keeps } from '@/core/keep';
import { formatTemperature, formatVolume, type Units } from '@/core/quantity';
import { JarDrawing, SHELF_PX } from '@/drawings/shelf';
import { keepsWords } from './larderWords';

/** Room over a jar for its name and its days, and under it for the board, px. */
const WORDS_PX = 48;
const BOARD_PX = 7;
const ROW_PX = WORDS_PX + SHELF_PX + BOARD_PX;

const FREEZER_C = -18;

function OnShelf({
  jar,
  keeps,
  now,
  units,
  onOpen,
}: {
  readonly jar: Jar;
  readonly keeps: Keeps;
  readonly now: number;
  readonly units: Units;
  readonly onOpen: (jar: Jar) => void;
}) {
  const { text, presses, past } = keepsWords(jar, keeps, now);
  const litres = leftInJar(jar);
  return (
    <li>
      <button
        type="button"
        className="flex w-24 flex-col items-center justify-end rounded-lg hover:bg-copper/8"
        style={{ height: ROW_PX - BOARD_PX }}
        onClick={() => onOpen(jar)}
        aria-label={`${jar.name}, ${formatVolume(litres, units)}, ${text}`}
      >
        <span className="line-clamp-2 w-full px-0.5 text-center text-[12px] leading-[15px]">
          {jar.name}
        </span>
        <span
          className={`mb-1 text-[12px] leading-4 ${presses ? 'font-semibold text-rust' : 'text-quiet'}`}
        >
          {presses && <span aria-hidden>▲ </span>}
          {text}
        </span>
        <JarDrawing
          kind={jar.holder}
          litres={litres}
          frozen={jar.where === 'freezer'}
          past={past}
        />
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
  const litres = jars.reduce((sum, jar) => sum + leftInJar(jar), 0);
  return (
    <section aria-label={name}>
      <h2 className="text-[14px] text-quiet">
        {name}, {formatTemperature(celsius, units)}
        {jars.length > 0 && ` · ${formatVolume(litres, units)}`}
      </h2>
      <ul
        className={`flex flex-wrap gap-x-1 ${cold ? 'rounded-t-lg bg-steam/12' : ''}`}
        style={{
          minHeight: ROW_PX,
          backgroundImage: `repeating-linear-gradient(transparent 0 ${ROW_PX - BOARD_PX}px, var(--color-cobalt) ${ROW_PX - BOARD_PX}px ${ROW_PX}px)`,
          rowGap: BOARD_PX,
        }}
      >
        {jars.length === 0 && <li className="self-center px-4 text-[15px] text-quiet">{empty}</li>}
        {jars.map((jar) => (
          <OnShelf key={jar.id} jar={jar} {...rest} />
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
      <Shelf
        name="Fridge"
        celsius={fridgeC}
        jars={order.filter((jar) => jar.where === 'fridge')}
        empty="Nothing in the fridge. Fill jars from a cook."
        cold={false}
        {...rest}
      />
      <Shelf
        name="Freezer"
        celsius={FREEZER_C}
        jars={order.filter((jar) => jar.where === 'freezer')}
        empty="Nothing in the freezer."
        cold
        {...rest}
      />
    </div>
  );
}
