import { Document, renderToBuffer, Text, View } from '@react-pdf/renderer';
import type { ReactElement } from 'react';
import { PAPER_TITLES, type HandOver, type PaperName } from '@/core/handover/hand-over';
import { PATCH_CAVEAT } from '@/core/handover/paper-colour';
import type { RoomPaper, ScheduleRow } from '@/core/handover/schedule';
import { registerFont, type Paper } from '../pdf/paper';
import { Order } from './order-rows';
import { CautionBox, Chip, ColourName, innerWidth, Sheet, Strength, styles, UnfoldedDrawing } from './parts';

const asideOf = ({ visit }: HandOver) =>
  `${visit.label}, ${visit.place} · ${visit.revision === 0 ? 'not signed' : `revision ${visit.revision}`} · ${visit.printed}`;

/** Widths of the schedule's columns. */
const width = (points: number) => ({ width: points, flexShrink: 0 });
const COLUMNS = {
  chip: width(40),
  surfaces: width(84),
  colour: width(88),
  strength: width(68),
  product: width(62),
  coats: width(44),
  area: width(40),
  take: width(50),
} as const;

const OpenOrStays = ({ row }: { readonly row: ScheduleRow }) => (
  <View style={{ flex: 1 }}>
    {row.state === 'open' ? (
      <Text>
        <Text style={styles.bold}>Not decided.</Text> Do not paint; ask before the walls are begun.
      </Text>
    ) : (
      <Text>
        <Text style={styles.bold}>Stays as it is.</Text> Do not paint.
      </Text>
    )}
  </View>
);

const Row = ({ row }: { readonly row: ScheduleRow }) => (
  <View style={styles.row} wrap={false}>
    <View style={COLUMNS.chip}>
      <Chip hex={row.colour?.hex ?? null} letter={row.letter} />
    </View>
    <View style={COLUMNS.surfaces}>
      <Text>{row.surfaces}</Text>
      {row.why !== '' && <Text style={styles.soft}>{row.why}</Text>}
    </View>
    {row.colour ? (
      <>
        <View style={COLUMNS.colour}>
          <ColourName colour={row.colour} />
          {row.as && <Text style={styles.soft}>the same colour as {row.as}</Text>}
        </View>
        <View style={COLUMNS.strength}>
          <Strength colour={row.colour} />
        </View>
        <View style={COLUMNS.product}>
          <Text>{row.colour.base}</Text>
          <Text>{row.product},</Text>
          <Text style={styles.bold}>{row.sheen}</Text>
        </View>
        <Text style={[styles.bold, COLUMNS.coats]}>{row.coats}</Text>
        <Text style={COLUMNS.area}>{row.area}</Text>
        <Text style={[styles.bold, COLUMNS.take]}>{row.take}</Text>
      </>
    ) : (
      <OpenOrStays row={row} />
    )}
  </View>
);

const HeadRow = () => (
  <View style={styles.headRow}>
    <Text style={COLUMNS.chip} />
    <Text style={COLUMNS.surfaces}>Surface</Text>
    <Text style={COLUMNS.colour}>Maker, code, name</Text>
    <Text style={COLUMNS.strength}>Strength, in both ways</Text>
    <Text style={COLUMNS.product}>Base, product, sheen</Text>
    <Text style={COLUMNS.coats}>Coats</Text>
    <Text style={COLUMNS.area}>Area</Text>
    <Text style={COLUMNS.take}>Takes</Text>
  </View>
);

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

type RoomProps = { readonly room: RoomPaper; readonly paper: Paper };
const RoomHead = ({ room, paper, objections }: HeadProps) => (
  <View wrap={false}>
    <Text style={styles.room}>{room.room}</Text>
    <Text style={styles.soft}>{room.signed}</Text>
    <NotSettled {...{ room, objections }} />
    <View style={{ marginTop: 4 }}>
      <UnfoldedDrawing room={room} width={innerWidth(paper)} />
    </View>
    <Text style={styles.soft}>{room.caption}</Text>
  </View>
);

const Left = ({ roomsLeft }: Pick<HandOver, 'roomsLeft'>) =>
  roomsLeft.length === 0 ? null : (
    <Text style={{ marginTop: 10 }}>
      <Text style={styles.bold}>Nothing is decided in: </Text>
      {roomsLeft.join(', ')}. Do not paint there.
    </Text>
  );

/** Rooms that run on one after the other; of more each has a page of its own (breaking pages takes time with the square of what runs on). */
const RUN_ON = 3;
/** The rooms of a paper in the sheets they stand on, the first with what stands before them. */
function inSheets(rooms: readonly RoomPaper[]): readonly (readonly RoomPaper[])[] {
  return rooms.length <= RUN_ON ? [rooms] : rooms.map((room) => [room]);
}

const ScheduleRoom = ({ room, paper }: RoomProps) => (
  <View>
    <RoomHead {...{ room, paper }} objections={room.objections} />
    <HeadRow />
    {room.rows.map((row) => (
      <Row key={row.letter} row={row} />
    ))}
  </View>
);

const ScheduleHead = ({ made }: { readonly made: HandOver }) => (
  <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
    <Text>
      For <Text style={styles.bold}>{made.visit.painter || 'the painter'}</Text>
    </Text>
    <Text>
      Who decides: <Text style={styles.bold}>{made.visit.decides || 'the client'}</Text>
    </Text>
    <Text>
      <Text style={styles.bold}>{made.visit.house}</Text>: see the box
    </Text>
  </View>
);

const ScheduleEnd = ({ made }: { readonly made: HandOver }) => (
  <View>
    <Left roomsLeft={made.roomsLeft} />
    <CautionBox cautions={made.cautions} />
    <Text style={styles.room}>For the counter</Text>
    <Order order={made.order} />
  </View>
);

const Schedule = ({ made, paper }: { readonly made: HandOver; readonly paper: Paper }) => {
  const sheets = inSheets(made.rooms);
  const sheet = { paper, title: PAPER_TITLES.schedule, aside: asideOf(made) };
  return (
    <>
      {sheets.map((rooms, k) => (
        <Sheet key={k} {...sheet} first={k === 0}>
          {k === 0 && <ScheduleHead made={made} />}
          {rooms.map((room) => (
            <ScheduleRoom key={room.roomId} {...{ room, paper }} />
          ))}
          {sheets.length === 1 && <ScheduleEnd made={made} />}
        </Sheet>
      ))}
      {sheets.length > 1 && (
        <Sheet {...sheet} first={false}>
          <ScheduleEnd made={made} />
        </Sheet>
      )}
    </>
  );
};

const CounterOrder = ({ made, paper }: { readonly made: HandOver; readonly paper: Paper }) => (
  <Sheet paper={paper} title={PAPER_TITLES.order} aside={asideOf(made)}>
    {made.visit.counter !== '' && <Text>For {made.visit.counter}</Text>}
    <Text style={styles.soft}>Say maker, code and strength, both ways; the patch is not paint.</Text>
    {made.beforeOrder.map((says) => (
      <Text key={says} style={styles.bold}>
        {says}
      </Text>
    ))}
    <View style={{ marginTop: 8 }}>
      <Order order={made.order} />
    </View>
    <CautionBox cautions={made.cautions.filter((c) => c.id === 'air')} />
  </Sheet>
);

const ClientRoomPart = ({ room, paper }: RoomProps) => {
  const { colours, looks, notDecided, wish } = room.forClient;
  return (
    <View>
      <RoomHead {...{ room, paper }} objections={room.forClient.objections} />
      {wish !== '' && <Text style={{ marginTop: 3 }}>You asked for: {wish}</Text>}
      {colours.map((c) => (
        <View key={c.where} style={styles.row} wrap={false}>
          <Chip hex={c.colour.hex} width={70} height={52} />
          <View style={{ flex: 1, gap: 1 }}>
            <Text style={styles.bold}>{c.where}</Text>
            <Text>
              {c.colour.maker} {c.colour.code}, {c.colour.name}, <Text style={styles.bold}>{c.colour.strengthSays[0]}</Text> (
              {c.colour.strengthSays[1]}), {c.sheen}
            </Text>
            <Text style={styles.soft}>
              {c.colour.says}; {c.colour.known}
            </Text>
            {c.why.map((why) => (
              <Text key={why}>{why}</Text>
            ))}
            {c.liveWith.length > 0 && <Text>To live with: {c.liveWith.join('; ')}</Text>}
          </View>
        </View>
      ))}
      {looks.length > 0 && (
        <View style={{ marginTop: 4 }}>
          <Text style={styles.bold}>Looks to take</Text>
          {looks.map((look) => (
            <Text key={look}>{look}</Text>
          ))}
        </View>
      )}
      {notDecided !== '' && (
        <Text style={{ marginTop: 4 }}>
          <Text style={styles.bold}>Not decided yet: </Text>
          {notDecided}
        </Text>
      )}
    </View>
  );
};

const ClientEnd = ({ made }: { readonly made: HandOver }) => (
  <View>
    {made.roomsLeft.length > 0 && <Text style={{ marginTop: 10 }}>Nothing is decided yet in: {made.roomsLeft.join(', ')}.</Text>}
    <CautionBox cautions={made.cautions} />
  </View>
);

const Client = ({ made, paper }: { readonly made: HandOver; readonly paper: Paper }) => {
  const sheets = inSheets(made.rooms);
  return (
    <>
      {sheets.map((rooms, k) => (
        <Sheet key={k} paper={paper} title={PAPER_TITLES.client} aside={asideOf(made)} first={k === 0}>
          {k === 0 && (
            <Text style={styles.soft}>
              What was decided in the visit of {made.visit.day}. {PATCH_CAVEAT}
            </Text>
          )}
          {rooms.map((room) => (
            <ClientRoomPart key={room.roomId} {...{ room, paper }} />
          ))}
          {k === sheets.length - 1 && <ClientEnd made={made} />}
        </Sheet>
      ))}
    </>
  );
};

const BY_NAME: Readonly<Record<PaperName, (props: { made: HandOver; paper: Paper }) => ReactElement>> = {
  client: Client,
  schedule: Schedule,
  order: CounterOrder,
};

/** One of the papers of a visit, as a PDF. */
export async function paperPdf(name: PaperName, made: HandOver, paper: Paper): Promise<Buffer> {
  registerFont();
  const One = BY_NAME[name];
  return renderToBuffer(
    <Document title={`${PAPER_TITLES[name]}, ${made.visit.label}`} creator="Elm Swatch" producer="Elm Swatch">
      <One {...{ made, paper }} />
    </Document>,
  );
}
