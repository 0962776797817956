import type { ReactNode } from 'react';

/** Bones of a page while what it shows is on its way. */
export function Waiting({
  children,
}: {
  /** Why it takes so long. */ readonly children?: ReactNode;
}) {
  return (
    <main className="mx-auto w-full max-w-6xl flex-1 space-y-4 p-6" aria-busy aria-label="Loading">
      {children}
      {[0, 1, 2, 3].map((i) => (
        <div key={i} className="h-20 animate-pulse rounded-xl bg-hairline/50" />
      ))}
    </main>
  );
}
