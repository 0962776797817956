import { startTransition, useEffect, useState, type ComponentType, type ReactNode } from 'react';
import { PartFailed } from './PartFailed';

type Loaded<P> = { readonly Part: ComponentType<P> } | 'failed';

/**
 * A part that is loaded once the page is shown and rendered as soon as it arrives, a little at a time: React
 * shows what was suspended no sooner than 300 ms after the last such part, and then all of it at once.
 *
 * @param meanwhile shown in its place; nothing if missing
 * @param early loads it with the page's code: every page of its kind shows it
 * @returns the part; where its code does not come, it says so in its place
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  meanwhile?: (props: P) => ReactNode,
  early = false,
): ComponentType<P> {
  let asked: Promise<Loaded<P>> | null = null;
  let here: Loaded<P> | null = null;
  const ask = (): Promise<Loaded<P>> =>
    (asked ??= load()
      .then(
        (Part): Loaded<P> => ({ Part }),
        (): Loaded<P> => 'failed',
      )
      .then((now) => (here = now)));
  if (early && typeof window !== 'undefined') void ask();
  return function Later(props: P) {
    const [loaded, setLoaded] = useState(() => here);
    useEffect(() => {
      let over = false;
      void ask().then((now) => {
        // Keep the placeholder responsive while this renders.
        if (!over) startTransition(() => setLoaded(now));
      });
      return () => {
        over = true;
      };
    }, []);
    if (!loaded) return meanwhile?.(props) ?? null;
    if (loaded === 'failed') return <PartFailed />;
    return <loaded.Part {...props} />;
  };
}
