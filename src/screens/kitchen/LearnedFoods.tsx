import { Said } from '@/ui/said';
import { setName } from '@/core/vocabulary';
import type { Cook, Kitchen } from '@/core/batch/schema';
import { factorOf, forgets, nameOfLesson } from '@/core/learn';
import { isoOf } from '@/session/clock';
import { useClock } from '@/ui/clock';
import {
  bonesWords,
  cooksWords,
  factorRange,
  likedWords,
  needWords,
} from '@/ui/learned/knownWords';
import { believeAgain, forget } from '@/ui/learned/learning';
import { Term } from '@/ui/Term';

const LINK = 'min-h-9 text-small text-quiet underline underline-offset-4';
/** Nearer to the table than that, as a logarithm, nothing was found to be other. */
const SAME = 0.03;

interface Row {
  /** It is other than usual. */
  readonly other: boolean;
  readonly what: string;
  readonly name: string;
  readonly words: string;
  readonly cooks: number;
}

const range = (ln: number, sd: number): string => `${factorRange(factorOf(ln, sd))}`;

function rowsOf({ learned }: Kitchen, cooks: readonly Cook[]): readonly Row[] {
  if (!learned) return [];
  return [
    ...(learned.foods ?? []).map(({ food, need, sd, shift = 0, cooks: count }) => ({
      other: Math.abs(need) >= SAME || shift !== 0,
      what: forgets.food(food),
      name: nameOfLesson(food, cooks),
      words: [
        `takes ${needWords(Math.exp(need))} (${range(need, sd)})`,
        ...(shift === 0 ? [] : [likedWords(shift)]),
      ].join('; '),
      cooks: count,
    })),
    ...(learned.bones ?? []).map(({ food, most, sd, cooks: count }) => ({
      other: Math.abs(most) >= SAME,
      what: forgets.bones(food),
      name: nameOfLesson(food, cooks),
      words: `gives ${bonesWords(Math.exp(most))} (${range(most, sd)})`,
      cooks: count,
    })),
    ...(learned.thickness ?? []).map(({ kind, word, cooks: count }) => ({
      other: true,
      what: forgets.thickness(kind),
      name: `${kind}: how thick`,
      words: word,
      cooks: count,
    })),
    ...(learned.set
      ? [
          {
            other: true,
            what: forgets.set,
            name: 'set of broths',
            words: `${setName(learned.set.word)} is called right`,
            cooks: learned.set.cooks,
          },
        ]
      : []),
    ...(learned.salt
      ? [
          {
            other: true,
            what: forgets.salt,
            name: 'salt',
            words: `${learned.salt.percent.toFixed(2)} % is called right`,
            cooks: learned.salt.cooks,
          },
        ]
      : []),
  ];
}

/** Names by which lessons about foods are forgotten. */
const FORGOTTEN = /^(?:food|bones|thickness) (.+)$/;

function Rows({ rows }: { readonly rows: readonly Row[] }) {
  const clock = useClock();
  return (
    <ul className="mt-1 divide-y divide-hairline">
      {rows.map(({ what, name, words, cooks: count }) => (
        <li key={what} className="py-2" data-testid={`learned-${what}`}>
          <span className="flex items-baseline justify-between gap-3">
            <b className="inline-block font-semibold first-letter:uppercase">{name}</b>
            <button
              type="button"
              className={LINK}
              aria-label={`Forget what was learned of ${name}`}
              onClick={() => forget(what, isoOf(clock))}
            >
              Forget
            </button>
          </span>
          <p className="text-small">
            <Said>{words}</Said>, by {cooksWords(count)}
          </p>
        </li>
      ))}
    </ul>
  );
}

/** Lessons about foods, bones and taste, each undone by itself. */
export function LearnedFoods({
  kitchen,
  cooks,
}: {
  /** Its learned values; null until computed. */
  readonly kitchen: Kitchen | null;
  readonly cooks: readonly Cook[];
}) {
  const rows = kitchen ? rowsOf(kitchen, cooks) : [];
  const same = rows.filter((row) => !row.other);
  const forgotten = (kitchen?.forgotten ?? []).filter(
    ({ what }) => FORGOTTEN.test(what) || what === forgets.salt || what === forgets.set,
  );
  return (
    <section aria-labelledby="learned" className="panel p-5">
      <h2 id="learned" className="text-lg font-semibold">
        <Term id="learned">What Retort has learned about foods</Term>
      </h2>
      <p className="text-small text-quiet">
        {!kitchen
          ? 'Working it out…'
          : rows.length === 0
            ? 'Nothing yet. Say in the log how things were, and try them at the stove: two or three cooks tell a lot.'
            : 'From your tests and verdicts. Plans use these numbers.'}
      </p>
      <Rows rows={rows.filter((row) => row.other)} />
      {same.length > 0 && (
        <details className="text-small">
          <summary className="min-h-9 cursor-pointer text-quiet">{same.length} as usual</summary>
          <Rows rows={same} />
        </details>
      )}
      {forgotten.map(({ what }) => (
        <p key={what} className="text-small text-quiet">
          Forgotten:{' '}
          {what === forgets.set
            ? 'set of broths'
            : nameOfLesson(FORGOTTEN.exec(what)?.[1] ?? what, cooks)}
          .{' '}
          <button type="button" className={LINK} onClick={() => believeAgain(what)}>
            Use it again
          </button>
        </p>
      ))}
    </section>
  );
}
