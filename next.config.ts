import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  reactCompiler: true,
  poweredByHeader: false,
  // `npm run types` checks them, and so does `npm test`; once is enough.
  typescript: { ignoreBuildErrors: true },
  // ES modules that Jest runs too, which wants them compiled.
  transpilePackages: [
    'nanoid',
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
