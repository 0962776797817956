import type { ReactNode } from 'react';

/** A red frame for what can hurt: it stays until it is answered. */
export function Alarm({
  title,
  label,
  children,
}: {
  readonly title: string;
  readonly label?: string;
  readonly children: ReactNode;
}) {
  return (
    <section
      aria-label={label ?? title}
      className="my-3 max-w-2xl space-y-2 rounded-lg border-2 border-rust bg-rust/5 px-4 py-3 text-body"
    >
      <h2 className="font-bold text-rust">{title}</h2>
      {children}
    </section>
  );
}
