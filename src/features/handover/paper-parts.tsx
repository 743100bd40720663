import type { ReactNode } from 'react';
import type { Caution } from '@/core/handover/cautions';
import { paperDrawing } from '@/core/handover/letters';
import type { PaperColour } from '@/core/handover/paper-colour';
import type { RoomPaper } from '@/core/handover/schedule';

/** A colour as a patch on paper; framed, so that it is one in black and white too. */
export function Chip({
  hex,
  letter,
  large = false,
}: {
  readonly hex: string | null;
  readonly letter?: string;
  readonly large?: boolean;
}) {
  return (
    <span
      data-patch={hex ?? undefined}
      className={`grid shrink-0 place-items-center border ${hex ? 'border-black' : 'border-dashed border-black'} ${large ? 'h-20 w-28' : 'h-9 w-12'}`}
      style={{ backgroundColor: hex ?? '#fff', printColorAdjust: 'exact' }}
    >
      {letter && <b className="bg-white px-1.5 text-sm leading-5 text-black">{letter}</b>}
    </span>
  );
}

/** Maker, code and name, and what must not be mixed up with it. */
export function ColourName({ colour }: { readonly colour: PaperColour }) {
  return (
    <>
      <b className="block">
        {colour.maker} {colour.code}
      </b>
      {colour.name}
      {colour.notToMix && <span className="block text-sm text-[#333]">{colour.notToMix}</span>}
    </>
  );
}

/** Cautions in a box; they cannot be put away. */
export function CautionBox({ cautions }: { readonly cautions: readonly Caution[] }) {
  if (cautions.length === 0) return null;
  return (
    <section aria-label="Cautions" className="mt-5 break-inside-avoid border-2 border-black p-3">
      {cautions.map(({ id, title, words }) => (
        <p key={`${id} ${words}`}>
          <b>{title}:</b> {words}
        </p>
      ))}
    </section>
  );
}

/** Width the drawing is made for, and its least and largest height, px. */
const DRAWN = { width: 800, least: 96, most: 150 } as const;

/** The room unfolded, each surface with its letter. */
export function PaperRoom({ room }: { readonly room: RoomPaper }) {
  const { width, height, parts, letters } = paperDrawing(room, DRAWN);
  const says = room.rows.map((r) => `${r.letter} ${r.surfaces}`).join('; ');
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`${room.room} unfolded: ${says}`}
      className="w-full"
      style={{ printColorAdjust: 'exact' }}
    >
      {parts.map(({ outline, ...part }, k) =>
        outline ? (
          <polygon key={k} points={outline.map((p) => p.join(',')).join(' ')} fill={part.fill} stroke="#000" strokeWidth={0.8} />
        ) : (
          <rect key={k} {...part} stroke="#000" strokeWidth={0.8} />
        ),
      )}
      {letters.map(({ surface, x, y, letter }) => (
        <g key={surface}>
          <rect x={x - 11} y={y - 9.5} width={22} height={19} fill="#fff" stroke="#000" strokeWidth={0.6} />
          <text x={x} y={y + 5} textAnchor="middle" fontSize={14} fontWeight={700}>
            {letter}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** What a reader must know before the rows: what was said against, what changed since, what this revision changed. */
function NotSettled({ room: { changed, revised }, objections }: Pick<RoomHeadProps, 'room' | 'objections'>) {
  return (
    <>
      {[changed, ...objections].filter(Boolean).map((says) => (
        <p key={says} role="note" className="font-semibold">
          {says}
        </p>
      ))}
      {revised && (
        <div className="mt-1 border-l-4 border-black pl-3">
          <p>
            <b>What this revision changes</b>
            {revised.why && `: ${revised.why}`}
          </p>
          <ul className="text-sm">
            {revised.changes.length === 0 && <li>Nothing: it was signed again as it was.</li>}
            {revised.changes.map((change) => (
              <li key={change}>{change}</li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

type RoomHeadProps = {
  readonly room: RoomPaper;
  /** What was said against it, in the words of whoever reads. */
  readonly objections: readonly string[];
  readonly children?: ReactNode;
};
/** A room on paper: its name, whether it is signed, its picture. */
export function RoomHead({ room, objections, children }: RoomHeadProps) {
  return (
    <div className="break-inside-avoid">
      <h3 className="mt-6 text-lg font-semibold">{room.room}</h3>
      <p className="text-sm text-[#333]">{room.signed}</p>
      <NotSettled {...{ room, objections }} />
      <div className="mt-2">
        <PaperRoom room={room} />
      </div>
      <p className="text-sm text-[#333]">{room.caption}</p>
      {children}
    </div>
  );
}
