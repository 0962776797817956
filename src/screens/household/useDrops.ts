import { useEffect } from 'react';
import { say } from '@/store';

const carriesFiles = ({ dataTransfer }: DragEvent): boolean =>
  dataTransfer?.types.includes('Files') ?? false;

/** Takes a file dropped on a page, or says why not; the browser never opens it in the page's place. */
export function useDrops(): void {
  useEffect(() => {
    const over = (event: DragEvent): void => {
      if (carriesFiles(event)) event.preventDefault();
    };
    const drop = (event: DragEvent): void => {
      if (!carriesFiles(event)) return;
      const count = event.dataTransfer?.files.length ?? 0;
      if (!event.defaultPrevented)
        say(
          'This page takes no files. Drop a recipe on the Desk; a Retort file comes in on the Batches page, under Files.',
        );
      else if (count > 1) say(`One file was taken, of ${count}. Drop the others one by one.`);
      event.preventDefault();
    };
    addEventListener('dragover', over);
    addEventListener('drop', drop);
    return () => {
      removeEventListener('dragover', over);
      removeEventListener('drop', drop);
    };
  }, []);
}
