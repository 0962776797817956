import { VERSION, type Bundle, type Kitchen, type Pot } from '@/core/batch/schema';

// Reading a file brings the schemas along, which no other first load needs.
const reader = () => import('@/formats/read');

/** The day on which the sample's larder is as its file says. */
const DAY_OF_FILE = Date.parse('2026-11-24T12:00:00.000Z');
const DAY_MS = 86_400_000;

/** Jars on the shelves are as fresh as on the day of the file, whenever it is opened. */
function freshened(bundle: Bundle, now: number): Bundle {
  const shift = DAY_MS * Math.round((now - DAY_OF_FILE) / DAY_MS);
  const later = (at: string): string => new Date(Date.parse(at) + shift).toISOString();
  return {
    ...bundle,
    jars: bundle.jars.map((jar) => ({
      ...jar,
      madeAt: later(jar.madeAt),
      ...(jar.since && { since: later(jar.since) }),
    })),
    bag: bundle.bag.map((item) => ({ ...item, at: later(item.at) })),
  };
}

/** The sample kitchen of Harrow Fell, checked like any other file. @param now ms */
export async function sampleKitchen(now: number): Promise<Bundle> {
  const [{ default: sample }, { readBundle }] = await Promise.all([
    import('@demo/harrow-fell.json'),
    reader(),
  ]);
  const read = readBundle(JSON.stringify(sample));
  if (!read.ok) throw new Error(read.problems.map((p) => `${p.path}: ${p.wanted}`).join('; '));
  return freshened(read.bundle, now);
}

/** A household with one pot and nothing planned yet. */
export async function emptyKitchen(
  kitchen: Pick<Kitchen, 'altitudeM' | 'units'>,
  pot: Pot,
): Promise<Bundle> {
  const { readBundle } = await reader();
  const read = readBundle(
    JSON.stringify({ format: 'retort', version: VERSION, kitchen, pots: [pot] }),
  );
  if (!read.ok) throw new Error('the empty kitchen is not valid');
  return read.bundle;
}
