import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // ES modules that Jest runs too, which wants them compiled.
  transpilePackages: ['nanoid'],
  experimental: { optimizePackageImports: ['recharts', 'lucide-react', '@headlessui/react'] },
};

export default config;
