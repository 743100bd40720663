import { Image as Picture, Text, View } from '@react-pdf/renderer';
import { PAPER_TITLES, sayForWhom } from '@/core/handover/hand-over';
import type { StillOnPaper } from '@/core/handover/client-sheet';
import type { Paper } from '../pdf/papers';
import type { ClientScheme, InMeasure } from '@/core/handover/client-scheme';
import { PATCH_CAVEAT } from '@/core/handover/paper-colour';
import { HousePart } from './house-pdf';
import type { Stills } from '../pdf/jobs';
import { CautionBox, Chip, innerWidth, Sheet, styles } from './parts';
import { asideOf, inSheets, RoomHead, type PaperProps, type RoomProps } from './room-parts';

/** Colours in a bar, each as wide as its share. */
const Measure = ({ of, height }: { readonly of: readonly InMeasure[]; readonly height: number }) => (
  <View style={{ flexDirection: 'row', height, marginTop: 3 }}>
    {of.map(({ hex, share }, k) => (
      <View key={k} style={{ flexGrow: share, flexBasis: 0, backgroundColor: hex }} />
    ))}
  </View>
);

type Told = { readonly hex: string; readonly says: string };
const Swatches = ({ of, width, height }: { readonly of: readonly Told[]; readonly width: number; readonly height: number }) =>
  of.map(({ hex, says }) => (
    <View key={says} style={{ flexDirection: 'row', gap: 5, marginTop: 3, alignItems: 'center' }}>
      <Chip hex={hex} width={width} height={height} />
      <Text style={{ flex: 1 }}>{says}</Text>
    </View>
  ));

/** The scheme that was picked: its piece, its colours in measure, what to look for in the shop. */
const SchemePart = ({ scheme: { title, piece, measure, parts, toLookFor } }: { readonly scheme: ClientScheme }) => (
  <View style={{ marginTop: 6 }} wrap={false}>
    <Text style={styles.bold}>The scheme you picked: {title}</Text>
    {piece && (
      <>
        <Text>{piece.says}</Text>
        <Measure of={piece.colours} height={12} />
      </>
    )}
    <Text style={styles.soft}>Everything one sees, in measure</Text>
    <Measure of={measure} height={26} />
    <Swatches of={parts} width={28} height={18} />
    {toLookFor.length > 0 && <Text style={[styles.bold, { marginTop: 4 }]}>To look for</Text>}
    <Swatches of={toLookFor} width={70} height={44} />
  </View>
);

type StillsProps = { readonly of: readonly StillOnPaper[]; readonly stills: Stills | undefined; readonly paper: Paper };
/** Pictures that were computed; one whose file is not there is left out. */
const StillsPart = ({ of, stills, paper }: StillsProps) =>
  of.map(({ picture, says }) =>
    stills?.[picture] ? (
      <View key={picture} style={{ marginTop: 6 }} wrap={false}>
        <Picture
          src={{ data: Buffer.from(stills[picture]), format: 'jpg' }}
          style={{ width: innerWidth(paper), maxHeight: 300, objectFit: 'contain' }}
        />
        <Text style={styles.soft}>{says}</Text>
      </View>
    ) : null,
  );

const ClientRoomPart = ({ room, paper, stills }: RoomProps & { readonly stills: Stills | undefined }) => {
  const { colours, looks, notDecided, whyNot, wish, scheme } = room.forClient;
  return (
    <View>
      <RoomHead {...{ room, paper }} objections={room.forClient.objections} />
      {wish !== '' && <Text style={{ marginTop: 3 }}>You asked for: {wish}</Text>}
      {colours.map((c) => (
        <View key={c.where} style={styles.row} wrap={false}>
          <Chip hex={c.colour.hex} letter={c.letter} width={70} height={52} />
          <View style={{ flex: 1, gap: 1 }}>
            <Text style={styles.bold}>{c.where}</Text>
            <Text>
              {c.colour.maker} {c.colour.code}, {c.colour.name}, <Text style={styles.bold}>{c.colour.strengthSays[0]}</Text>,{' '}
              {c.sheen}
            </Text>
            {c.says !== '' && <Text style={styles.soft}>{c.says}</Text>}
            {c.why.map((why) => (
              <Text key={why}>{why}</Text>
            ))}
            {c.liveWith.length > 0 && <Text>To live with: {c.liveWith.join('; ')}</Text>}
          </View>
        </View>
      ))}
      <StillsPart of={room.forClient.stills} {...{ paper, stills }} />
      {scheme && <SchemePart scheme={scheme} />}
      {whyNot.length > 0 && (
        <View style={{ marginTop: 4 }} wrap={false}>
          <Text style={styles.bold}>What you liked and why it is not on a wall</Text>
          {whyNot.map(({ hex, says }) => (
            <View key={says} style={{ flexDirection: 'row', gap: 5, marginTop: 3, alignItems: 'center' }}>
              <Chip hex={hex} width={28} height={18} />
              <Text style={{ flex: 1 }}>{says}</Text>
            </View>
          ))}
        </View>
      )}
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

const ClientEnd = ({ made, paper, look }: PaperProps) => (
  <View>
    {made.stillsLeft.map(({ room, stills }) => (
      <View key={room}>
        <Text style={styles.room}>{room}</Text>
        <StillsPart of={stills} stills={look.stills} paper={paper} />
      </View>
    ))}
    {made.house && <HousePart house={made.house} />}
    {made.roomsLeft.length > 0 && <Text style={{ marginTop: 10 }}>Nothing is decided yet in: {made.roomsLeft.join(', ')}.</Text>}
    <CautionBox cautions={made.cautions} />
  </View>
);

/** The client's sheet. */
export const Client = ({ made, paper, look }: PaperProps) => {
  const sheets = inSheets(made.rooms);
  return (
    <>
      {sheets.map((rooms, k) => (
        <Sheet key={k} {...look} paper={paper} title={PAPER_TITLES.client} aside={asideOf(made)} first={k === 0}>
          {k === 0 && (
            <Text style={styles.soft}>
              {sayForWhom(made)}What was decided in the visit of {made.visit.day}. {PATCH_CAVEAT}
            </Text>
          )}
          {rooms.map((room) => (
            <ClientRoomPart key={room.roomId} {...{ room, paper }} stills={look.stills} />
          ))}
          {k === sheets.length - 1 && <ClientEnd {...{ made, paper, look }} />}
        </Sheet>
      ))}
    </>
  );
};
