import { readLine } from './line';
import { planBatch } from '../plan';
import { amountGrams } from '../../food';
import { batchOf, KITCHEN, POT } from '../../testing/kitchen';

/** Thickness at which a line is planned, mm; null for usual pieces. */
function planned(text: string): { mm: number | null; key: string; grams: number; asked: string } {
  const { item, food, unsure } = readLine(text);
  if (!item || !food) throw new Error(text);
  const plan = planBatch(batchOf([{ ...item, id: 'x' }]), POT, KITCHEN);
  return {
    mm: plan.items[0]?.cut?.mm ?? null,
    key: food.key,
    grams: amountGrams(food, item.amount) ?? 0,
    asked: unsure.join('; '),
  };
}

describe('what is whole', () => {
  it.each([
    ['1.5 kg beef roast, in one piece', 100, 120],
    ['3 lb chuck roast', 95, 120],
    ['1 whole lamb shoulder', 100, 130],
    ['1 pork shoulder', 105, 135],
    ['1 boneless pork shoulder (3 lb)', 95, 120],
    ['1 kg lamb neck, whole', 80, 115],
    ['2 kg pork belly in one piece', 55, 80],
    ['500 g minced beef, frozen block', 60, 90],
    ['1 kg chicken thighs frozen in a block', 35, 60],
  ])('%s is as thick as its weight', (text, least, most) => {
    const { mm } = planned(text);
    expect(mm).toBeGreaterThanOrEqual(least);
    expect(mm).toBeLessThanOrEqual(most);
  });

  it('is a bird by its bare name, and not a breast', () => {
    expect(planned('1 chicken').key).toBe('whole-chicken');
    expect(planned('5 kg turkey').key).toBe('whole-turkey');
    expect(planned('500 g chicken').key).toBe('chicken-breast');
  });

  it('differs from one weight of a bird to the next', () => {
    const thick = (text: string): number => planned(text).mm ?? 65;
    expect(thick('1 whole chicken (2.6 kg)')).toBeGreaterThan(
      1.1 * thick('1 whole chicken (1.6 kg)'),
    );
  });
});

describe('what is cut', () => {
  it.each([
    ['2 kg pork shoulder, cut in 3 cm cubes', 30],
    ['3 lb chuck roast, cut into chunks', 30],
    ['300 g green beans, 4 cm lengths', 40],
  ])('%s has the size that is said', (text, mm) => {
    expect(planned(text)).toMatchObject({ mm, asked: '' });
  });
});

describe('a weight that leaves it open', () => {
  it.each(['2 kg lamb shoulder', '1.2 kg pork loin', '1.2 kg brisket'])(
    '%s is asked about',
    (text) => {
      expect(planned(text).asked).toContain('in one piece or cut up?');
    },
  );

  it('takes frozen mince for a block, and asks', () => {
    expect(planned('2 lb frozen ground beef')).toMatchObject({
      asked: expect.stringContaining('in one block or loose?'),
    });
    expect(planned('2 lb frozen ground beef').mm).toBeGreaterThan(80);
    expect(planned('1 kg stewing beef').asked).toBe('');
  });

  it('names a joint by the piece with the weight that it is taken for', () => {
    expect(planned('1 leg of lamb')).toMatchObject({ grams: 1800, asked: 'taken for 1.8 kg' });
  });
});
