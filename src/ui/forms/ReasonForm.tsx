'use client';

import { useState } from 'react';
import { Button } from '../Button';
import { Field } from './Field';

/** A reason that goes along with what is done in spite of a danger. */
export function ReasonForm({
  id,
  label,
  hint,
  words,
  onReason,
}: {
  readonly id: string;
  readonly label: string;
  readonly hint: string;
  /** On the button. */
  readonly words: string;
  readonly onReason: (reason: string) => void;
}) {
  const [text, setText] = useState('');
  const reason = text.trim();
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason) onReason(reason);
      }}
    >
      <div className="min-w-60 flex-1">
        <Field
          id={id}
          label={label}
          hint={hint}
          maxLength={200}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      <Button type="submit" disabled={!reason}>
        {words}
      </Button>
    </form>
  );
}
