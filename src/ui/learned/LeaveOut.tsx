import { useState } from 'react';
import type { Cook } from '@/core/batch/schema';
import { Button } from '../Button';
import { leaveOut } from './learning';

const REASONS = [
  'the lid or the ring was wrong',
  'marks were pressed late',
  'the heat was different',
];
const LINK = 'min-h-9 text-small text-quiet underline underline-offset-4';

/** Leaves a cook out of what is learned, with its reason, or takes it in again. */
export function LeaveOut({ cook }: { readonly cook: Cook }) {
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  if (cook.leftOut)
    return (
      <p className="text-small text-quiet">
        Retort learns nothing from it: {cook.leftOut.reason}.{' '}
        <button type="button" className={LINK} onClick={() => leaveOut(cook.id, null)}>
          Learn from it again
        </button>
      </p>
    );
  if (!asking)
    return (
      <button type="button" className={LINK} onClick={() => setAsking(true)}>
        Leave this cook out
      </button>
    );
  const keep = (why: string): void => {
    leaveOut(cook.id, why);
    setAsking(false);
  };
  return (
    <form
      className="mt-1 space-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim()) keep(reason.trim());
      }}
    >
      <p className="text-small text-quiet">Why?</p>
      <p className="flex flex-wrap gap-2">
        {REASONS.map((why) => (
          <Button key={why} size="small" onClick={() => keep(why)}>
            {why}
          </Button>
        ))}
      </p>
      <p className="flex gap-2">
        <input
          className="field min-h-10"
          aria-label="Why should Retort learn nothing from it?"
          placeholder="another reason"
          maxLength={200}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
        <Button type="submit" size="small" disabled={!reason.trim()}>
          Leave out
        </Button>
        <Button look="quiet" size="small" onClick={() => setAsking(false)}>
          Cancel
        </Button>
      </p>
    </form>
  );
}
