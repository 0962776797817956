import Link from 'next/link';
import { buttonLook } from '@/ui/Button';

export function NoPage() {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">There is no such page</h1>
      <Link href="/" className={`${buttonLook('copper')} mt-6`}>
        To the batches
      </Link>
    </main>
  );
}
