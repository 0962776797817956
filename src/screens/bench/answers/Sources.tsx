import { Said } from '@/ui/said';
import { foodOf, likeWords, planBatch } from '@/core/batch/plan';
import type { Batch, Kitchen, Pot } from '@/core/batch/schema';
import { donenessOf, type Doneness } from '@/core/doneness';
import { factsOf } from '@/core/learn';
import { factWords } from '@/ui/learned/knownWords';

const MARKS: Readonly<Record<Exclude<Doneness['mark'], 'learned'>, string>> = {
  'fitted to the chart': 'the chart of times',
  'from related foods': 'the chart, by a related food',
  assumed: 'assumed',
};

/** Sources of a plan's numbers: the table, this kitchen's foods, or its cooks' lessons. */
export function Sources({
  batch,
  pot,
  kitchen,
}: {
  readonly batch: Batch;
  readonly pot: Pot;
  readonly kitchen: Kitchen;
}) {
  const facts = factsOf(batch, pot, kitchen).flatMap((fact) => factWords(fact) ?? []);
  const rows = planBatch(batch, pot, kitchen).items.flatMap((planned, i) => {
    const item = batch.items[i];
    const mark = donenessOf(planned.food, planned)?.mark;
    if (!item || !mark || planned.apart) return [];
    const own = item.own ? `this kitchen’s food, ${likeWords(item.own, kitchen.units)}` : null;
    const learned = mark === 'learned' ? 'learned, see above' : own ? null : MARKS[mark];
    return [
      {
        id: item.id,
        name: foodOf(item)?.name ?? item.food,
        words: [own, learned].filter(Boolean).join(', '),
      },
    ];
  });
  return (
    <details className="text-fine">
      <summary className="min-h-6 cursor-pointer text-quiet">Where these numbers come from</summary>
      <div className="space-y-1 border-y border-hairline py-1">
        {facts.map((words) => (
          <p key={words}>
            <Said>{words}</Said>
          </p>
        ))}
        {!pot.learned && (
          <p>{`${pot.name}: as its label says${pot.measured ? ', measured' : ''}; not measured by any cook yet.`}</p>
        )}
        <dl className="grid grid-cols-[1fr_auto] gap-x-3">
          {rows.map(({ id, name, words }) => (
            <div key={id} className="col-span-2 grid grid-cols-subgrid">
              <dt className="text-quiet">
                <Said>{name}</Said>
              </dt>
              <dd className="text-right">{words}</dd>
            </div>
          ))}
        </dl>
      </div>
    </details>
  );
}
