'use client';

import type { ReactNode } from 'react';
import { buttonClass, type ButtonLook } from '@/ui/button';
import { classNames } from '@/ui/class-names';
import { addressOf } from '../session/address';
import { useHome } from '../session/visit-context';
import { VisitLink } from '../session/where';

type Props = {
  readonly roomId: string;
  readonly colour: { readonly deckColourId: string; readonly strength: number };
  /** As a button, or as a small link among others. */
  readonly look?: ButtonLook | 'text';
  readonly className?: string;
  readonly children?: ReactNode;
};

const TEXT = 'inline-flex min-h-11 items-center text-sm text-soft underline underline-offset-4 print:hidden';

/** From any colour at any strength to what goes with it. */
export function GoesWith({ roomId, colour: { deckColourId, strength }, look, className, children = 'Goes with…' }: Props) {
  const visit = useHome();
  const at = { colour: deckColourId, strength: String(strength) };
  return (
    <VisitLink
      href={addressOf({ visitId: visit.id, roomId, step: 'with', at })}
      className={look === 'text' ? classNames(TEXT, className) : buttonClass(look, className)}
      title="Trims, quiet and deep colours, a bridge, accents and fabrics that go with it"
    >
      {children}
    </VisitLink>
  );
}
