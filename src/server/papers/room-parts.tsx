import { Text, View } from '@react-pdf/renderer';
import type { HandOver } from '@/core/handover/hand-over';
import type { RoomPaper } from '@/core/handover/schedule';
import type { Paper } from '../pdf/papers';
import { innerWidth, styles, UnfoldedDrawing, type SheetLook } from './parts';

export type PaperProps = { readonly made: HandOver; readonly paper: Paper; readonly look: SheetLook };

/** What stands beside the title of every sheet. */
export const asideOf = ({ visit }: HandOver) =>
  `${visit.label}, ${visit.place} · ${visit.revision === 0 ? 'not signed' : `revision ${visit.revision}`} · ${visit.printed}`;

type HeadProps = RoomProps & { readonly objections: readonly string[] };
const NotSettled = ({ room: { changed, revised }, objections }: Omit<HeadProps, 'paper'>) => (
  <>
    {[changed, ...objections].filter(Boolean).map((says) => (
      <Text key={says} style={styles.bold}>
        {says}
      </Text>
    ))}
    {revised && (
      <View style={{ marginTop: 3, borderLeftWidth: 2, borderLeftColor: '#000', paddingLeft: 6 }}>
        <Text>
          <Text style={styles.bold}>What this revision changes</Text>
          {revised.why === '' ? '' : `: ${revised.why}`}
        </Text>
        {revised.changes.length === 0 && <Text style={styles.soft}>Nothing: it was signed again as it was.</Text>}
        {revised.changes.map((change) => (
          <Text key={change} style={styles.soft}>
            {change}
          </Text>
        ))}
      </View>
    )}
  </>
);

export type RoomProps = { readonly room: RoomPaper; readonly paper: Paper };
/** A room on paper: its name, whether it is signed, its picture. */
export const RoomHead = ({ room, paper, objections, sizes = false }: HeadProps & { readonly sizes?: boolean }) => (
  <View wrap={false} minPresenceAhead={90}>
    <Text style={styles.room}>{room.room}</Text>
    <Text style={styles.soft}>{room.signed}</Text>
    <NotSettled {...{ room, objections }} />
    <View style={{ marginTop: 4 }}>
      <UnfoldedDrawing room={room} width={innerWidth(paper)} />
    </View>
    <Text style={styles.soft}>{room.caption}</Text>
    {sizes && (
      <View style={{ flexDirection: 'row', flexWrap: 'wrap' }}>
        {room.sizes.map((says) => (
          <Text key={says} style={[styles.soft, { width: '50%' }]}>
            {says}
          </Text>
        ))}
      </View>
    )}
  </View>
);

/** Rooms that run on one after the other; then a sheet begins (breaking pages takes time with the square of what runs on). */
const RUN_ON = 3;
/** The rooms of a paper in the sheets they stand on, the first with what stands before them. */
export function inSheets(rooms: readonly RoomPaper[]): readonly (readonly RoomPaper[])[] {
  return Array.from({ length: Math.max(1, Math.ceil(rooms.length / RUN_ON)) }, (_, k) =>
    rooms.slice(RUN_ON * k, RUN_ON * (k + 1)),
  );
}
