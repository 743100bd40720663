import type { MetadataRoute } from 'next';

/** What a tablet or a computer needs to install the application. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Elm Swatch',
    short_name: 'Elm Swatch',
    description: 'Colours tested in the room they are for.',
    start_url: '/visits',
    scope: '/',
    display: 'standalone',
    background_color: '#e2e2e2',
    theme_color: '#e2e2e2',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-mask.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
