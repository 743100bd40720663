import { Document, Image as Picture, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer';
import type { SampleLabel } from '@/core/handover/sampling';
import { fontsFor, MM, type Paper } from '../pdf/paper';
import { SIZES } from './parts';
import { qrCode } from './qr-code';

/** Eight labels a sheet: two beside each other, four under each other. */
const PER_SHEET = 8;
const LABEL_MM = { a4: [105, 74.25], letter: [107.95, 69.85] } as const satisfies Record<Paper, readonly [number, number]>;
const QR_MM = 30;

const styles = StyleSheet.create({
  page: { flexDirection: 'row', flexWrap: 'wrap', fontSize: 9, color: '#000' },
  label: {
    padding: 6 * MM,
    flexDirection: 'row',
    gap: 8,
    borderRight: '0.5pt dashed #888',
    borderBottom: '0.5pt dashed #888',
    overflow: 'hidden',
  },
  first: { fontSize: 11, fontWeight: 600 },
});

type Coded = SampleLabel & { readonly code: string };
const Label = ({ label, paper }: { readonly label: Coded; readonly paper: Paper }) => {
  const [width, height] = LABEL_MM[paper];
  return (
    <View style={[styles.label, { width: width * MM, height: height * MM }]}>
      <View style={{ flex: 1, gap: 2 }}>
        {label.lines.map((line, k) => (
          <Text key={k} style={k === 1 || k === 2 ? styles.first : { maxLines: 2, textOverflow: 'ellipsis' }}>
            {line}
          </Text>
        ))}
      </View>
      <Picture src={label.code} style={{ width: QR_MM * MM, height: QR_MM * MM }} />
    </View>
  );
};

/** Labels for the backs of boards, eight a sheet; each with a QR code that holds the same text. */
export async function labelsPdf(
  labels: readonly SampleLabel[],
  { paper, visit }: { readonly paper: Paper; readonly visit: string },
): Promise<Buffer> {
  const fontFamily = fontsFor(JSON.stringify(labels));
  const coded = await Promise.all(
    labels.map(async (label): Promise<Coded> => ({
      ...label,
      code: await qrCode(label.text),
    })),
  );
  const sheets = Array.from({ length: Math.max(1, Math.ceil(coded.length / PER_SHEET)) }, (_, k) =>
    coded.slice(PER_SHEET * k, PER_SHEET * (k + 1)),
  );
  return renderToBuffer(
    <Document title={`Sample labels, ${visit}`} language="en-GB" pdfVersion="1.7" creator="Elm Swatch" producer="Elm Swatch">
      {sheets.map((eight, k) => (
        <Page key={k} size={SIZES[paper]} style={[styles.page, { fontFamily }]}>
          {eight.map((label) => (
            <Label key={label.id} {...{ label, paper }} />
          ))}
        </Page>
      ))}
    </Document>,
  );
}
