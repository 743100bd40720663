'use client';

import { Button } from '@/ui/button';

/** Something failed while a page was made: what is recorded is safe, and trying again is one tap. */
export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto grid max-w-xl justify-items-start gap-4 px-5 py-16">
      <h1 className="text-2xl font-semibold">This page could not be shown</h1>
      <p className="text-soft">
        Everything that was shown as saved is kept. If it happens again, stop Elm Swatch and start it once more.
      </p>
      <Button look="main" onClick={reset}>
        Try again
      </Button>
    </main>
  );
}
