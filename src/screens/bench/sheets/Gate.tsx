import { useState } from 'react';
import { callKey, type Finding } from '@/core/assess';
import type { Cook } from '@/core/batch/schema';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/forms/Field';
import { Sheet } from '@/ui/Sheet';

/** Asks for a reason before a plan with stops goes on the stove. The reason goes along with the cook. */
export function Gate({
  stops,
  onGo,
  onClose,
}: {
  readonly stops: readonly Finding[];
  readonly onGo: (despite: NonNullable<Cook['despite']>) => void;
  readonly onClose: () => void;
}) {
  const [text, setText] = useState('');
  const reason = text.trim();
  const never = stops.some(({ level }) => level === 'never');
  return (
    <Sheet
      open
      onClose={onClose}
      title={never ? 'Do not cook this yet' : 'Fix this first'}
      foot={
        <>
          {!never && (
            <Button
              disabled={!reason}
              onClick={() => onGo(stops.map(({ code, title }) => ({ code, title, reason })))}
            >
              Cook it anyway
            </Button>
          )}
          <Button look="copper" onClick={onClose}>
            Back to the plan
          </Button>
        </>
      }
    >
      <ul className="space-y-2">
        {stops.map((stop) => (
          <li key={callKey(stop)} className="panel border-l-[6px] border-l-rust px-3 py-2.5">
            <h3 className="font-semibold">{stop.title}</h3>
            <p className="text-small text-quiet">{stop.message}</p>
          </li>
        ))}
      </ul>
      {never ? (
        <p>This plan cannot be cooked safely. Remove or change the foods named above.</p>
      ) : (
        <Field
          id="gate-reason"
          label="Why you cook it anyway"
          hint="The Stove and the Log keep showing your reason."
          maxLength={200}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      )}
    </Sheet>
  );
}
