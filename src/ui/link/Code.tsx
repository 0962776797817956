import { create } from 'qrcode';
import { useMemo } from 'react';

/** Light around a code, in its own squares: readers want four. */
const QUIET = 4;

/** A link as a code to be read off the screen. */
export function Code({ link }: { readonly link: string }) {
  const { size, path } = useMemo(() => {
    const { modules } = create(link, { errorCorrectionLevel: 'L' });
    const rows = Array.from({ length: modules.size }, (_, y) =>
      Array.from({ length: modules.size }, (__, x) =>
        modules.get(y, x) ? `M${x + QUIET},${y + QUIET}h1v1h-1z` : '',
      ).join(''),
    );
    return { size: modules.size + 2 * QUIET, path: rows.join('') };
  }, [link]);
  return (
    <svg
      role="img"
      aria-label="Code of the link"
      viewBox={`0 0 ${size} ${size}`}
      shapeRendering="crispEdges"
      className="mx-auto w-full max-w-[400px] bg-white"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}
