import type { Stills } from '../pdf/jobs';
import { G, Image as Picture, Page, Polygon, Rect, StyleSheet, Svg, Text, View } from '@react-pdf/renderer';
import type { ReactNode } from 'react';
import type { ConsultantCard } from '@/core/record/consultant-card';
import type { Caution } from '@/core/handover/cautions';
import { paperDrawing } from '@/core/handover/letters';
import type { PaperColour } from '@/core/handover/paper-colour';
import type { RoomPaper } from '@/core/handover/schedule';
import { MM, OWN_FONT, type Paper } from '../pdf/paper';

export const SIZES = { a4: 'A4', letter: 'LETTER' } as const satisfies Record<Paper, string>;
const WIDTH_MM = { a4: 210, letter: 215.9 } as const;
const MARGIN_MM = 14;
/** Width between the margins, points. */
export const innerWidth = (paper: Paper): number => (WIDTH_MM[paper] - 2 * MARGIN_MM) * MM;

export const styles = StyleSheet.create({
  page: {
    fontSize: 9,
    color: '#000',
    paddingTop: MARGIN_MM * MM,
    paddingBottom: 18 * MM,
    paddingHorizontal: MARGIN_MM * MM,
  },
  // a line height of the page itself would leave out what is fixed on it
  body: { fontSize: 9, lineHeight: 1.25 },
  title: { fontSize: 18, fontWeight: 600, lineHeight: 1.15 },
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'flex-end', marginBottom: 8 },
  foot: {
    position: 'absolute',
    bottom: 9 * MM,
    left: MARGIN_MM * MM,
    right: MARGIN_MM * MM,
    flexDirection: 'row',
    justifyContent: 'space-between',
    fontSize: 7.5,
    color: '#333',
  },
  card: { flexDirection: 'row', gap: 8, alignItems: 'center', marginBottom: 10 },
  logo: { height: 34, maxWidth: 120, objectFit: 'contain' },
  room: { fontSize: 13, fontWeight: 600, lineHeight: 1.2, marginTop: 12, marginBottom: 3 },
  soft: { color: '#333', fontSize: 8, lineHeight: 1.25 },
  bold: { fontWeight: 600 },
  row: { flexDirection: 'row', gap: 5, borderTop: '0.5pt solid #999', paddingVertical: 4 },
  headRow: { flexDirection: 'row', gap: 5, fontSize: 7.5, lineHeight: 1.2, color: '#333', paddingBottom: 2, marginTop: 6 },
  box: { border: '1.25pt solid #000', padding: 7, marginTop: 10, gap: 2 },
});

/** How every sheet of a document is made up: its fonts, and who hands it over. */
export type SheetLook = {
  readonly fonts: readonly string[];
  readonly from?: ConsultantCard | undefined;
  /** A picture as it is kept, JPEG; undefined without one. */
  readonly logo?: Uint8Array | undefined;
  readonly stills?: Stills | undefined;
};
type SheetProps = SheetLook & {
  readonly paper: Paper;
  readonly title: string;
  readonly aside: string;
  /** The first page of its paper has the title large. */
  readonly first?: boolean;
  readonly children: ReactNode;
};
/** Who hands it over: their name, how they are reached, and their logo. */
const Card = ({ from, logo }: { readonly from: ConsultantCard; readonly logo: Uint8Array | undefined }) => {
  const who = [from.consultantName, from.business].filter(Boolean).join(', ');
  const reached = [from.address.replace(/\s*\n\s*/g, ', '), from.telephone, from.email].filter(Boolean).join(' · ');
  if (who === '' && reached === '' && !logo) return null;
  return (
    <View style={styles.card}>
      {logo && <Picture src={{ data: Buffer.from(logo), format: 'jpg' }} style={styles.logo} />}
      <View style={{ flex: 1 }}>
        {who !== '' && <Text style={styles.bold}>{who}</Text>}
        {reached !== '' && <Text style={styles.soft}>{reached}</Text>}
      </View>
    </View>
  );
};

/** A sheet with its title on the first page, and which page it is on every one. */
export const Sheet = ({ paper, title, aside, first = true, fonts, from, logo, children }: SheetProps) => (
  <Page size={SIZES[paper]} style={[styles.page, { fontFamily: [...fonts] }]} wrap>
    <View style={styles.body}>
      {first && from && <Card from={from} logo={logo} />}
      {first && (
        <View style={styles.head}>
          <Text style={styles.title}>{title}</Text>
          <Text style={styles.soft}>{aside}</Text>
        </View>
      )}
      {children}
    </View>
    <View style={styles.foot} fixed>
      <Text style={{ flex: 1, maxLines: 1, textOverflow: 'ellipsis' }}>
        {[title, aside, from?.footer].filter(Boolean).join(' · ')}
      </Text>
      <Text
        // its text is not known when it is laid out: without a width of its own the line beside it runs into it
        style={{ flexShrink: 0, marginLeft: 12, width: 62, textAlign: 'right' }}
        render={({ pageNumber, totalPages }) => `page ${pageNumber} of ${totalPages}`}
      />
    </View>
  </Page>
);

/** A colour as a patch; framed, so that it is one in black and white too. */
export const Chip = ({
  hex,
  letter,
  width = 38,
  height = 28,
}: {
  readonly hex: string | null;
  readonly letter?: string;
  readonly width?: number;
  readonly height?: number;
}) => (
  <View
    style={{
      width,
      height,
      backgroundColor: hex ?? '#fff',
      border: hex ? '0.75pt solid #000' : '0.75pt dashed #000',
      alignItems: 'center',
      justifyContent: 'center',
    }}
  >
    {letter && (
      <View style={{ backgroundColor: '#fff', paddingHorizontal: 4, borderRadius: 0 }}>
        <Text style={{ fontWeight: 600, fontSize: 9, lineHeight: 1.25 }}>{letter}</Text>
      </View>
    )}
  </View>
);

/** Maker, code and name, and what must not be mixed up with it. */
export const ColourName = ({ colour }: { readonly colour: PaperColour }) => (
  <View>
    <Text style={styles.bold}>
      {colour.maker} {colour.code}
    </Text>
    <Text>{colour.name}</Text>
    {colour.notToMix && <Text style={styles.soft}>{colour.notToMix}</Text>}
  </View>
);

/** A strength in both ways of saying it. */
export const Strength = ({
  colour: {
    strengthSays: [share, cut],
  },
}: {
  readonly colour: PaperColour;
}) => (
  <View>
    <Text style={styles.bold}>{share}</Text>
    <Text>{cut}</Text>
  </View>
);

/** Cautions in a box. */
export const CautionBox = ({ cautions }: { readonly cautions: readonly Caution[] }) =>
  cautions.length === 0 ? null : (
    <View style={styles.box} wrap={false}>
      {cautions.map(({ id, title, words }) => (
        <Text key={`${id} ${words}`}>
          <Text style={styles.bold}>{title}: </Text>
          {words}
        </Text>
      ))}
    </View>
  );

/** Height of the drawing of a room, as a share of its width where nothing else bounds it, and at most, points. */
const DRAWING = { most: 92, least: 60 } as const;

/** The room unfolded, each surface with its letter. */
export const UnfoldedDrawing = ({ room, width }: { readonly room: RoomPaper; readonly width: number }) => {
  const { height, parts, letters } = paperDrawing(room, { width, ...DRAWING });
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
      <G>
        {parts.map(({ outline, ...part }, k) =>
          outline ? (
            <Polygon
              key={k}
              points={outline.map((p) => p.join(',')).join(' ')}
              fill={part.fill}
              stroke="#000"
              strokeWidth={0.5}
            />
          ) : (
            <Rect key={k} {...part} stroke="#000" strokeWidth={0.5} />
          ),
        )}
        {letters.map(({ surface, x, y, letter }) => (
          <G key={surface}>
            <Rect x={x - 7} y={y - 6} width={14} height={12} fill="#fff" stroke="#000" strokeWidth={0.4} />
            <Text x={x} y={y + 3.2} textAnchor="middle" style={{ fontSize: 9, fontWeight: 600, fontFamily: OWN_FONT }}>
              {letter}
            </Text>
          </G>
        ))}
      </G>
    </Svg>
  );
};
