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
        <Household demo={demo}>{children}</Household>
      </body>
    </html>
  );
}
