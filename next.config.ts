import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  experimental: { optimizePackageImports: ['recharts', 'lucide-react', '@headlessui/react'] },
};

export default config;
