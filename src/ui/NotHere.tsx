import Link from 'next/link';
import { buttonLook } from './Button';

/** Says that a page's subject is gone or over, with the way on. */
export function NotHere({
  title,
  href,
  children,
}: {
  readonly title: string;
  readonly href: string;
  /** The way on, in words. */
  readonly children: string;
}) {
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-semibold">{title}</h1>
      <Link href={href} className={`${buttonLook('copper')} mt-6`}>
        {children}
      </Link>
    </main>
  );
}
