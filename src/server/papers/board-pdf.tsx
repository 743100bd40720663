import { Text, View } from '@react-pdf/renderer';
import { percent } from '@/core/base/words';
import { PAPER_TITLES } from '@/core/handover/hand-over';
import { BOARD_SAYS, LEAST_FIELD, type RoomBoard } from '@/core/handover/room-board';
import { Sheet, styles } from './parts';
import { asideOf, RoomHead, type PaperProps } from './room-parts';

/** So many fields stand in a row. */
const IN_A_ROW = 4;
const FIELD = { paint: 120, stays: 76 } as const;

/** A list cut into rows of so many. */
const rowsOf = <T,>(all: readonly T[], count: number): readonly (readonly T[])[] =>
  Array.from({ length: Math.ceil(all.length / count) }, (_, k) => all.slice(k * count, (k + 1) * count));

const Paints = ({ paints }: Pick<RoomBoard, 'paints'>) =>
  rowsOf(paints, IN_A_ROW).map((row) => (
    <View key={row[0]!.letter} style={{ flexDirection: 'row', gap: 8, marginTop: 4 }} wrap={false}>
      {row.map((p) => (
        <View key={p.letter} style={{ flexGrow: Math.max(LEAST_FIELD, p.share), flexBasis: 0, minWidth: 90 }}>
          <View style={{ height: FIELD.paint, backgroundColor: p.colour.hex, border: '0.75pt solid #000' }} />
          <Text style={styles.bold}>
            {p.letter} {p.where}
          </Text>
          <Text style={styles.soft}>
            {p.colour.maker} {p.colour.code}, {p.colour.name}, {p.colour.strengthSays[0]}, {percent(p.share)} of the paint
          </Text>
        </View>
      ))}
    </View>
  ));

type Field = { readonly name: string; readonly says: string; readonly colours: RoomBoard['stays'][number]['colours'] };
const Fields = ({ of, dashed }: { readonly of: readonly Field[]; readonly dashed: boolean }) =>
  rowsOf(of, 3).map((row) => (
    <View key={row[0]!.name + row[0]!.says} style={{ flexDirection: 'row', gap: 8, marginTop: 4 }} wrap={false}>
      {row.map(({ name, says, colours }) => (
        <View key={name + says} style={{ width: '32%' }}>
          <View style={{ height: FIELD.stays, flexDirection: 'row', border: `0.75pt ${dashed ? 'dashed' : 'solid'} #000` }}>
            {colours.map(({ hex, share }, k) => (
              <View key={k} style={{ flexGrow: share, flexBasis: 0, backgroundColor: hex }} />
            ))}
          </View>
          {name !== '' && <Text style={styles.bold}>{name}</Text>}
          <Text style={styles.soft}>{says}</Text>
        </View>
      ))}
    </View>
  ));

/** A board for each room, a sheet each: everything in it, to lay real samples on. */
export const Boards = ({ made, paper, look }: PaperProps) => (
  <>
    {made.rooms.map((room, k) => {
      const { paints, stays, toLookFor } = room.board;
      const looked = toLookFor.map(({ hex, says }) => ({ name: '', says, colours: [{ hex, share: 1 }] }));
      return (
        <Sheet key={room.roomId} {...look} paper={paper} title={PAPER_TITLES.board} aside={asideOf(made)} first={k === 0}>
          <Text style={styles.soft}>{BOARD_SAYS}</Text>
          <RoomHead {...{ room, paper }} objections={room.forClient.objections} />
          <Text style={[styles.bold, { marginTop: 4 }]}>{paints.length === 0 ? 'Nothing is painted in it' : 'Painted'}</Text>
          <Paints paints={paints} />
          {stays.length > 0 && <Text style={[styles.bold, { marginTop: 6 }]}>Stays</Text>}
          <Fields of={stays} dashed={false} />
          {looked.length > 0 && <Text style={[styles.bold, { marginTop: 6 }]}>To look for</Text>}
          <Fields of={looked} dashed />
        </Sheet>
      );
    })}
  </>
);
