/** Warnings that the cook dismissed, each with a reason that is kept. */
import type { Batch, PutBy } from '../batch/schema';
import type { Finding } from './types';

/** Whether nothing goes on with it without a reason, or at all. */
export const isStop = ({ level }: Pick<Finding, 'level'>): boolean =>
  level === 'stop' || level === 'never';

/** Key that tells one call of a batch from another. */
export function callKey({ code, item, step }: Finding): string {
  return [code, item ?? '', step ?? ''].join(' ');
}

function same(put: PutBy, finding: Finding): boolean {
  return put.code === finding.code && put.item === finding.item && put.step === finding.step;
}

/** The entry of a dismissed finding. */
export function putByOf(batch: Batch, finding: Finding): PutBy | undefined {
  return batch.putBy?.find((put) => same(put, finding));
}

/** Puts a finding by; a second time changes the reason. */
export function putBy(batch: Batch, finding: Finding, reason: string): Batch {
  const { code, item, step } = finding;
  const rest = (batch.putBy ?? []).filter((put) => !same(put, finding));
  const entry: PutBy = { code, ...(item && { item }), ...(step && { step }), reason };
  return { ...batch, putBy: [...rest, entry] };
}

/** Takes a finding up again. */
export function takeUp(batch: Batch, finding: Finding): Batch {
  return { ...batch, putBy: (batch.putBy ?? []).filter((put) => !same(put, finding)) };
}
