'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useCaller } from '@/ui/cooking/calling';
import { useCallStore, type Call } from '@/ui/cooking/calls';
import { CoolingCalls } from '@/ui/cooling/CoolingCalls';

/** Calls that nobody has answered yet, on every page. */
export function Calling() {
  useCaller();
  const waiting = useCallStore((s) => s.waiting);
  // A pot's own page shows what is due, of all of them, and nothing may move there under a finger.
  const shown = !usePathname().startsWith('/stove/');
  return (
    <>
      <CoolingCalls />
      {shown && waiting.length > 0 && <Waiting waiting={waiting} />}
    </>
  );
}

function Waiting({ waiting }: { readonly waiting: readonly Call[] }) {
  return (
    <div role="alert" aria-label="Calls that wait" className="bg-copper text-white print:hidden">
      {waiting.map(({ id, href, of, words }) => (
        <Link
          key={id}
          href={href}
          className="flex min-h-11 flex-wrap items-center gap-x-3 px-4 py-1 text-body sm:px-6"
        >
          <b>{words}</b>
          <span>{of}</span>
        </Link>
      ))}
    </div>
  );
}
