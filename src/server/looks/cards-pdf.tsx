import { Document, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer';
import type { CardColour, LookCard } from '@/core/formats/look-cards';
import type { Visit } from '@/core/record/visit';
import { fontsFor, MM, type Paper } from '../pdf/paper';
import { upperFirst } from '@/core/base/words';

/** Four cards a sheet: A6 on A4; on Letter as wide, and half the sheet high. */
const SHEETS = {
  a4: { size: 'A4', widthMm: 105, heightMm: 148.5 },
  letter: { size: 'LETTER', widthMm: 107.95, heightMm: 139.7 },
} as const;
/** Looks on one card; more go on another. */
const MOST_LOOKS = 3;

const styles = StyleSheet.create({
  page: { flexDirection: 'row', flexWrap: 'wrap', fontSize: 9, color: '#000' },
  card: { padding: 8 * MM, borderRight: '0.5pt dashed #888', borderBottom: '0.5pt dashed #888', overflow: 'hidden' },
  number: { border: '2pt solid #000', width: 24, height: 24, textAlign: 'center', fontSize: 13, fontWeight: 600, paddingTop: 4 },
  room: { fontSize: 13, fontWeight: 600 },
  small: { fontSize: 7.5, color: '#333' },
  look: { marginTop: 7, paddingTop: 5, borderTop: '0.5pt solid #888' },
  row: { flexDirection: 'row', gap: 6, alignItems: 'center' },
  chip: { width: 54, height: 44 },
  boxes: { flexDirection: 'row', justifyContent: 'space-between', marginTop: 4 },
  box: { flexDirection: 'row', gap: 4, alignItems: 'center' },
  tick: { width: 11, height: 11, border: '1pt solid #000' },
  line: { borderBottom: '0.75pt solid #000', height: 16.5 },
  foot: { position: 'absolute', left: 8 * MM, right: 8 * MM, bottom: 6 * MM },
});

const ANSWERS = ['suits', 'not sure', 'does not suit'] as const;

/** A card that goes with one board: its colour, and the looks to take with it. */
export type BoardCard = {
  readonly colour: CardColour;
  readonly room: string;
  readonly looks: readonly LookCard[];
  readonly part: string;
};

/** A card for every board, and another for every three looks more. */
export function boardCards(cards: readonly LookCard[]): BoardCard[] {
  const boards = new Map<string, { colour: CardColour; room: string; looks: LookCard[] }>();
  for (const card of cards)
    for (const colour of card.colours) {
      const board = boards.get(colour.id) ?? { colour, room: card.room, looks: [] };
      board.looks.push(card);
      boards.set(colour.id, board);
    }
  return [...boards.values()].flatMap(({ looks, ...board }) => {
    const parts = Math.ceil(looks.length / MOST_LOOKS);
    return Array.from({ length: parts }, (_, k) => ({
      ...board,
      looks: looks.slice(k * MOST_LOOKS, (k + 1) * MOST_LOOKS),
      part: parts > 1 ? ` (card ${k + 1} of ${parts})` : '',
    }));
  });
}

/** Lines for words under each of so many looks: what is left of the card. */
const LINES = { 1: 9, 2: 4, 3: 2 } as const;

type LookProps = { readonly look: LookCard; readonly of: CardColour; readonly lines: number };
const LookRow = ({ look, of, lines }: LookProps) => {
  const others = look.colours.filter((c) => c.id !== of.id).map((c) => c.name);
  const compare = [look.beside, ...new Set(others)].filter(Boolean).join(', ');
  return (
    <View style={styles.look}>
      <View style={styles.row}>
        <Text style={styles.number}>{look.number}</Text>
        <View style={{ flex: 1 }}>
          <Text style={{ fontWeight: 600, maxLines: 2, textOverflow: 'ellipsis' }}>
            {upperFirst(look.when)}
            {look.day ? `, from ${look.day} on` : ''}
          </Text>
          <Text style={[styles.small, { maxLines: 2, textOverflow: 'ellipsis' }]}>
            At {look.where}
            {compare ? `, beside ${compare}` : ''}
          </Text>
        </View>
      </View>
      <View style={styles.boxes}>
        {ANSWERS.map((answer) => (
          <View key={answer} style={styles.box}>
            <View style={styles.tick} />
            <Text>{answer}</Text>
          </View>
        ))}
      </View>
      {Array.from({ length: lines }, (_, k) => (
        <View key={k} style={styles.line} />
      ))}
    </View>
  );
};

type CardProps = { readonly board: BoardCard; readonly sheet: (typeof SHEETS)[Paper]; readonly label: string };
const Card = ({ board: { colour, room, looks, part }, sheet, label }: CardProps) => (
  <View style={[styles.card, { width: sheet.widthMm * MM, height: sheet.heightMm * MM }]}>
    <View style={styles.row}>
      <View style={[styles.chip, { backgroundColor: colour.hex }]} />
      <View style={{ flex: 1 }}>
        <Text style={[styles.room, { maxLines: 1, textOverflow: 'ellipsis' }]}>{colour.name}</Text>
        <Text style={[styles.small, { maxLines: 2, textOverflow: 'ellipsis' }]}>{colour.says}</Text>
        <Text style={{ maxLines: 1, textOverflow: 'ellipsis' }}>
          {room}
          {part}
        </Text>
      </View>
    </View>
    {looks.map((look) => (
      <LookRow key={look.lookId} look={look} of={colour} lines={LINES[looks.length as keyof typeof LINES] ?? 2} />
    ))}
    <Text style={[styles.small, styles.foot, { maxLines: 2, textOverflow: 'ellipsis' }]}>
      Judge the painted board, not the printed patch. Wet boards away from children, pets and heat. {label}
    </Text>
  </View>
);

/** Look cards, one for each board, to print and cut, four a sheet of A4 (A6 cards) or Letter, as a PDF. */
export async function cardsPdf(visit: Pick<Visit, 'label'>, cards: readonly LookCard[], paper: Paper): Promise<Buffer> {
  const fontFamily = fontsFor(JSON.stringify([visit.label, cards]));
  const sheet = SHEETS[paper];
  const boards = boardCards(cards);
  const pages = Array.from({ length: Math.ceil(boards.length / 4) }, (_, k) => boards.slice(4 * k, 4 * k + 4));
  return renderToBuffer(
    <Document title={`Look cards, ${visit.label}`} language="en-GB" pdfVersion="1.7" creator="Elm Swatch" producer="Elm Swatch">
      {pages.length === 0 && (
        <Page size={sheet.size} style={[styles.page, { fontFamily, padding: 14 * MM }]}>
          <Text>
            No board is painted yet. To be painted first: {[...new Set(cards.flatMap((c) => c.paintFirst))].join(', ')}.
          </Text>
        </Page>
      )}
      {pages.map((four, k) => (
        <Page key={k} size={sheet.size} style={[styles.page, { fontFamily }]}>
          {four.map((board, n) => (
            <Card key={n} {...{ board, sheet }} label={visit.label} />
          ))}
        </Page>
      ))}
    </Document>,
  );
}
