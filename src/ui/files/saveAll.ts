import { writeBundle } from '@/formats/write';
import { useApp } from '@/store';
import { download } from './download';

/** Writes everything in memory to a file; nothing where there is nothing. */
export function saveAll(): void {
  const { household } = useApp.getState();
  if (household) download('retort.json', writeBundle(household));
}
