import { useState } from 'react';
import { numberIn } from './numbers';

/** A number that is taken as soon as it is within bounds; a text that is not stays until the field is left. */
export function NumberInput({
  value,
  least,
  most,
  whole = false,
  onNumber,
  className = '',
  ...rest
}: {
  readonly value: number | undefined;
  readonly least: number;
  readonly most: number;
  readonly whole?: boolean;
  readonly onNumber: (value: number) => void;
  readonly className?: string;
  readonly 'aria-label': string;
  readonly placeholder?: string;
}) {
  const [text, setText] = useState<string | null>(null);
  const read = (said: string): number => (whole ? Math.round(numberIn(said)) : numberIn(said));
  const isWrong = text !== null && !(read(text) >= least && read(text) <= most);
  return (
    <input
      {...rest}
      inputMode={whole ? 'numeric' : 'decimal'}
      className={className}
      aria-invalid={isWrong || undefined}
      title={isWrong ? `Enter a number from ${least} to ${most}` : undefined}
      value={text ?? value ?? ''}
      onChange={(event) => {
        setText(event.target.value);
        const number = read(event.target.value);
        if (number >= least && number <= most) onNumber(number);
      }}
      onBlur={() => setText(null)}
    />
  );
}
