import type { DragEvent } from 'react';

/** Contents of a drop on a page: a file, or else the text that was dragged. */
export function dropped(event: DragEvent): File | string {
  event.preventDefault();
  return event.dataTransfer.files[0] ?? event.dataTransfer.getData('text/plain');
}
