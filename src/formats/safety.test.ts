import { CASES } from './testing/safety/cases';
import { foundIn, isMet } from './testing/safety/run';

describe.each([...new Set(CASES.map(({ hazard }) => hazard))])('written cases: %s', (hazard) => {
  it.each(CASES.filter((c) => c.hazard === hazard).map((c) => [c.says, c] as const))(
    '%s',
    (_, c) => {
      const found = foundIn(c);
      expect({ wants: c.wants, found, met: isMet(c.wants, found) }).toMatchObject({ met: true });
    },
  );
});
