import type { InputHTMLAttributes, ReactNode, Ref, SelectHTMLAttributes } from 'react';

function Frame({
  label,
  hint,
  error,
  id,
  children,
}: {
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
  readonly id: string;
  readonly children: ReactNode;
}) {
  return (
    <div>
      <label htmlFor={id} className="text-small font-medium">
        {label}
      </label>
      <div className="mt-1">{children}</div>
      {hint && !error && (
        <p id={`${id}-hint`} className="mt-1 text-fine text-quiet">
          {hint}
        </p>
      )}
      {error && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-fine font-medium text-rust">
          Enter {error}
        </p>
      )}
    </div>
  );
}

interface Told {
  readonly id: string;
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
}

/** A labelled input; what is wrong is said beneath it. */
export function Field({
  label,
  hint,
  error,
  id,
  ref,
  ...rest
}: Told & InputHTMLAttributes<HTMLInputElement> & { readonly ref?: Ref<HTMLInputElement> }) {
  return (
    <Frame label={label} hint={hint} error={error} id={id}>
      <input
        id={id}
        ref={ref}
        className="field"
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-error` : hint ? `${id}-hint` : undefined}
        {...rest}
      />
    </Frame>
  );
}

/** A labelled choice. */
export function Choice({
  label,
  hint,
  error,
  id,
  ref,
  children,
  ...rest
}: Told & SelectHTMLAttributes<HTMLSelectElement> & { readonly ref?: Ref<HTMLSelectElement> }) {
  return (
    <Frame label={label} hint={hint} error={error} id={id}>
      <select id={id} ref={ref} className="field" {...rest}>
        {children}
      </select>
    </Frame>
  );
}
