import { classNames } from '@/ui/class-names';
import type { LookRow } from '@/core/engine/look-rows';

/** What a look's frame says without its colour: taken, the consultant's, the client's, dropped. */
export const FRAME_WORDS = {
  taken: 'looked at',
  consultant: 'to look at in the visit',
  client: 'with the client',
  dropped: 'dropped',
} as const;
export const frameOf = ({ state, who }: Pick<LookRow, 'state' | 'who'>): keyof typeof FRAME_WORDS =>
  state === 'planned' ? who : state;

const FRAMES = {
  taken: 'border-solid border-ink bg-ink text-raised',
  consultant: 'border-solid border-ink bg-raised text-ink',
  client: 'border-dashed border-ink bg-raised text-ink',
  dropped: 'border-solid border-line-strong bg-panel text-soft line-through',
} as const;

type Props = { readonly row: LookRow; readonly className?: string };

/** The number of a look in its frame: filled once it was taken, dashed while it is with the client. */
export function LookFrame({ row, className }: Props) {
  const kind = frameOf(row);
  return (
    <span
      title={FRAME_WORDS[kind]}
      className={classNames(
        'grid h-10 min-w-8 place-items-center border-3 px-1 text-base font-semibold',
        FRAMES[kind],
        className,
      )}
    >
      {row.number}
    </span>
  );
}
