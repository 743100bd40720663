import { G, Line, Rect, Svg, Text, View } from '@react-pdf/renderer';
import type { HousePaper } from '@/core/handover/house-paper';
import { OWN_FONT } from '../pdf/paper';
import { Chip, styles } from './parts';

/** What nobody decided, on paper; how wide and high the plan may be, points. */
const OPEN = '#ffffff';
const PLAN = { width: 300, height: 150 } as const;

const Plan = ({ plan: { width, height, rooms, doors } }: { readonly plan: NonNullable<HousePaper['plan']> }) => {
  const scale = Math.min(PLAN.width / (width + 0.4), PLAN.height / (height + 0.4));
  const at = (metres: number) => (metres + 0.2) * scale;
  return (
    <Svg width={(width + 0.4) * scale} height={(height + 0.4) * scale} style={{ marginTop: 6 }}>
      {rooms.map(({ x0, y0, x1, y1, name }) => (
        <G key={name}>
          <Rect
            x={at(x0)}
            y={at(y0)}
            width={(x1 - x0) * scale}
            height={(y1 - y0) * scale}
            fill="#fff"
            stroke="#000"
            strokeWidth={2}
          />
          <Text x={at((x0 + x1) / 2)} y={at((y0 + y1) / 2) + 2} textAnchor="middle" style={{ fontSize: 7, fontFamily: OWN_FONT }}>
            {name}
          </Text>
        </G>
      ))}
      {doors.map(([p, q], k) => (
        <Line key={k} x1={at(p[0])} y1={at(p[1])} x2={at(q[0])} y2={at(q[1])} stroke="#fff" strokeWidth={3} />
      ))}
    </Svg>
  );
};

const Sight = ({ sight: { says, together, near, far, frame } }: { readonly sight: HousePaper['sights'][number] }) => (
  <View style={[styles.row, { alignItems: 'center' }]} wrap={false}>
    <View style={{ flexDirection: 'row', width: 96, height: 28 }}>
      {[near, frame ?? OPEN, far, frame ?? OPEN, near].map((hex, k) => (
        <View key={k} style={{ flexGrow: [6, 1, 4, 1, 6][k]!, flexBasis: 0, backgroundColor: hex }} />
      ))}
    </View>
    <Text style={{ flex: 1 }}>{says}</Text>
    <Text style={styles.bold}>{together}</Text>
  </View>
);

/** The house as one, on the client's sheet: rooms as bands, how they join, what one sees together. */
export const HousePart = ({ house: { strips, plan, sights, runs } }: { readonly house: HousePaper }) => (
  <View break>
    <Text style={styles.room}>The house as one</Text>
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 6, marginTop: 4 }}>
      {strips.map(({ room, says, wall, trim, floor }) => (
        <View key={room} style={{ width: '23%' }} wrap={false}>
          <View style={{ border: `0.75pt ${wall ? 'solid' : 'dashed'} #000` }}>
            <View style={{ height: 40, backgroundColor: wall ?? OPEN }} />
            <View style={{ height: 6, backgroundColor: trim ?? OPEN }} />
            <View style={{ height: 14, backgroundColor: floor ?? OPEN }} />
          </View>
          <Text style={styles.bold}>{room}</Text>
          <Text style={styles.soft}>{says}</Text>
        </View>
      ))}
    </View>
    {plan && <Plan plan={plan} />}
    {runs.length > 0 && <Text style={[styles.bold, { marginTop: 6 }]}>What runs through</Text>}
    {runs.map(({ hex, says }) => (
      <View key={says} style={{ flexDirection: 'row', gap: 5, marginTop: 3, alignItems: 'center' }}>
        <Chip hex={hex} width={28} height={18} />
        <Text style={{ flex: 1 }}>{says}</Text>
      </View>
    ))}
    {sights.length > 0 && <Text style={[styles.bold, { marginTop: 6 }]}>What one sees together, in even light</Text>}
    {sights.map((sight) => (
      <Sight key={sight.says} sight={sight} />
    ))}
  </View>
);
