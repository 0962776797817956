/** Findings in a batch of the test kitchen, and the effect of their remedies. */
import { applyRemedy, assess, type Finding, type FindingCode } from '../assess';
import type { Batch, Kitchen } from '../batch/schema';
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

/** Does the first that helps of what a finding offers. @throws Error where none does */
export function cleared(batch: Batch, code: FindingCode): Batch {
  const { remedies } = finding(batch, code);
  const after = remedies
    .map((remedy) => applyRemedy(batch, remedy))
    .find((next) => !codes(next).includes(code));
  if (after) return after;
  throw new Error(`${code} is not cleared by ${remedies.map((r) => r.label).join(', ') || 'none'}`);
}
