import { readFoods } from '.';

/** Foods of a line, each with the cut that is read for it, and whether it is served beside. */
function foodsIn(line: string): readonly string[] {
  return readFoods(line).map(({ food, item }) =>
    [food?.key ?? '?', item?.cut?.shape, item?.apart ? 'apart' : undefined]
      .filter(Boolean)
      .join(' '),
  );
}

describe('a line of several foods', () => {
  it.each([
    ['1 onion and 2 carrots, diced', ['onion cube', 'carrot cube']],
    ['1 leek, 2 carrots and 1 parsnip, sliced', ['leek slice', 'carrot slice', 'parsnip slice']],
    ['2 carrots, 1 leek, sliced', ['carrot', 'leek slice']],
    ['1 onion, halved, and 2 carrots, sliced', ['onion', 'carrot slice']],
    ['2 cloves garlic and 1 thumb ginger, grated', ['garlic cube', 'ginger cube']],
    ['radishes, limequats and cilantro, to serve', ['radish apart', 'parsley apart']],
    ['avocado and bread for the table', ['avocado apart', 'bread apart']],
    ['For the tempering: 1 tbsp ghee, 1 tsp cumin', ['ghee', 'cumin']],
  ])('%s', (line, foods) => {
    expect(foodsIn(line)).toEqual(foods);
  });

  it('keeps every mark inside the line that it is of', () => {
    const line = 'For the tempering: 1 tbsp ghee, 1 tsp cumin';
    const said = readFoods(line).flatMap(({ marks }) =>
      marks.filter((mark) => mark.fate === 'food').map(({ from, to }) => line.slice(from, to)),
    );
    expect(said).toEqual(['ghee', 'cumin']);
  });
});
