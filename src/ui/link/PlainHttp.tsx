'use client';

import Link from 'next/link';

/** Lists what a page over plain http lacks, and how to get it. */
export function PlainHttp() {
  if (typeof window === 'undefined' || isSecureContext) return null;
  return (
    <p className="text-small text-quiet">
      This page came over plain http. Everything works but this: the screen may go dark, nothing
      notifies you while the page is hidden, and it does not open without the server. With a
      certificate it does: see{' '}
      <Link href="/help#http" className="text-cobalt underline underline-offset-4">
        Retort at home
      </Link>
      .
    </p>
  );
}
