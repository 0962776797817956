import { assess } from '../../assess';
import { batchOf, item, KITCHEN, POT, pressure, problemsWith } from '../../testing/kitchen';
import { addItems, byHabit, choose, chosen, SCHOOLS, schoolsOf, stepsOf } from './';
import type { Batch } from '../schema';

const SOUP = batchOf(
  [
    item('w', 'water', 2, 'l', { stays: [{ from: 's1' }] }),
    item('n', 'ditalini', 150, 'g', { stays: [{ from: 's1' }] }),
    item('s', 'salt', 2, 'tsp', { stays: [{ from: 's1' }] }),
    item('k', 'veal-knuckle', 1, 'kg', { stays: [{ from: 's1' }] }),
    item('c', 'carrot', 2, 'piece', { stays: [{ from: 's1' }] }),
    item('b', 'borlotti', 200, 'g', { stays: [{ from: 's1' }] }),
    item('h', 'chicken-breast', 1, 'piece', { stays: [{ from: 's1' }] }),
  ],
  [pressure(20)],
);
const run = (batch: Batch) => assess(batch, POT, KITCHEN);

describe('schools', () => {
  it('are asked about only where they matter', () => {
    expect(schoolsOf(SOUP).map((s) => s.key)).toEqual([
      'noodles',
      'salt',
      'release',
      'bones',
      'vinegar',
      'vegetables',
      'beans',
      'breast',
    ]);
    const plain = batchOf([item('w', 'water', 1, 'l')], [{ id: 's1', kind: 'simmer', minutes: 5 }]);
    expect(schoolsOf(plain)).toEqual([]);
  });

  it('say what each gives and costs', () => {
    for (const { choices } of SCHOOLS)
      for (const { words } of choices) expect(words.length).toBeGreaterThan(12);
  });

  it.each(SCHOOLS.flatMap((s) => s.choices.map((c) => [s.key, c.value] as const)))(
    'a batch that chose %s %s is known to have, is valid, and can be assessed',
    (key, value) => {
      const batch = choose(SOUP, key, value);
      expect(chosen(batch, key)).toBe(value);
      expect(problemsWith(batch)).toEqual([]);
      expect(run(batch).time.steps.length).toBe(stepsOf(batch).length);
      // And back again: what was chosen first can be had again.
      const first = chosen(SOUP, key);
      if (first) expect(chosen(choose(batch, key, first), key)).toBe(first);
    },
  );

  it('change what they say they change', () => {
    expect(run(choose(SOUP, 'noodles', 'apart')).fill.lidOnL).toBeLessThan(run(SOUP).fill.lidOnL);
    const clear = choose(choose(SOUP, 'noodles', 'apart'), 'bones', 'blanched');
    const foamy = choose(SOUP, 'noodles', 'apart');
    const swell = (batch: Batch) =>
      run(choose(batch, 'release', 'quick')).release[0]?.swollenFraction ?? 0;
    expect(swell(clear)).toBeLessThan(swell(foamy));
    expect(stepsOf(choose(SOUP, 'bones', 'roasted'))[0]).toMatchObject({
      kind: 'prep',
      minutes: 45,
    });
  });

  it('are done by habit to what raises them first, and not again', () => {
    const habits = { noodles: 'apart', salt: 'late' } as const;
    const bare = batchOf([item('w', 'water', 1, 'l')], [pressure(10)]);
    const first = byHabit(bare, addItems(bare, [item('n', 'ditalini', 100, 'g')]), habits);
    expect(chosen(first, 'noodles')).toBe('apart');
    const inside = choose(first, 'noodles', 'in');
    const second = byHabit(inside, addItems(inside, [item('c', 'carrot', 1, 'piece')]), habits);
    expect(chosen(second, 'noodles')).toBe('in');
    expect(byHabit(bare, bare, undefined)).toBe(bare);
  });
});
