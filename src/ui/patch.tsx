import type { CSSProperties, ReactNode } from 'react';
import { classNames } from './class-names';

type Props = {
  /** sRGB, `#rrggbb`. */
  readonly hex: string;
  /** What a screen reader says: "beige, leans orange-pink, LRV 64". */
  readonly label: string;
  readonly className?: string;
  readonly style?: CSSProperties;
  readonly children?: ReactNode;
};

/** A flat patch of one colour: no border, no rounding, no shadow, because the join is where an undertone shows. */
export function Patch({ hex, label, className, style, children }: Props) {
  return (
    <div role="img" aria-label={label} data-patch={hex} className={className} style={{ ...style, backgroundColor: hex }}>
      {children}
    </div>
  );
}

/** Black or white, whichever reads at 4.5 : 1 or more on a patch of this luminance, 0–100 (WCAG 2.2, 1.4.3; from 18 on it is black). */
export const inkOn = (luminance: number): string => (luminance >= 18 ? '#000000' : '#ffffff');

/** Words on a patch, on their own neutral ground. */
export function PatchLabel({ children, className }: { readonly children: ReactNode; readonly className?: string }) {
  return <span className={classNames('bg-white/90 px-3 py-1 text-[0.9375rem] text-[#1a1a1a]', className)}>{children}</span>;
}

export type PatchPart = { readonly hex: string; readonly share: number; readonly label: string };

/** The components of one thing in their shares, stacked so that every one of them touches what is laid beside it. */
export function PatchStack({ parts, className }: { readonly parts: readonly PatchPart[]; readonly className?: string }) {
  return (
    <div className={classNames('flex flex-col', className)}>
      {parts.map((part, i) => (
        <Patch key={i} hex={part.hex} label={part.label} style={{ flexGrow: part.share, flexBasis: 0 }} />
      ))}
    </div>
  );
}
