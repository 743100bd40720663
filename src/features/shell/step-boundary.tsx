'use client';

import type { ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { Button } from '@/ui/button';
import { useVisit } from '../session/visit-context';

function Failed({ name, error, again }: { readonly name: string; readonly error: unknown; readonly again: () => void }) {
  return (
    <section role="alert" className="grid max-w-xl justify-items-start gap-4 p-6">
      <h1 className="text-2xl font-semibold">{name} could not be shown</h1>
      <p>
        Everything that was shown as saved is kept. The other steps and rooms work; undo takes back what was said last, should
        that be what it fails at.
      </p>
      <Button look="main" onClick={again}>
        Try again
      </Button>
      <details className="w-full text-sm text-soft">
        <summary className="cursor-pointer py-2">For whoever mends it</summary>
        <pre className="overflow-auto bg-raised p-2 whitespace-pre-wrap">
          {error instanceof Error ? error.stack : String(error)}
        </pre>
      </details>
    </section>
  );
}

type Props = { readonly name: string; readonly roomId: string; readonly children: ReactNode };

/** A step by itself: when it fails, the frame around it stays, and it is tried again when the visit, the room or the step is another. */
export function StepBoundary({ name, roomId, children }: Props) {
  const visit = useVisit();
  const fallback = ({ error, resetErrorBoundary }: FallbackProps) => (
    <Failed name={name} error={error} again={resetErrorBoundary} />
  );
  return (
    <ErrorBoundary fallbackRender={fallback} resetKeys={[name, roomId, visit]}>
      {children}
    </ErrorBoundary>
  );
}

/** A part of the frame that the work can do without. */
export function SparePart({ children }: { readonly children: ReactNode }) {
  const visit = useVisit();
  return (
    <ErrorBoundary fallback={null} resetKeys={[visit]}>
      {children}
    </ErrorBoundary>
  );
}
