import '@fontsource-variable/archivo/wdth.css';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { Household } from '@/screens/household/Household';

export const metadata: Metadata = {
  title: 'Retort',
  description: 'Plan and cook pressure-cooked soups, chilis, stocks and bone broths.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#faf6ee' };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  // Whether the first visit opens the sample kitchen is known when the server starts, not at build.
  await connection();
  const demo = process.env['RETORT_DEMO'] === '1';
  return (
    <html lang="en">
      <body>
        <noscript>
          <p className="m-6 max-w-prose text-lg">
            Retort works out the heat in your pot with JavaScript, which is switched off here.
            Switch it on for this site and reload. Your kitchen is kept in this browser, and nothing
            is lost.
          </p>
        </noscript>
        <Household demo={demo}>{children}</Household>
        {/* Shown by the style sheet alone, where the code of the page has not begun after a while. */}
        <p className="boot-late m-6 max-w-prose text-lg" role="status">
          Retort is still not running. Reload the page; if that does not help, the server may be
          gone or an extension may block it. Your kitchen is kept in this browser, and nothing is
          lost.
        </p>
      </body>
    </html>
  );
}
