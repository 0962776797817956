import { NotHere } from '@/ui/NotHere';

export function NoPage() {
  return (
    <NotHere title="There is no such page" href="/">
      To the batches
    </NotHere>
  );
}
