import type { Bundle } from '@/core/batch';
import { readBundle } from '@/formats';

/** The sample kitchen of Harrow Fell, checked like any other file. */
export async function sampleKitchen(): Promise<Bundle> {
  const { default: sample } = await import('@demo/harrow-fell.json');
  const read = readBundle(JSON.stringify(sample));
  if (!read.ok) throw new Error(read.problems.map((p) => `${p.path}: ${p.wanted}`).join('; '));
  return read.bundle;
}

/** A household with nothing planned: one usual pot at sea level, to be set right in the Kitchen. */
export function emptyKitchen(): Bundle {
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
