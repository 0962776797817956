import { readFileSync } from 'node:fs';
import { deflateRawSync } from 'node:zlib';
import fc from 'fast-check';
import { assess } from '../core/assess';
import { withoutClaims } from '../core/batch/household';
import { potOf } from '../core/batch/plan';
import { readBundle } from './read';
import { carriedOf, MOST_LINK, readCarried, writeCarried } from './carry';

const read = readBundle(readFileSync('demo/harrow-fell.json', 'utf8'));
if (!read.ok) throw new Error('the sample kitchen is not valid');
const { batches, pots, kitchen } = read.bundle;

test.each(batches.map((b) => [b.name, b] as const))(
  '%s goes into a link and comes out to the digit',
  async (_, batch) => {
    const pot = potOf(batch, pots);
    const code = await writeCarried(carriedOf(batch, pot, kitchen));
    expect(code).toMatch(/^[\w-]+$/);
    expect(code.length).toBeLessThan(MOST_LINK - 60);
    const back = await readCarried(`#${code}`);
    if (!back.ok) throw new Error(JSON.stringify(back.problems));
    const [carried] = back.bundle.batches;
    const [own] = back.bundle.pots;
    if (!carried || !own) throw new Error('lost on the way');
    // Jars stay on their shelf.
    expect(carried).toEqual(withoutClaims({ ...batch, potId: pot.id }));
    expect(assess(carried, own, back.bundle.kitchen)).toEqual(assess(carried, pot, kitchen));
  },
);

test('anything else is refused in words, and nothing is thrown', async () => {
  for (const code of ['', '#', '#not-a-link', `#${'A'.repeat(500_000)}`]) {
    const back = await readCarried(code);
    expect(back.ok ? '' : back.problems[0]?.wanted).toBe('a link of Retort, whole');
  }
  await fc.assert(
    fc.asyncProperty(fc.string({ unit: 'binary-ascii', maxLength: 60 }), async (text) => {
      expect((await readCarried(text)).ok).toBe(false);
    }),
    { numRuns: 60 },
  );
});

test('what is packed without end is given up', async () => {
  const bomb = deflateRawSync(Buffer.alloc(50_000_000, 32)).toString('base64url');
  expect((await readCarried(bomb)).ok).toBe(false);
});

test('a link that was cut off is refused', async () => {
  const [batch] = batches;
  if (!batch) throw new Error('no batches');
  const code = await writeCarried(carriedOf(batch, potOf(batch, pots), kitchen));
  expect((await readCarried(code.slice(0, -20))).ok).toBe(false);
});

test('the recipe that a batch was read from, and the words of the kitchen, stay at home', async () => {
  const [batch] = batches;
  if (!batch) throw new Error('no batches');
  const text = Array.from({ length: 2000 }, (_, i) => `word${i}`).join(' ');
  const own = { ...kitchen, words: [{ said: 'blarney', food: 'potato' }] };
  const code = await writeCarried(
    carriedOf({ ...batch, recipe: { text } }, potOf(batch, pots), own),
  );
  expect(code.length).toBeLessThan(MOST_LINK - 60);
});
