import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type { NextConfig } from 'next';

/** Another one where the models, or a package that they use, are others: what older ones worked out is not theirs. */
function modelsOfThisBuild(): string {
  const core = path.join('src', 'core');
  const files = readdirSync(core, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !name.includes('test'))
    .map((name) => path.join(core, name));
  const hash = createHash('sha256');
  for (const file of [...files.sort(), 'package-lock.json']) hash.update(readFileSync(file));
  return hash.digest('base64url').slice(0, 16);
}

const config: NextConfig = {
  reactStrictMode: true,
  reactCompiler: true,
  poweredByHeader: false,
  // They start threads and connections of their own.
  serverExternalPackages: ['piscina', 'undici', 'ioredis'],
  // A server that needs no packages where it runs (docs/serving.md).
  ...(process.env['RETORT_STANDALONE'] && { output: 'standalone' as const }),
  // While they are being written nothing that they have worked out is kept.
  env: { RETORT_MODELS: process.env.NODE_ENV === 'production' ? modelsOfThisBuild() : '' },
  // `npm run types` checks them, and so does `npm test`; once is enough.
  typescript: { ignoreBuildErrors: true },
  // ES modules that Jest runs too, which wants them compiled.
  transpilePackages: [
    'nanoid',
    '@noble/ciphers',
    'internmap',
    ...[
      'array',
      'color',
      'format',
      'interpolate',
      'path',
      'scale',
      'shape',
      'time',
      'time-format',
    ].map((name) => `d3-${name}`),
  ],
  // Beside the policy of `src/proxy`, which has another nonce at every request.
  headers: () =>
    Promise.resolve([
      {
        // A worker goes by the policy of its own script.
        source: '/_next/static/:path*',
        headers: [
          {
            key: 'Content-Security-Policy',
            value:
              "default-src 'none'; script-src 'self'; connect-src 'self'; frame-ancestors 'none'",
          },
        ],
      },
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Referrer-Policy', value: 'no-referrer' },
          {
            key: 'Permissions-Policy',
            value:
              'camera=(), microphone=(), geolocation=(), payment=(), usb=(), screen-wake-lock=(self)',
          },
          { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
        ],
      },
    ]),
  experimental: { optimizePackageImports: ['recharts', 'lucide-react', '@headlessui/react'] },
};

export default config;
