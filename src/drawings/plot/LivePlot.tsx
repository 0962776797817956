'use client';

import { lazy, Suspense } from 'react';
import { LightPlot } from './LightPlot';
import type { Plot } from './plot';

// The chart's package is the largest there is here; nothing else waits for it.
const RichPlot = lazy(() => import('./RichPlot').then((m) => ({ default: m.RichPlot })));

/**
 * A plot that a hand changes: the rich drawing waits, unseen, until the hand lets go, and the light
 * one stands in for it.
 */
export function LivePlot({
  inHand,
  settled,
  cursorMin,
  onCursor,
}: {
  /** As the hand has it; null while no hand is on it. */
  readonly inHand: Plot | null;
  /** At rest; null before there is any. */
  readonly settled: Plot | null;
  readonly cursorMin: number | null;
  readonly onCursor: (minute: number | null) => void;
}) {
  return (
    <>
      {inHand && <LightPlot plot={inHand} />}
      {settled && (
        <div className={inHand ? 'invisible absolute inset-0' : 'h-full'}>
          <Suspense fallback={<div className="h-full animate-pulse rounded-xl bg-hairline/50" />}>
            <RichPlot plot={settled} cursorMin={cursorMin} onCursor={onCursor} />
          </Suspense>
        </div>
      )}
    </>
  );
}
