'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';

/** Copies a link, where the browser lets this page: over plain http it does not. */
export function CopyLink({ link }: { readonly link: string }) {
  const [copied, setCopied] = useState(false);
  const { clipboard } = navigator as { readonly clipboard?: Clipboard };
  if (!clipboard) return null;
  return (
    <Button
      onClick={() =>
        void clipboard.writeText(link).then(
          () => setCopied(true),
          () => setCopied(false),
        )
      }
    >
      {copied ? 'Copied' : 'Copy the link'}
    </Button>
  );
}
