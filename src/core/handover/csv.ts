import type { HandOver } from './hand-over';
import type { PaperColour } from './paper-colour';

type Row = Readonly<Record<string, string | number>>;
export type PaperTable = { readonly columns: readonly string[]; readonly rows: readonly Row[] };

const COLOUR_COLUMNS = ['maker', 'code', 'name', 'strength_percent', 'strength_says', 'base', 'known', 'not_to_mix'] as const;
const colourCells = (c: PaperColour | null): Row =>
  c
    ? {
        maker: c.maker,
        code: c.code,
        name: c.name,
        strength_percent: c.strength,
        strength_says: c.strengthSays.join(', '),
        base: c.base,
        known: c.known,
        not_to_mix: c.notToMix ?? '',
      }
    : {};

const STATES = { painted: 'painted', stays: 'stays as it is', open: 'not decided' } as const;

/** The painter's schedule as a table: a row for each letter of each room. */
export function scheduleTable({ visit, rooms }: HandOver): PaperTable {
  const columns = [
    'visit',
    'room',
    'letter',
    'surfaces',
    'state',
    ...COLOUR_COLUMNS,
    'product',
    'sheen',
    'coats',
    'area',
    'take',
    'why',
    'signed',
    'before_painting',
  ];
  const rows = rooms.flatMap((room) =>
    room.rows.map((row): Row => ({
      visit: visit.label,
      room: room.room,
      letter: row.letter,
      surfaces: row.surfaces,
      state: STATES[row.state],
      ...colourCells(row.colour),
      product: row.product,
      sheen: row.sheen,
      coats: row.coats,
      area: row.area,
      take: row.take,
      why: row.why,
      signed: room.signed,
      before_painting: [room.changed, ...room.objections].filter(Boolean).join(' '),
    })),
  );
  return { columns, rows };
}

/** The order as a table: a row for each paint. */
export function orderTable({ visit, order }: HandOver): PaperTable {
  const columns = ['visit', 'paint', 'what', ...COLOUR_COLUMNS, 'need', 'take', 'instead', 'for', 'draft', 'formula', 'notes'];
  const rows = order.map((line): Row => ({
    visit: visit.label,
    paint: line.number,
    what: line.what,
    ...colourCells(line.colour),
    need: line.need,
    take: line.take,
    instead: line.instead,
    for: line.forWhat,
    draft: line.drafts.join('; '),
    formula: line.formulas.map((f) => `${f.container}: ${f.pours} (${f.off})`).join('; '),
    notes: line.notes.join(' '),
  }));
  return { columns, rows };
}

/** The client's sheet as a table: a row for each colour in each place. */
export function clientTable({ visit, rooms }: HandOver): PaperTable {
  const columns = ['visit', 'room', 'where', ...COLOUR_COLUMNS, 'sheen', 'why', 'to_live_with', 'looks_to_take'];
  const rows = rooms.flatMap(({ room, forClient }) =>
    forClient.colours.map((c): Row => ({
      visit: visit.label,
      room,
      where: c.where,
      ...colourCells(c.colour),
      sheen: c.sheen,
      why: c.why.join('; '),
      to_live_with: c.liveWith.join('; '),
      looks_to_take: forClient.looks.join('; '),
    })),
  );
  return { columns, rows };
}

/** The boards as a table: a row for each field, painted, staying or still to be looked for. */
export function boardTable({ visit, rooms }: HandOver): PaperTable {
  const columns = ['visit', 'room', 'field', 'what', ...COLOUR_COLUMNS, 'share_of_paint'];
  const rows = rooms.flatMap(({ room, board: { paints, stays, toLookFor } }) => {
    const of = { visit: visit.label, room };
    return [
      ...paints.map((p): Row => ({ ...of, field: p.letter, what: p.where, ...colourCells(p.colour), share_of_paint: p.share })),
      ...stays.map((s): Row => ({ ...of, field: 'stays', what: `${s.name}: ${s.says}` })),
      ...toLookFor.map((t): Row => ({ ...of, field: 'to look for', what: t.says })),
    ];
  });
  return { columns, rows };
}
