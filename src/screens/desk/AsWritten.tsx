import { useState } from 'react';
import { joinMarks, unusedIn } from '@/core/batch/reading';
import type { ReadRecipe, Told } from '@/formats';
import { Marked } from './Marked';
import type { Desk } from './useDesk';
import { UseIt } from './UseIt';

const TOUCH = 'cursor-pointer rounded px-0.5 -mx-0.5 hover:bg-copper/10';
const POINTED = 'bg-straw/35';

/** Something that is touched in a text. */
function Touch({
  label,
  isPointed,
  onTouch,
  children,
}: {
  readonly label: string;
  readonly isPointed: boolean;
  readonly onTouch: () => void;
  readonly children: React.ReactNode;
}) {
  return (
    <span
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={isPointed}
      className={`${TOUCH} ${isPointed ? POINTED : ''}`}
      onClick={onTouch}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onTouch();
      }}
    >
      {children}
    </span>
  );
}

/** An ingredient line as it was written; touched, it shows its foods. */
function Line({
  recipe,
  source,
  desk,
}: {
  readonly recipe: ReadRecipe;
  readonly source: number;
  readonly desk: Desk;
}) {
  const foods = recipe.lines.flatMap((line, i) => (recipe.of[i] === source ? [{ line, i }] : []));
  const text = foods[0]?.line.source ?? recipe.sources[source] ?? '';
  const marks = joinMarks(
    foods.filter(({ line }) => line.source === text).map(({ line }) => line.marks),
  );
  const ids = foods.map(({ i }) => recipe.ids[i] ?? '');
  const isPointed = desk.pointed?.at === 'item' && ids.includes(desk.pointed.id);
  if (foods.length === 0)
    return <li className="text-quiet line-through">{recipe.sources[source]}</li>;
  return (
    <li>
      <Touch
        label={text}
        isPointed={isPointed}
        onTouch={() => desk.point({ at: 'item', id: ids[0] ?? '' })}
      >
        <Marked text={text} marks={marks} />
      </Touch>
    </li>
  );
}

/** Instructions as they were written; a clause touched shows its step, or is made one. */
function Instruction({
  told,
  recipe,
  desk,
}: {
  readonly told: Told;
  readonly recipe: ReadRecipe;
  readonly desk: Desk;
}) {
  const [using, setUsing] = useState<number | null>(null);
  const { text, marks, phrases } = told;
  const parts: React.ReactNode[] = [];
  let at = 0;
  phrases.forEach((phrase, n) => {
    const { from, to, step, lines } = phrase;
    if (from > at) parts.push(text.slice(at, from));
    at = to;
    const isPointed =
      (desk.pointed?.at === 'step' && desk.pointed.id === step) ||
      (desk.pointed?.at === 'item' && lines.some((line) => recipe.ids[line] === desk.pointed?.id));
    const own = marks.filter((mark) => mark.from >= from && mark.to <= to);
    const wasted = step === undefined && unusedIn(text, own, 'figures').length > 0;
    parts.push(
      <Touch
        key={from}
        label={text.slice(from, to).trim()}
        isPointed={isPointed}
        onTouch={() => {
          const line = lines[0];
          setUsing(wasted && using !== n ? n : null);
          if (step !== undefined) desk.point({ at: 'step', id: step });
          else if (line !== undefined) desk.point({ at: 'item', id: recipe.ids[line] ?? '' });
        }}
      >
        <Marked text={text} marks={marks} from={from} to={to} />
      </Touch>,
    );
  });
  parts.push(text.slice(at));
  const used = using === null ? undefined : phrases[using];
  return (
    <li>
      {parts}
      {used && (
        <UseIt
          words={text.slice(used.from, used.to)}
          desk={desk}
          of={recipe}
          phrase={used}
          onDone={() => setUsing(null)}
        />
      )}
    </li>
  );
}

/** The original recipe, every word marked by what it became. */
export function AsWritten({
  recipe,
  link,
  desk,
}: {
  readonly recipe: ReadRecipe;
  /** Its page; empty for none. */
  readonly link: string;
  readonly desk: Desk;
}) {
  return (
    <section aria-labelledby="as-written" className="panel p-5">
      <h2 id="as-written" className="text-fine font-medium text-quiet">
        As written
      </h2>
      <p className="mt-1 text-xl font-semibold">{recipe.name}</p>
      <p className="text-quiet">
        {recipe.servings !== null && `${recipe.servings} servings`}
        {link && (
          <a
            href={link}
            rel="noreferrer noopener"
            target="_blank"
            className="block truncate text-small text-cobalt underline"
          >
            {link}
          </a>
        )}
      </p>
      <ul aria-label="Ingredients as written" className="mt-3 space-y-1.5 leading-relaxed">
        {recipe.sources.map((_, i) => (
          <Line key={i} recipe={recipe} source={i} desk={desk} />
        ))}
      </ul>
      <ol aria-label="Method as written" className="mt-4 space-y-2.5 leading-relaxed">
        {recipe.told.map((told, i) => (
          <Instruction key={i} told={told} recipe={recipe} desk={desk} />
        ))}
      </ol>
      {recipe.left.length > 0 && (
        <details className="mt-4 text-small text-quiet">
          <summary className="cursor-pointer">
            Left out: {recipe.left.length} {recipe.left.length === 1 ? 'row' : 'rows'}
          </summary>
          <ul className="mt-1 space-y-1">
            {recipe.left.slice(0, 60).map((row, i) => (
              <li key={i} className="break-words">
                {row}
              </li>
            ))}
          </ul>
        </details>
      )}
      <p className="mt-4 flex flex-wrap gap-x-4 gap-y-1 border-t border-hairline pt-3 text-fine text-quiet">
        <Marked
          text="amount food cut or state step and time release not planned here"
          marks={[
            { from: 0, to: 6, fate: 'amount' },
            { from: 7, to: 11, fate: 'food' },
            { from: 12, to: 24, fate: 'cut' },
            { from: 25, to: 38, fate: 'time' },
            { from: 39, to: 46, fate: 'release' },
            { from: 47, to: 63, fate: 'vessel' },
          ]}
        />
        <span>no line: not used</span>
      </p>
    </section>
  );
}
