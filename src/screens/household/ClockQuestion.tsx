import { useEffect } from 'react';
import { formatMinutes } from '@/core/quantity';
import type { Jump } from '@/session/steady';
import { useApp } from '@/store';
import { goBy, useClockWatch, useJump } from '@/ui/clock';
import { isCooking } from '@/ui/household';

interface Asked {
  readonly words: string;
  /** Answers of the cook: the first agrees with the page. */
  readonly answers: readonly (readonly [words: string, which: 'wall' | 'count'])[];
}

function asked({ byMs, by }: Jump): Asked {
  const span = formatMinutes(Math.abs(byMs) / 60_000);
  if (by === 'wall')
    return {
      words: `This page slept for ${span}. What cooks went on by the clock.`,
      answers: [
        ['OK', 'wall'],
        ['No, the clock was changed', 'count'],
      ],
    };
  if (byMs < 0)
    return {
      words: `The clock was set back ${span}. What cooks goes on by this page’s own timer.`,
      answers: [
        ['OK', 'count'],
        ['Go timetable', 'wall'],
      ],
    };
  return {
    words: `The clock jumped ${span} ahead. Was it changed, or did that time pass while the device slept?`,
    answers: [
      ['It was changed', 'count'],
      ['That time passed', 'wall'],
    ],
  };
}

/** Asks which clock is right when the wall and the page's count differ while something cooks. */
export function ClockQuestion() {
  useClockWatch();
  const jump = useJump();
  const cooking = useApp((s) => s.household !== null && isCooking(s.household));
  const idle = jump !== null && !cooking;
  useEffect(() => {
    // With nothing on the stove the wall is as good as any.
    if (idle) goBy('wall');
  }, [idle]);
  if (!jump || !cooking) return null;
  const { words, answers } = asked(jump);
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-5 bg-cobalt px-6 py-1.5 text-white print:hidden"
    >
      <span className="min-w-0 flex-1 basis-80">{words}</span>
      {answers.map(([label, which]) => (
        <button
          key={which}
          type="button"
          className="min-h-11 font-semibold underline"
          onClick={() => goBy(which)}
        >
          {label}
        </button>
      ))}
    </div>
  );
}
