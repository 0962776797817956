import { useId, useRef, useState, type ReactNode } from 'react';
import { inEnglish, termName, type TermId } from '@/words';
import { useEnglish } from './said';

/** Between a term, what explains it, and the edge of the window, px. */
const GAP_PX = 8;
const WIDE_PX = 288;

/** A term that explains itself when it is touched, or focused by keyboard. */
export function Term({ id, children }: { readonly id: TermId; readonly children?: ReactNode }) {
  const english = useEnglish();
  const own = useId();
  const tip = useRef<HTMLSpanElement>(null);
  const isAsked = useRef(false);
  const [meaning, setMeaning] = useState('');
  const show = async (term: HTMLElement): Promise<void> => {
    isAsked.current = true;
    const { MEANINGS } = await import('@/words/meanings');
    // The focus has gone on meanwhile: the explanation would lie over what has it now.
    if (!isAsked.current) return;
    setMeaning(inEnglish(MEANINGS[id], english));
    const shown = tip.current;
    if (!shown) return;
    const { left, bottom, top } = term.getBoundingClientRect();
    shown.togglePopover(true);
    const { height } = shown.getBoundingClientRect();
    const under = bottom + GAP_PX + height < innerHeight;
    const x = Math.max(GAP_PX, Math.min(left, innerWidth - WIDE_PX - GAP_PX));
    shown.style.left = `${x}px`;
    shown.style.top = `${under ? bottom + GAP_PX : Math.max(GAP_PX, top - GAP_PX - height)}px`;
  };
  return (
    <>
      <button
        type="button"
        className="min-h-6 cursor-help text-left underline decoration-quiet decoration-dotted underline-offset-4"
        aria-describedby={meaning ? own : undefined}
        onClick={(event) => void show(event.currentTarget)}
        onFocus={(event) => {
          if (event.currentTarget.matches(':focus-visible')) void show(event.currentTarget);
        }}
        onBlur={() => {
          isAsked.current = false;
          tip.current?.hidePopover();
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape') tip.current?.hidePopover();
        }}
      >
        {children ?? termName(id, english)}
      </button>
      <span
        ref={tip}
        id={own}
        popover="auto"
        className="panel fixed m-0 w-72 px-4 py-3 text-body leading-snug font-normal text-ink shadow-lg"
      >
        {meaning}
      </span>
    </>
  );
}
