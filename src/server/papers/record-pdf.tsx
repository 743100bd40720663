import { quoted } from '@/core/base/quoted';
import { Document, renderToBuffer, Text, View } from '@react-pdf/renderer';
import { PATCH_CAVEAT } from '@/core/handover/paper-colour';
import type { RecordPaper } from '@/core/handover/record-paper';
import { fontsFor, type Paper } from '../pdf/paper';
import { Chip, Sheet, styles } from './parts';

const Stays = ({ stays }: Pick<RecordPaper, 'stays'>) => (
  <View>
    {stays.length > 0 && <Text style={styles.room}>What stays</Text>}
    {stays.map((stay) => (
      <View key={stay.name} style={styles.row} wrap={false}>
        <View style={{ width: 130 }}>
          <Text style={styles.bold}>{stay.name}</Text>
          <Text style={styles.soft}>{stay.kind}</Text>
        </View>
        <View style={{ flex: 1, gap: 2 }}>
          {stay.parts.map((part) => (
            <View key={part.says} style={{ flexDirection: 'row', gap: 5, alignItems: 'center' }}>
              <Chip hex={part.hex} width={26} height={13} />
              <Text style={{ flex: 1 }}>{part.says}</Text>
            </View>
          ))}
        </View>
      </View>
    ))}
  </View>
);

const Colours = ({ colours }: Pick<RecordPaper, 'colours'>) => (
  <View>
    {colours.length > 0 && <Text style={styles.room}>Colours that were tried</Text>}
    {colours.map((c) => (
      <View key={c.name} style={styles.row} wrap={false}>
        <Chip hex={c.hex} width={52} height={36} />
        <View style={{ flex: 1, gap: 1 }}>
          <Text style={styles.bold}>{c.name}</Text>
          <Text style={styles.soft}>{c.says}</Text>
          <Text>
            <Text style={styles.bold}>{c.ruling}. </Text>
            {c.why}
          </Text>
          {c.said.map((said) => (
            <Text key={said}>{said}</Text>
          ))}
          {c.notes.map((note) => (
            <Text key={note}>{quoted(note)}</Text>
          ))}
        </View>
      </View>
    ))}
  </View>
);

/** The record of a room, as a PDF. */
export async function recordPdf(made: RecordPaper, paper: Paper): Promise<Buffer> {
  const fonts = fontsFor(JSON.stringify(made));
  return renderToBuffer(
    <Document
      title={`Room record, ${made.room}, ${made.visit}`}
      language="en-GB"
      pdfVersion="1.7"
      creator="Elm Swatch"
      producer="Elm Swatch"
    >
      <Sheet paper={paper} fonts={fonts} title={`Room record: ${made.room}`} aside={`${made.visit} · ${made.day}`}>
        {made.brief.map(({ title, words }) => (
          <Text key={title}>
            <Text style={styles.bold}>{title}: </Text>
            {words}
          </Text>
        ))}
        <Stays stays={made.stays} />
        <Colours colours={made.colours} />
        {made.looks.length > 0 && <Text style={styles.room}>Looks</Text>}
        {made.looks.map((look) => (
          <Text key={look}>{look}</Text>
        ))}
        {made.notes.length > 0 && <Text style={styles.room}>Notes</Text>}
        {made.notes.map((note) => (
          <Text key={note}>{note}</Text>
        ))}
        <Text style={[styles.soft, { marginTop: 8 }]}>{PATCH_CAVEAT}</Text>
      </Sheet>
    </Document>,
  );
}
