type Props = {
  readonly low: string;
  readonly high: string;
  /** Signed steps; 0 is the middle. */
  readonly value: number;
  /** Steps at the ends. */
  readonly range?: number;
  readonly text: string;
};

/** One direction of difference: a line with its middle and where the colour lies, and how many steps away that is. */
export function Scale({ low, high, value, range = 10, text }: Props) {
  const x = 50 + (Math.max(-range, Math.min(range, value)) / range) * 48;
  return (
    <div className="grid grid-cols-[4rem_1fr_4rem_2.6rem] items-center gap-2 text-sm" role="img" aria-label={text}>
      <span className="text-right text-soft">{low}</span>
      <svg viewBox="0 0 100 12" preserveAspectRatio="none" className="h-3 w-full">
        <line x1="0" x2="100" y1="6" y2="6" stroke="var(--line-strong)" strokeWidth="1.5" vectorEffect="non-scaling-stroke" />
        <line x1="50" x2="50" y1="2" y2="10" stroke="var(--line-strong)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
        <rect x={x - 1} y="0" width="2" height="12" fill="var(--ink)" />
      </svg>
      <span className="text-soft">{high}</span>
      <span className="text-right text-soft">{Math.abs(value) < 1 ? 'same' : Math.round(Math.abs(value))}</span>
    </div>
  );
}
