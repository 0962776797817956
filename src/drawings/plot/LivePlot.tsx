'use client';

import { useDeferredValue, useState, type PointerEvent } from 'react';
import { later } from '../later';
import { AXIS_LEFT, AXIS_RIGHT } from '../time/frame';
import { LightPlot } from './LightPlot';
import { minuteAt } from './path';
import type { Plot } from './plot';

// The chart's package is the largest there is here, and the dearest to begin: it comes when somebody reads
// the plot. Until then the light drawing shows the same.
const RichPlot = later(
  () => import('./RichPlot').then((m) => m.RichPlot),
  ({ plot }: { readonly plot: Plot; readonly cursorMin: number | null }) => (
    <LightPlot plot={plot} />
  ),
);

/**
 * A plot that a hand changes, with a cursor that follows the pointer: the rich drawing waits, unseen, until
 * the hand lets go, and the light one takes its place.
 */
export function LivePlot({
  inHand,
  settled,
  cursorMin,
  onCursor,
}: {
  /** The value under the hand; null while no hand is on it. */
  readonly inHand: Plot | null;
  /** At rest; null before there is any. */
  readonly settled: Plot | null;
  readonly cursorMin: number | null;
  readonly onCursor: (minute: number | null) => void;
}) {
  // The readings of an edit first: the chart is the dearest to draw again.
  const atRest = useDeferredValue(settled);
  const [read, setRead] = useState(false);
  if (cursorMin !== null && !read) setRead(true);
  const follow = ({ currentTarget, clientX }: PointerEvent): void => {
    setRead(true);
    if (!atRest) return;
    const { left, width } = currentTarget.getBoundingClientRect();
    const along = (clientX - left - AXIS_LEFT) / (width - AXIS_LEFT - AXIS_RIGHT);
    const minute = minuteAt(atRest, along);
    if (minute !== null) onCursor(minute);
  };
  return (
    <div
      className="h-full"
      onPointerEnter={follow}
      onPointerMove={follow}
      // A finger that is lifted has not gone away.
      onPointerLeave={({ pointerType }) => pointerType !== 'touch' && onCursor(null)}
    >
      {inHand && <LightPlot plot={inHand} />}
      {atRest && (read || !inHand) && (
        <div className={inHand ? 'invisible absolute inset-0' : 'h-full'}>
          {read ? <RichPlot plot={atRest} cursorMin={cursorMin} /> : <LightPlot plot={atRest} />}
        </div>
      )}
    </div>
  );
}
