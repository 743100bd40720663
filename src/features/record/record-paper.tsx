import { quoted } from '@/core/base/quoted';
import { PATCH_CAVEAT } from '@/core/handover/paper-colour';
import type { RecordPaper } from '@/core/handover/record-paper';

const chip = (hex: string, size: string) => (
  <span className={`block shrink-0 border border-black ${size}`} style={{ backgroundColor: hex, printColorAdjust: 'exact' }} />
);

/** The record of a room as it is printed: every word of it. */
export function PrintedRecord({ made }: { readonly made: RecordPaper }) {
  const row = 'flex break-inside-avoid gap-4 border-t border-[#999] py-1.5';
  return (
    <article aria-label={`Room record: ${made.room}`} className="bg-white text-[0.8125rem] leading-snug text-black">
      <header className="mb-2 flex flex-wrap items-end justify-between gap-x-6">
        <h1 className="text-2xl font-semibold">Room record: {made.room}</h1>
        <p className="text-sm">
          {made.visit} · {made.day}
        </p>
      </header>
      {made.brief.map(({ title, words }) => (
        <p key={title}>
          <b>{title}:</b> {words}
        </p>
      ))}
      {made.stays.length > 0 && <h2 className="mt-4 text-lg font-semibold">What stays</h2>}
      {made.stays.map((stay) => (
        <div key={stay.name} className={row}>
          <p className="w-44 shrink-0">
            <b>{stay.name}</b>
            <span className="block">{stay.kind}</span>
          </p>
          <ul className="grid flex-1 gap-0.5">
            {stay.parts.map((part) => (
              <li key={part.says} className="flex items-center gap-2">
                {chip(part.hex, 'h-4 w-9')} {part.says}
              </li>
            ))}
          </ul>
        </div>
      ))}
      {made.colours.length > 0 && <h2 className="mt-4 text-lg font-semibold">Colours that were tried</h2>}
      {made.colours.map((c) => (
        <div key={c.name} className={row}>
          {chip(c.hex, 'h-12 w-18')}
          <div className="min-w-0 flex-1">
            <b>{c.name}</b>
            <p>{c.says}</p>
            <p>
              <b>{c.ruling}.</b> {c.why}
            </p>
            {c.said.map((said) => (
              <p key={said}>{said}</p>
            ))}
            {c.notes.map((note) => (
              <p key={note}>{quoted(note)}</p>
            ))}
          </div>
        </div>
      ))}
      {made.looks.length > 0 && <h2 className="mt-4 text-lg font-semibold">Looks</h2>}
      {made.looks.map((look) => (
        <p key={look}>{look}</p>
      ))}
      {made.notes.length > 0 && <h2 className="mt-4 text-lg font-semibold">Notes</h2>}
      {made.notes.map((note) => (
        <p key={note}>{note}</p>
      ))}
      <p className="mt-3">{PATCH_CAVEAT}</p>
    </article>
  );
}
