import type { Bundle } from '@/core/batch';

// Reading a file brings the schemas along, which no other first load needs.
const reader = () => import('@/formats/read');

/** The sample kitchen of Harrow Fell, checked like any other file. */
export async function sampleKitchen(): Promise<Bundle> {
  const [{ default: sample }, { readBundle }] = await Promise.all([
    import('@demo/harrow-fell.json'),
    reader(),
  ]);
  const read = readBundle(JSON.stringify(sample));
  if (!read.ok) throw new Error(read.problems.map((p) => `${p.path}: ${p.wanted}`).join('; '));
  return read.bundle;
}

/** A household with nothing planned: one usual pot at sea level, to be set right in the Kitchen. */
export async function emptyKitchen(): Promise<Bundle> {
  const { readBundle } = await reader();
  const read = readBundle(
    JSON.stringify({
      format: 'retort',
      version: 1,
      pots: [{ id: 'p1', name: 'My pot', capacityL: 5.7, innerDiameterCm: 22 }],
    }),
  );
  if (!read.ok) throw new Error('the empty kitchen is not valid');
  return read.bundle;
}
