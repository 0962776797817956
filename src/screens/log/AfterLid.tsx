import type { Cook, Taste, Thickening } from '@/core/batch/schema';
import {
  formatLevel,
  formatMass,
  formatTemperature,
  formatVolume,
  type Units,
} from '@/core/quantity';
import { timeOf } from '@/session/clockText';

const THICKENED: Readonly<Record<Thickening, string>> = {
  nothing: 'left as it stood',
  blend: 'a part blended',
  slurry: 'thickened with a slurry',
  roux: 'thickened with flour and butter',
  reduce: 'boiled down',
};
const TASTE: Readonly<Record<Taste, string>> = {
  salt: 'salt',
  acid: 'acid',
  heat: 'heat',
  sweet: 'sweet',
};

/** Moves after the lid, the seasoning, and how the rest was cooled. */
export function AfterLid({ cook, units }: { readonly cook: Cook; readonly units: Units }) {
  const { after } = cook;
  if (!after) return null;
  const { added = [], right = [], thickened, bowls = 0, bowlL = 0, cooling, wasteL } = after;
  const grams = (what: Taste): number =>
    added.filter((one) => one.what === what).reduce((sum, one) => sum + one.grams, 0);
  const tastes = (Object.keys(TASTE) as Taste[]).filter((what) => grams(what) > 0);
  const rows: readonly (readonly [name: string, text: string])[] = [
    ...(thickened ? [['Thickness', THICKENED[thickened]] as const] : []),
    ...tastes.map(
      (what) =>
        [
          `More ${TASTE[what]}`,
          `${formatMass(grams(what), units)}${right.includes(what) ? ', then right' : ''}`,
        ] as const,
    ),
    ...(bowls > 0
      ? [['Serve', `${bowls} servings of ${formatVolume(bowlL, units)}`] as const]
      : []),
    ...(cooling
      ? [
          [
            cooling.thrown ? 'Thrown out' : 'Cooled',
            [
              formatLevel(cooling.litres, units),
              ...(cooling.readings ?? []).map(
                (r) => `${formatTemperature(r.celsius, units)} at ${timeOf(Date.parse(r.at))}`,
              ),
            ].join(', '),
          ] as const,
        ]
      : []),
    ...(after.thrownAt ? [['Thrown out', timeOf(Date.parse(after.thrownAt))] as const] : []),
    ...(wasteL ? [['Not kept', formatLevel(wasteL, units)] as const] : []),
  ];
  if (rows.length === 0) return null;
  return (
    <section className="mt-7">
      <h2 className="text-lg font-semibold">After cooking</h2>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-6 text-body">
        {rows.map(([name, text]) => (
          <div
            key={name}
            className="col-span-2 grid grid-cols-subgrid border-t border-hairline py-1.5"
          >
            <dt className="text-quiet">{name}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
