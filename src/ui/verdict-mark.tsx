import { classNames } from './class-names';

export type Mark = 'works' | 'nearly' | 'no' | 'none';

/**
 * The marks of a verdict, legible in black and white: a solid bar under the colours works, a broken bar nearly, a stroke across no, an
 * empty dashed box not looked at yet. The stroke and the box are drawn over the colours by {@link MarkedCell}.
 */
export function VerdictBar({ mark, className }: { readonly mark: Mark; readonly className?: string }) {
  return (
    <svg aria-hidden viewBox="0 0 100 6" preserveAspectRatio="none" className={classNames('block h-1.5 w-full', className)}>
      {mark === 'none' && (
        <rect
          width="100"
          height="6"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.5"
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
      )}
      {mark === 'works' && <rect width="100" height="6" fill="currentColor" />}
      {mark === 'nearly' &&
        Array.from({ length: 6 }, (_, i) => <rect key={i} x={i * 17.5} width="10" height="6" fill="currentColor" />)}
    </svg>
  );
}

/** Colours with their verdict mark. */
export function MarkedCell({
  mark,
  children,
  className,
}: {
  readonly mark: Mark;
  readonly children: React.ReactNode;
  readonly className?: string;
}) {
  return (
    <div className={className}>
      <div className="relative flex h-11">
        {children}
        {mark === 'no' && (
          <svg aria-hidden viewBox="0 0 100 100" preserveAspectRatio="none" className="absolute inset-0 size-full">
            <line x1="0" y1="100" x2="100" y2="0" stroke="#fff" strokeWidth="5" vectorEffect="non-scaling-stroke" />
            <line x1="0" y1="100" x2="100" y2="0" stroke="#1a1a1a" strokeWidth="2.5" vectorEffect="non-scaling-stroke" />
          </svg>
        )}
      </div>
      <VerdictBar mark={mark} className="mt-1" />
    </div>
  );
}
