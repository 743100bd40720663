import type { SheetLook } from './parts';
import { Document, renderToBuffer, Text, View } from '@react-pdf/renderer';
import type { ReactElement } from 'react';
import { PAPER_TITLES, type HandOver, type PaperName } from '@/core/handover/hand-over';
import { PATCH_CAVEAT } from '@/core/handover/paper-colour';
import type { ScheduleRow } from '@/core/handover/schedule';
import { fontsFor, type Paper } from '../pdf/paper';
import { Boards } from './board-pdf';
import { Client } from './client-pdf';
import { Order } from './order-rows';
import { asideOf, inSheets, RoomHead, type PaperProps, type RoomProps } from './room-parts';
import { CautionBox, Chip, ColourName, Sheet, Strength, styles } from './parts';

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

/** What is to be known of a row before its first coat: preparation, and why so many coats. */
const Before = ({ row }: { readonly row: ScheduleRow }) => (
  <>
    {[row.preparation, row.whyCoats].filter(Boolean).map((says) => (
      <Text key={says} style={[styles.soft, { marginLeft: COLUMNS.chip.width + 5, paddingBottom: 2 }]}>
        {says}
      </Text>
    ))}
  </>
);

const Row = ({ row }: { readonly row: ScheduleRow }) => (
  <View wrap={false}>
    <Cells row={row} />
    <Before row={row} />
  </View>
);

const Cells = ({ row }: { readonly row: ScheduleRow }) => (
  <View style={styles.row}>
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

const Left = ({ roomsLeft }: Pick<HandOver, 'roomsLeft'>) =>
  roomsLeft.length === 0 ? null : (
    <Text style={{ marginTop: 10 }}>
      <Text style={styles.bold}>Nothing is decided in: </Text>
      {roomsLeft.join(', ')}. Do not paint there.
    </Text>
  );

const ScheduleRoom = ({ room, paper }: RoomProps) => (
  <View>
    <RoomHead {...{ room, paper }} objections={room.objections} sizes />
    <HeadRow />
    {room.rows.map((row) => (
      <Row key={row.letter} row={row} />
    ))}
  </View>
);

/** Where the work is, and whom to ring. */
const Job = ({ for: { name, address, telephone } }: { readonly for: HandOver['forPainter'] }) => {
  const says = [name, address.replace(/\s*\n\s*/g, ', '), telephone].filter(Boolean);
  return says.length === 0 ? null : (
    <Text style={{ marginBottom: 4 }}>
      The home: <Text style={styles.bold}>{says.join(' · ')}</Text>
    </Text>
  );
};

const ScheduleHead = ({ made }: { readonly made: HandOver }) => (
  <View>
    <Job for={made.forPainter} />
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
    <Text style={styles.soft}>{PATCH_CAVEAT}</Text>
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

const Schedule = ({ made, paper, look }: PaperProps) => {
  const sheets = inSheets(made.rooms);
  const sheet = { ...look, paper, title: PAPER_TITLES.schedule, aside: asideOf(made) };
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

const CounterOrder = ({ made, paper, look }: PaperProps) => (
  <Sheet {...look} paper={paper} title={PAPER_TITLES.order} aside={asideOf(made)}>
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

const BY_NAME: Readonly<Record<PaperName, (props: PaperProps) => ReactElement>> = {
  client: Client,
  schedule: Schedule,
  order: CounterOrder,
  board: Boards,
};

type OnSheet = Pick<SheetLook, 'logo' | 'stills'> & { readonly paper: Paper };
/** One of the papers of a visit, as a PDF. */
export async function paperPdf(name: PaperName, made: HandOver, { paper, logo, stills }: OnSheet): Promise<Buffer> {
  const look = { fonts: fontsFor(JSON.stringify(made)), from: made.from, logo, stills };
  const One = BY_NAME[name];
  return renderToBuffer(
    <Document
      title={`${PAPER_TITLES[name]}, ${made.visit.label}`}
      language="en-GB"
      pdfVersion="1.7"
      creator="Elm Swatch"
      producer="Elm Swatch"
    >
      <One {...{ made, paper, look }} />
    </Document>,
  );
}
