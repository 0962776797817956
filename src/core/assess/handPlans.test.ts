/** Plans with typical moves of hands, judged as a cook would judge them. */
import { filledUp } from '../fill';
import { HAND_PLANS } from '../testing/handPlans';
import { assess } from './assess';

it.each(HAND_PLANS.map((one) => [one.batch.name, one] as const))('%s', (_, one) => {
  const { pot, kitchen, verdicts = {}, calls = [], quiet = [], see } = one;
  const batch = filledUp(one.batch, pot, kitchen);
  const assessment = assess(batch, pot, kitchen);
  const found = assessment.findings.map(({ code }) => code);
  const judged = Object.fromEntries(
    Object.keys(verdicts).map((id) => [
      id,
      assessment.items.find((item) => item.id === id)?.verdict,
    ]),
  );
  expect(judged).toEqual(verdicts);
  expect(found).toEqual(expect.arrayContaining([...calls]));
  expect(found.filter((code) => quiet.includes(code))).toEqual([]);
  expect(see?.(assessment) ?? true).toBe(true);
});
