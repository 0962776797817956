'use client';

import {
  Bar,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
} from 'recharts';
import type { Cook } from '@/core/batch/schema';
import { FEWEST, reliabilityOf, type Bin, type Reliability } from '@/core/learn';
import { useMemo } from 'react';

const percent = (share: number): string => `${Math.round(100 * share)} %`;
const inTen = (share: number): string => `${Math.round(10 * share)} in 10`;

/** Chances of “right”, predicted and how it came out. */
function Chances({ bins }: { readonly bins: readonly Bin[] }) {
  const rows = bins
    .filter((bin) => bin.count > 0)
    .map((bin) => ({
      name: inTen(bin.predicted),
      share: 100 * bin.share,
      predicted: 100 * bin.predicted,
      count: bin.count,
    }));
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart
        data={rows}
        margin={{ top: 8, right: 8, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--color-hairline)" vertical={false} />
        <XAxis dataKey="name" stroke="var(--color-quiet)" fontSize="0.75rem" tickLine={false} />
        <YAxis
          domain={[0, 100]}
          width={48}
          fontSize="0.75rem"
          stroke="var(--color-quiet)"
          tickFormatter={(v: number) => `${v} %`}
        />
        <Bar dataKey="share" fill="var(--color-leaf)" isAnimationActive={false} maxBarSize={44} />
        <Line
          dataKey="predicted"
          stroke="var(--color-copper)"
          strokeWidth={0}
          dot={{ r: 5, fill: 'var(--color-copper)' }}
          isAnimationActive={false}
        />
      </ComposedChart>
    </ResponsiveContainer>
  );
}

/** Minutes later or sooner than predicted, cook after cook. */
function Misses({ told }: { readonly told: Reliability }) {
  const rows = told.misses.map((miss, i) => ({ n: i + 1, minutes: Math.round(miss.minutes) }));
  return (
    <ResponsiveContainer width="100%" height="100%">
      <ComposedChart
        data={rows}
        margin={{ top: 8, right: 8, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--color-hairline)" vertical={false} />
        <XAxis
          dataKey="n"
          type="number"
          domain={[0, rows.length + 1]}
          stroke="var(--color-quiet)"
          fontSize="0.75rem"
          tickLine={false}
          allowDecimals={false}
        />
        <YAxis
          width={40}
          fontSize="0.75rem"
          stroke="var(--color-quiet)"
          tickFormatter={(v: number) => (v > 0 ? `+${v}` : String(v))}
        />
        <ReferenceLine y={0} stroke="var(--color-ink)" />
        <Scatter dataKey="minutes" fill="var(--color-copper)" isAnimationActive={false} />
      </ComposedChart>
    </ResponsiveContainer>
  );
}

/** Predictions compared with what happened, over all cooks. */
export function Believed({ cooks }: { readonly cooks: readonly Cook[] }) {
  const told = useMemo(() => reliabilityOf(cooks), [cooks]);
  const { bands, bins, misses, typicalMin } = told;
  const verdicts = bins.reduce((sum, bin) => sum + bin.count, 0);
  const few = told.cooks < FEWEST;
  return (
    <div className="panel mt-4 grid gap-6 p-5 lg:grid-cols-2">
      <section aria-labelledby="of-minutes">
        <h3 id="of-minutes" className="font-semibold">
          Total time, predicted and real
        </h3>
        <p className="text-body" data-testid="bands">
          {bands.shown === 0
            ? 'No range was shown yet.'
            : `Of ${bands.shown} ranges shown, ${bands.held} held the real time; 8 in 10 should.`}{' '}
          {misses.length > 0 && `Half of the cooks were within ${Math.round(typicalMin)} min.`}
          {few && ` ${told.cooks} ${told.cooks === 1 ? 'cook' : 'cooks'}: too few to say.`}
        </p>
        {misses.length > 0 && (
          <figure className="mt-2">
            <div
              className="h-44"
              role="img"
              aria-label="Minutes later or sooner than predicted, cook after cook"
            >
              <Misses told={told} />
            </div>
            <figcaption className="text-fine text-quiet">
              A dot a cook: minutes later (+) or sooner than predicted.
            </figcaption>
          </figure>
        )}
      </section>
      <section aria-labelledby="of-grades">
        <h3 id="of-grades" className="font-semibold">
          “Right”, and whether it was
        </h3>
        <p className="text-body">
          {verdicts === 0
            ? 'No verdict was given yet on foods with a predicted chance.'
            : `${verdicts} verdicts.`}
          {verdicts > 0 && verdicts < FEWEST && ' Too few to say.'}
        </p>
        {verdicts > 0 && (
          <figure className="mt-2">
            <div
              className="h-44"
              role="img"
              aria-label="Chances of right, predicted and how it came out"
            >
              <Chances bins={bins} />
            </div>
            <figcaption className="text-fine text-quiet">
              Bars: how often it was right. Marks: how often that was predicted.
            </figcaption>
            <ul className="mt-1 text-fine text-quiet">
              {bins
                .filter((bin) => bin.count > 0)
                .map((bin) => (
                  <li key={bin.from}>
                    right, {inTen(bin.predicted)}: {Math.round(bin.share * bin.count)} of{' '}
                    {bin.count} ({percent(bin.share)})
                  </li>
                ))}
            </ul>
          </figure>
        )}
      </section>
    </div>
  );
}
