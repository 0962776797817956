/** What is found in a batch of the test kitchen, and what its remedy does. */
import { applyRemedy, assess, type Finding, type FindingCode } from '../assess';
import type { Batch, Kitchen } from '../batch';
import { KITCHEN, POT } from './kitchen';

export const run = (batch: Batch, kitchen: Kitchen = KITCHEN) => assess(batch, POT, kitchen);

export const codes = (batch: Batch): readonly FindingCode[] =>
  run(batch).findings.map((f) => f.code);

/** @throws Error when it is not there */
export function finding(batch: Batch, code: FindingCode): Finding {
  const found = run(batch).findings.find((f) => f.code === code);
  if (!found) throw new Error(`no ${code} in ${codes(batch).join(', ')}`);
  return found;
}

/** Does what a finding offers. @throws Error when there is no remedy, or it is still there after */
export function cleared(batch: Batch, code: FindingCode): Batch {
  const [remedy] = finding(batch, code).remedies;
  if (!remedy) throw new Error(`no remedy for ${code}`);
  const after = applyRemedy(batch, remedy);
  if (codes(after).includes(code)) throw new Error(`${remedy.label} does not clear ${code}`);
  return after;
}
