import { problemsOf } from '@/core/batch/household';
import { kitchenSchema } from '@/core/batch/schema';
import { toNumbers } from '@/ui/forms/numbers';

describe('fields as numbers', () => {
  it('reads points and commas', () => {
    expect(toNumbers({ a: ' 12.5 ', b: '12,5', c: 7, d: 'kept' }, ['a', 'b', 'c'])).toEqual({
      a: 12.5,
      b: 12.5,
      c: 7,
      d: 'kept',
    });
  });

  it('leaves what is no number for the schema to refuse', () => {
    const read = toNumbers({ altitudeM: 'high', ambientC: '', units: 'metric' }, [
      'altitudeM',
      'ambientC',
    ]);
    expect(problemsOf(kitchenSchema, read).map((p) => p.path)).toEqual(['altitudeM', 'ambientC']);
  });
});
