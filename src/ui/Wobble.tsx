import type { SetState } from '@/core/batch/schema';

/** A spoonful of cold broth on a plate: a puddle, a trembling heap, a dome, a block with a cut. */
const SHAPE: Readonly<Record<SetState, { readonly body: string; readonly marks: string }>> = {
  pourable: {
    body: 'M6,31 C12,26 20,29 28,27 C38,25 46,28 58,31 Z',
    marks: 'M18,28.5 h7 M36,27.5 h9',
  },
  trembles: {
    body: 'M10,31 C12,23 20,20 32,20 C44,20 52,23 54,31 Z',
    marks: 'M7,21 q-3,3 0,6 M57,21 q3,3 0,6 M22,24 q5,3 10,0 t10,0',
  },
  'soft set': {
    body: 'M14,31 C14,17 20,12 32,12 C44,12 50,17 50,31 Z',
    marks: 'M22,18 q4,-3 9,-3',
  },
  'holds a cut': {
    body: 'M14,31 V10 H33 L37,31 Z M40,31 L36,10 H50 V31 Z',
    marks: 'M18,14 h9 M42,14 h5',
  },
};

/** Picture of how a broth sets when cold; the word is beside it. */
export function Wobble({
  set,
  className = '',
}: {
  readonly set: SetState;
  readonly className?: string;
}) {
  const { body, marks } = SHAPE[set];
  return (
    <svg viewBox="0 0 64 38" className={className} aria-hidden>
      <path d="M3,32 H61 L55,36 H9 Z" className="fill-panel stroke-ink" strokeWidth={1.4} />
      <path d={body} className="fill-broth stroke-ink" strokeWidth={1.4} strokeLinejoin="round" />
      <path d={marks} className="fill-none stroke-ink" strokeWidth={1.2} strokeLinecap="round" />
    </svg>
  );
}
