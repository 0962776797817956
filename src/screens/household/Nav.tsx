'use client';

import { CircleQuestionMark, Redo2, Undo2 } from 'lucide-react';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { useApp } from '@/store';
import { useCalm } from '@/ui/calm';

const PLACES = [
  { href: '/', name: 'Batches' },
  { href: '/bench', name: 'Bench' },
  { href: '/stove', name: 'Stove' },
  { href: '/larder', name: 'Larder' },
  { href: '/log', name: 'Log' },
  { href: '/kitchen', name: 'Kitchen' },
] as const;

function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [contenteditable]') !== null
  );
}

function UndoRedo() {
  const past = useStore(useApp.temporal, (s) => s.pastStates.length);
  const future = useStore(useApp.temporal, (s) => s.futureStates.length);
  const { undo, redo } = useApp.temporal.getState();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || typing(event.target)) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) redo();
      else undo();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, [undo, redo]);
  const look =
    'grid size-11 place-items-center rounded-full text-quiet hover:bg-ink/5 disabled:opacity-35';
  return (
    <div className="ml-auto flex">
      <Link href="/help" prefetch={false} className={look} aria-label="Help" title="Help">
        <CircleQuestionMark size={20} aria-hidden />
      </Link>
      <button
        type="button"
        className={look}
        disabled={past === 0}
        onClick={() => undo()}
        aria-label="Undo"
        title="Undo (Ctrl+Z)"
      >
        <Undo2 size={20} aria-hidden />
      </button>
      <button
        type="button"
        className={look}
        disabled={future === 0}
        onClick={() => redo()}
        aria-label="Redo"
        title="Redo (Ctrl+Shift+Z)"
      >
        <Redo2 size={20} aria-hidden />
      </button>
    </div>
  );
}

/** "?" shows the Help on every page; the Bench shows its shortcuts instead. */
function useHelpKey(): void {
  const router = useRouter();
  const path = usePathname();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== '?' || typing(event.target) || path.startsWith('/bench/')) return;
      event.preventDefault();
      router.push('/help');
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, [router, path]);
}

/** Top of every page: where one can go, undo and redo, over the cobalt rim. */
export function Nav() {
  const path = usePathname();
  const ready = useApp((s) => s.status === 'ready');
  const [near, setNear] = useState(false);
  useHelpKey();
  // Prefetch the other pages once this one is shown, or when a hand nears their links.
  const prefetch = useCalm() || near ? null : false;
  const comes = (): void => setNear(true);
  return (
    <header
      onPointerEnter={comes}
      onFocus={comes}
      className="sticky top-0 z-30 border-b-[3px] border-cobalt bg-panel print:hidden"
    >
      <div className="flex h-[52px] items-center gap-1 px-3 md:px-6">
        <Link
          href="/"
          prefetch={prefetch}
          className="figure mr-2 inline-flex min-h-11 items-center text-2xl text-cobalt md:mr-8"
        >
          Retort
        </Link>
        {ready && (
          <>
            <nav
              aria-label="Places"
              className="flex max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-30 max-md:justify-between max-md:border-t-[3px] max-md:border-cobalt max-md:bg-panel max-md:px-1"
            >
              {PLACES.map(({ href, name }) => {
                const here = href === '/' ? path === '/' : path.startsWith(href);
                return (
                  <Link
                    key={href}
                    href={href}
                    prefetch={prefetch}
                    aria-current={here ? 'page' : undefined}
                    className={`relative grid h-[52px] min-w-11 place-items-center px-1.5 text-body md:px-4 ${here ? 'font-semibold text-ink after:absolute after:inset-x-2 after:bottom-0 after:h-1.5 after:rounded-t after:bg-cobalt max-md:after:top-0 max-md:after:bottom-auto' : 'text-quiet hover:text-ink'}`}
                  >
                    {name}
                  </Link>
                );
              })}
            </nav>
            <UndoRedo />
          </>
        )}
      </div>
    </header>
  );
}
