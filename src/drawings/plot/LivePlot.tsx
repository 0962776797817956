'use client';

import { useDeferredValue } from 'react';
import { later } from '../later';
import { LightPlot } from './LightPlot';
import type { Plot } from './plot';
import type { RichPlotProps } from './RichPlot';

/** However busy the page is, the rich drawing comes after so long, ms. */
const IDLE_MS = 1500;

function idle(): Promise<void> {
  return new Promise((done) => {
    // Some browsers have no word for it.
    if (typeof requestIdleCallback === 'function')
      requestIdleCallback(() => done(), { timeout: IDLE_MS });
    else setTimeout(done, 0);
  });
}

/** Once what was last drawn can be seen: a page that is hidden draws nothing, and has the time. */
function seen(): Promise<void> {
  return new Promise((done) => {
    if (document.hidden) done();
    else requestAnimationFrame(() => requestAnimationFrame(() => done()));
  });
}

// The chart's package is the largest there is here, and the dearest to begin: nothing else waits for it,
// and the light drawing stands until the page has been seen and has nothing better to do.
const RichPlot = later<RichPlotProps>(
  async () => {
    await seen();
    await idle();
    return (await import('./RichPlot')).RichPlot;
  },
  ({ plot }) => <LightPlot plot={plot} />,
);

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
  // The readings of an edit first: the chart is the dearest to draw again.
  const atRest = useDeferredValue(settled);
  return (
    <>
      {inHand && <LightPlot plot={inHand} />}
      {atRest && (
        <div className={inHand ? 'invisible absolute inset-0' : 'h-full'}>
          <RichPlot plot={atRest} cursorMin={cursorMin} onCursor={onCursor} />
        </div>
      )}
    </>
  );
}
