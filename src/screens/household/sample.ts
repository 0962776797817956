import { VERSION, type Batch, type Bundle, type Kitchen, type Pot } from '@/core/batch';

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

/** A household with one pot and one batch, nothing in it yet. */
export async function emptyKitchen(
  kitchen: Pick<Kitchen, 'altitudeM' | 'units'>,
  pot: Pot,
  batch: Batch,
): Promise<Bundle> {
  const { readBundle } = await reader();
  const read = readBundle(
    JSON.stringify({ format: 'retort', version: VERSION, kitchen, pots: [pot], batches: [batch] }),
  );
  if (!read.ok) throw new Error('the empty kitchen is not valid');
  return read.bundle;
}
