'use client';

import { nanoid } from 'nanoid';
import type { Mark } from '@/core/batch/schema';
import { pressed } from '@/core/cook';
import { timeOf } from '@/session/clockText';
import { Button } from '@/ui/Button';
import type { Away } from '@/ui/cooking/away';

/** Back at the stove: what was to happen meanwhile, and one question. Nothing is taken for done. */
export function AwayCard({
  away,
  onMarks,
  onBack,
}: {
  readonly away: Away;
  readonly onMarks: (edit: (marks: readonly Mark[]) => readonly Mark[]) => void;
  /** It is answered: the stage that follows is shown. */
  readonly onBack: () => void;
}) {
  const { from, meanwhile, question } = away;
  const { title, mark, step, dueAt, yes, no } = question;
  const inTime = (): void => {
    const given = pressed(new Date(dueAt).toISOString(), nanoid, { kind: mark, step });
    onMarks((marks) => [...marks, ...given]);
    onBack();
  };
  return (
    <section aria-label="While you were away" className="mt-2 max-w-2xl">
      <h2 className="figure text-4xl">While you were away</h2>
      <p className="mt-1 text-quiet">Nobody was here since {timeOf(from)}.</p>
      <ul className="mt-2 text-lead">
        {meanwhile.map(({ at, words }) => (
          <li key={`${at} ${words}`} className="flex gap-3">
            <span className="figure min-w-14 whitespace-nowrap">{timeOf(at)}</span> {words}
          </li>
        ))}
      </ul>
      <h3 className="figure mt-4 text-3xl">{title}</h3>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button size="large" onClick={inTime}>
          {yes}
        </Button>
        <Button size="large" onClick={onBack}>
          {no}
        </Button>
        <Button size="large" onClick={onBack}>
          Not sure
        </Button>
      </div>
      <p className="mt-2 text-body text-quiet">
        Anything you are not sure of counts as not done. Leave the valve and the lid alone until you
        have looked.
      </p>
    </section>
  );
}
