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
  experimental: { optimizePackageImports: ['recharts', 'lucide-react', '@headlessui/react'] },
};

export default config;
