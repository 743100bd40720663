import type { Metadata, Viewport } from 'next';
import localFont from 'next/font/local';
import { headers } from 'next/headers';
import { connection } from 'next/server';
import { ToldOnce } from '@/features/session/told-once';
import { pageToken } from '@/server/border/refusal';
import { toBeTold } from '@/server/keeping/kept';
import { InOwnWords } from '@/features/session/own-words';
import { UnsavedElsewhere } from '@/features/session/unsaved';
import { ServiceWorker } from '@/features/session/service-worker';
import { Queries } from '@/ui/queries';
import { Toaster } from '@/ui/toaster';
import './globals.css';

const hanken = localFont({
  src: [{ path: './fonts/hanken-grotesk-latin-wght-normal.woff2', weight: '100 900' }],
  variable: '--font-hanken',
  display: 'swap',
});

export const metadata: Metadata = {
  title: { default: 'Elm Swatch', template: '%s · Elm Swatch' },
  description: 'Colours tested in the room they are for.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#e2e2e2' };

/** What a browser asks for first. */
const AMERICAN = /^en-US\b/;

export default async function RootLayout({ children }: { children: React.ReactNode }) {
  const asked = await headers();
  await connection(); // the nonce of the content security policy needs a page made per request
  return (
    <html lang="en" className={hanken.variable} suppressHydrationWarning>
      <head>
        <meta name="elm-page" content={pageToken()} />
      </head>
      <body>
        <ToldOnce {...await toBeTold()} />
        <Queries>
          <InOwnWords american={AMERICAN.test(asked.get('accept-language') ?? '')}>
            {children}
            <UnsavedElsewhere />
          </InOwnWords>
        </Queries>
        <Toaster />
        <ServiceWorker />
      </body>
    </html>
  );
}
