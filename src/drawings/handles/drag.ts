import type { DragState, Handler, UserDragConfig } from '@use-gesture/vanilla';
import { useEffect, useRef, type RefObject } from 'react';

/** Keys belong to the handles: the package's own would move by pixels. */
const COMMON = { filterTaps: true, pointer: { keys: false } } as const satisfies UserDragConfig;

/**
 * Lets an element be dragged. Its code is loaded once the page is shown; `data-drags` marks it as ready.
 *
 * @param axis of the drag; both where it is missing
 */
export function useDragOn(
  ref: RefObject<HTMLElement | null>,
  onDrag: (state: Omit<DragState, 'event'>) => unknown,
  axis?: 'x' | 'y',
): void {
  const latest = useRef(onDrag);
  useEffect(() => {
    latest.current = onDrag;
  });
  useEffect(() => {
    let end = (): void => undefined;
    let isGone = false;
    const handler: Handler<'drag'> = (state) => latest.current(state);
    void import('@use-gesture/vanilla').then(({ DragGesture }) => {
      const element = ref.current;
      if (isGone || !element) return;
      const gesture = new DragGesture(element, handler, { ...COMMON, ...(axis && { axis }) });
      element.dataset['drags'] = '';
      end = () => {
        gesture.destroy();
        delete element.dataset['drags'];
      };
    });
    return () => {
      isGone = true;
      end();
    };
  }, [ref, axis]);
}
