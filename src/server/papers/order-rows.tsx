import { Text, View } from '@react-pdf/renderer';
import type { HandOver } from '@/core/handover/hand-over';
import type { OrderLine } from '@/core/handover/order';
import { Chip, ColourName, Strength, styles } from './parts';

const OrderRow = ({ line }: { readonly line: OrderLine }) => (
  <View style={[styles.row, { flexDirection: 'column', gap: 3 }]} wrap={false}>
    <View style={{ flexDirection: 'row', gap: 6 }}>
      <View style={{ width: 36 }}>
        <Chip hex={line.colour?.hex ?? null} letter={String(line.number)} />
      </View>
      <View style={{ width: 170 }}>
        {line.colour ? <ColourName colour={line.colour} /> : <Text style={styles.bold}>{line.what}</Text>}
        {line.colour && <Text>{line.what}</Text>}
      </View>
      <View style={{ width: 110 }}>{line.colour && <Strength colour={line.colour} />}</View>
      <View style={{ flex: 1, gap: 1 }}>
        <Text style={[styles.bold, { fontSize: 11, lineHeight: 1.25 }]}>{line.take === '' ? 'Nothing yet' : line.take}</Text>
        {line.need !== '' && (
          <Text style={styles.soft}>
            needs {line.need}
            {line.instead === '' ? '' : `, ${line.instead}`}
          </Text>
        )}
      </View>
    </View>
    <View style={{ marginLeft: 42, gap: 1 }}>
      {line.forWhat !== '' && <Text style={styles.soft}>For {line.forWhat}</Text>}
      {line.drafts.map((draft) => (
        <Text key={draft} style={styles.bold}>
          {draft}
        </Text>
      ))}
      {line.formulas.map((f) => (
        <Text key={f.container}>
          <Text style={styles.bold}>{f.container}: </Text>
          {f.pours}
          {f.warns && <Text style={styles.bold}> · Rounding shows: {f.off}</Text>}
        </Text>
      ))}
      {line.notes.map((note) => (
        <Text key={note} style={styles.soft}>
          {note}
        </Text>
      ))}
    </View>
  </View>
);

/** What has to be bought, paint by paint. */
export const Order = ({ order }: Pick<HandOver, 'order'>) => (
  <View>
    {order.length === 0 && <Text style={{ marginTop: 8 }}>Nothing has to be bought: no surface is painted.</Text>}
    {order.map((line) => (
      <OrderRow key={line.number} line={line} />
    ))}
  </View>
);
