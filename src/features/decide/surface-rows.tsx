'use client';

import { sayCans, type CanChoice } from '@/core/paint/cans';
import { PRODUCT_NAMES } from '@/core/paint/product';
import type { SurfaceRow } from '@/core/handover/rows';
import { sayStrength } from '@/core/paint/strength';
import type { Candidate } from '@/core/record/candidate';
import type { Choice } from '@/core/record/decision';
import { sayArea } from '@/core/units/area';
import { sayLength, type Units } from '@/core/units/length';
import { classNames } from '@/ui/class-names';
import { Patch } from '@/ui/patch';
import { sayColour } from '../words/say-colour';
import { upperFirst, counted } from '@/core/base/words';

/** On a phone what stands behind the name lies under it. */
const CELL = 'py-2 pr-3 max-sm:col-span-2 max-sm:py-0.5 max-sm:pl-3';

/** "colourant cut by a quarter", from both ways of saying a strength. */
const otherWay = (strength: number) => /\((.*)\)$/.exec(sayStrength(strength))?.[1] ?? '';

const PRIMED = { none: '', full: ', primed first', spots: ', bare spots primed' } as const;
/** "2 coats", "2 coats on a grey undercoat, primed first". */
export function sayCoats({ coats, undercoat, primer }: Choice): string {
  const under =
    undercoat === 'none' ? '' : ` on ${undercoat === 'tinted' ? 'an undercoat tinted toward it' : `a ${undercoat} undercoat`}`;
  return `${counted(coats, 'coat')}${under}${PRIMED[primer]}`;
}

function Painted({ choice, candidate }: { readonly choice: Choice; readonly candidate: Candidate }) {
  return (
    <>
      <td className={CELL}>
        <span className="block font-semibold">
          {candidate.name} {candidate.strength} %
        </span>
        <span className="block text-sm text-soft">
          {candidate.maker} {candidate.code}, {otherWay(candidate.strength)}
        </span>
      </td>
      <td className={CELL}>
        {choice.sheen} {PRODUCT_NAMES[choice.finish]}
      </td>
      <td className={CELL}>{sayCoats(choice)}</td>
    </>
  );
}

type RowProps = {
  readonly row: SurfaceRow;
  readonly hotKey: string | undefined;
  readonly hex: string | null;
  readonly units: Units;
  readonly take: CanChoice | undefined;
  readonly chosen: boolean;
  readonly onChoose: () => void;
};

function Row({ row, hotKey, hex, units, take, chosen, onChoose }: RowProps) {
  const { choice, candidate } = row;
  return (
    <tr
      data-row={row.name}
      aria-selected={chosen}
      onClick={onChoose}
      className={classNames(
        'cursor-pointer border-t border-line align-middle max-sm:grid max-sm:grid-cols-[minmax(0,1fr)_3rem] max-sm:gap-x-3 max-sm:py-2',
        chosen ? 'bg-raised' : 'hover:bg-panel',
      )}
    >
      <th
        scope="row"
        className={classNames(
          'border-l-4 py-2 pr-3 pl-2 text-left font-semibold max-sm:py-0',
          chosen ? 'border-ink' : 'border-transparent',
        )}
      >
        <button type="button" aria-pressed={chosen} className="min-h-11 cursor-pointer text-left font-semibold">
          {upperFirst(row.name)}
          {hotKey && <span className="ml-2 text-xs font-normal text-soft pointer-coarse:hidden">{hotKey}</span>}
        </button>
        {row.signed === 'changed' && <span className="block text-sm font-normal">changed since signed</span>}
      </th>
      <td className="py-2 pr-3 max-sm:py-1 max-sm:pr-0">
        {candidate && hex ? (
          <Patch hex={hex} label={sayColour(candidate.lab)} className="size-9" />
        ) : (
          <span aria-hidden className="block size-9 border border-dashed border-line-strong" />
        )}
      </td>
      {choice && candidate ? (
        <Painted {...{ choice, candidate }} />
      ) : (
        <td colSpan={3} className={CELL}>
          {choice ? 'stays as it is' : <span className="font-semibold">not decided</span>}
        </td>
      )}
      <td className={classNames(CELL, 'whitespace-nowrap')}>
        {sayArea(row.areaM2, units)}
        {row.runM !== null && (
          <span className="block text-sm text-soft">{sayLength(Math.round(row.runM * 10) / 10, units)} run</span>
        )}
      </td>
      <td className={classNames(CELL, 'sm:w-24')}>{take ? sayCans(take) : ''}</td>
    </tr>
  );
}

type Props = {
  readonly rows: readonly SurfaceRow[];
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (row: SurfaceRow) => void;
  readonly hexOfRow: (row: SurfaceRow) => string | null;
  readonly units: Units;
  /** What the room takes of the paint of a row, alone. */
  readonly takeOf: (row: SurfaceRow) => CanChoice | undefined;
};

/** What is decided, surface by surface; what is painted in one way stands in one row. */
export function SurfaceRows({ rows, chosen, onChoose, hexOfRow, units, takeOf }: Props) {
  const head = 'pb-2 pr-3 text-left text-sm font-normal text-soft';
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-b border-line text-[0.9375rem] leading-snug sm:min-w-[36rem]">
        <thead className="max-sm:sr-only">
          <tr>
            <th scope="col" className={classNames(head, 'pl-3')}>
              Surface
            </th>
            <th scope="col" className={head} aria-label="Patch" />
            <th scope="col" className={head}>
              Colour, strength
            </th>
            <th scope="col" className={head}>
              Sheen, product
            </th>
            <th scope="col" className={head}>
              Coats
            </th>
            <th scope="col" className={head}>
              Area
            </th>
            <th scope="col" className={head}>
              Take
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row, k) => (
            <Row
              key={row.key}
              {...{ row, units }}
              hotKey={k < 9 ? String(k + 1) : undefined}
              hex={hexOfRow(row)}
              take={takeOf(row)}
              chosen={row.surfaces.some((s) => chosen.has(s.id))}
              onChoose={() => onChoose(row)}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}
