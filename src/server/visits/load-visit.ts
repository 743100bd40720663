import type {
  Candidate,
  LightMeterReading,
  Photo,
  RecordedStay,
  Room,
  RoomLamp,
  RoomWindow,
  Scheme,
  VerdictEvent,
  Visit,
} from '@/core/record/types';
import { paintAtStrength, type Paint } from '@/core/paint/paint';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { listCandidates } from '@/data/candidates';
import { listDeckColoursOfVisit } from '@/data/decks';
import type { DeckColourRow } from '@/data/rows';
import { listLightReadings } from '@/data/light-readings';
import { listLamps, listWindows } from '@/data/rooms';
import type { Sql } from '@/data/sql';
import { listComponents, listStays } from '@/data/stays';
import { listNotes } from '@/data/notes';
import { listPhotos } from '@/data/photos';
import { listPicks } from '@/data/picks';
import { listSchemes } from '@/data/schemes';
import { listRulings, listVerdicts } from '@/data/verdicts';
import { findVisit, listRooms } from '@/data/visits';
import { paintsOf } from '../paint/paint-of';

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

type CandidateRow = Awaited<ReturnType<typeof listCandidates>>[number];

const toWindow = (w: Awaited<ReturnType<typeof listWindows>>[number]): RoomWindow => ({
  id: w.id,
  wall: w.wall,
  widthM: w.width_m,
  heightM: w.height_m,
  leftM: w.left_m,
  sillM: w.sill_m,
  glazing: w.glazing,
  curtain: w.curtain,
  obstructionDeg: w.obstruction_deg,
  revealM: w.reveal_m,
  overhangM: w.overhang_m,
});
const toLamp = (l: Awaited<ReturnType<typeof listLamps>>[number]): RoomLamp => ({
  id: l.id,
  name: l.name,
  cctK: l.cct_k,
  kind: l.kind,
  lumens: l.lumens,
  throws: l.throws,
  xM: l.x_m,
  yM: l.y_m,
  heightM: l.height_m,
  dimmedPercent: l.dimmed_percent,
});
const toReading = (r: Awaited<ReturnType<typeof listLightReadings>>[number]): LightMeterReading => ({
  id: r.id,
  position: r.position,
  lux: r.lux,
  cctK: r.cct_k,
  computedLux: r.computed_lux,
  sky: r.sky,
  lampsOn: r.lamps_on,
  at: r.at,
  undone: r.undone,
});

const toVerdict = (v: Awaited<ReturnType<typeof listVerdicts>>[number]): VerdictEvent => ({
  id: v.id,
  candidateId: v.candidate_id,
  stayId: v.stay_id,
  light: v.light,
  person: v.person,
  verdict: v.verdict,
  reason: v.reason,
  at: v.at,
  undone: v.undone,
  predicted: v.predicted,
  moment: v.moment,
  firstGlanceMs: v.first_glance_ms,
});
const toPhoto = (p: Awaited<ReturnType<typeof listPhotos>>[number]): Photo => ({
  id: p.id,
  width: p.width,
  height: p.height,
  caption: p.caption,
  settings: p.settings,
  white: p.white,
  at: p.at,
});
const toScheme = (s: Awaited<ReturnType<typeof listSchemes>>[number]): Scheme => ({
  id: s.id,
  name: s.name,
  wallId: s.wall_id,
  trimId: s.trim_id,
  accentIds: s.accent_ids,
});

const round5 = (v: number) => Math.round(v * 1e5) / 1e5;
/** The spectrum of a paint at a strength, when it is more than a guess from Lab. */
function knownSpectrum(paint: Paint, mixed: ReturnType<typeof paintAtStrength>, strength: number): readonly number[] | null {
  const measured = paint.reflectance !== undefined && (strength === 100 || paint.base.reflectance !== undefined);
  return mixed.how === 'colourants' || measured ? Array.from(mixed.reflectance, round5) : null;
}

function toCandidate(row: CandidateRow, colour: DeckColourRow, paint: Paint): Candidate {
  const mixed = paintAtStrength(paint, row.strength);
  return {
    id: row.id,
    deckColourId: row.deck_colour_id,
    maker: colour.maker,
    code: colour.code,
    name: colour.name,
    baseKind: paint.base.kind,
    offered: OFFERED_STRENGTHS.map((strength) => ({ strength, lab: paintAtStrength(paint, strength).lab })),
    strength: row.strength,
    lab: mixed.lab,
    spectrum: knownSpectrum(paint, mixed, row.strength),
    sharedName: colour.shared_name,
  };
}

/** A visit with all its rooms, or undefined when there is none of that id. */
export async function loadVisit(sql: Sql, visitId: string): Promise<Visit | undefined> {
  if (!UUID.test(visitId)) return undefined;
  const visit = await findVisit(sql, visitId);
  if (!visit) return undefined;
  const rooms = await listRooms(sql, visitId);
  const windows = await listWindows(sql, visitId);
  const lamps = await listLamps(sql, visitId);
  const readings = await listLightReadings(sql, visitId);
  const stays = await listStays(sql, visitId);
  const components = await listComponents(sql, visitId);
  const candidates = await listCandidates(sql, visitId);
  const verdicts = await listVerdicts(sql, visitId);
  const rulings = await listRulings(sql, visitId);
  const picks = await listPicks(sql, visitId);
  const notes = await listNotes(sql, visitId);
  const photos = await listPhotos(sql, visitId);
  const schemes = await listSchemes(sql, visitId);
  const colours = await listDeckColoursOfVisit(sql, visitId);
  const deck = new Map(colours.map((c) => [c.id, c]));
  const paints = await paintsOf(sql, colours);
  const candidateOf = (row: CandidateRow) => toCandidate(row, deck.get(row.deck_colour_id)!, paints.get(row.deck_colour_id)!);
  const staysOf = (roomId: string): RecordedStay[] =>
    stays
      .filter((s) => s.room_id === roomId)
      .map(({ id, name, kind, school, lies, cover, revision }) => ({
        id,
        name,
        kind,
        school,
        lies,
        cover,
        revision,
        components: components
          .filter((c) => c.stay_id === id)
          .map((c) => ({ id: c.id, name: c.name, share: c.share, colour: c.colour })),
      }));
  return {
    id: visit.id,
    label: visit.label,
    place: { name: visit.place_name, latitude: visit.latitude, longitude: visit.longitude, timeZone: visit.time_zone },
    units: visit.units,
    schools: { dimWhite: visit.dim_white, fightingLight: visit.fighting_light },
    revision: visit.revision,
    createdAt: visit.created_at,
    rooms: rooms.map((room): Room => ({
      id: room.id,
      name: room.name,
      revision: room.revision,
      bearingDeg: room.bearing_deg,
      oldWall: room.old_wall,
      widthM: room.width_m,
      depthM: room.depth_m,
      heightM: room.height_m,
      ground: room.ground,
      obstruction: room.obstruction,
      ceiling: room.ceiling,
      calibrated: room.calibrated,
      readings: readings.filter((r) => r.room_id === room.id).map(toReading),
      windows: windows.filter((w) => w.room_id === room.id).map(toWindow),
      lamps: lamps.filter((l) => l.room_id === room.id).map(toLamp),
      stays: staysOf(room.id),
      candidates: candidates.filter((c) => c.room_id === room.id).map(candidateOf),
      verdicts: verdicts.filter((v) => v.room_id === room.id).map(toVerdict),
      rulings: rulings
        .filter((r) => r.room_id === room.id)
        .map((r) => ({ id: r.id, candidateId: r.candidate_id, ruling: r.ruling, note: r.note, at: r.at })),
      wish: room.wish,
      wishWords: room.wish_words,
      picks: picks
        .filter((p) => p.room_id === room.id)
        .map((p) => ({ id: p.id, chosenId: p.chosen_id, otherId: p.other_id, at: p.at, undone: p.undone })),
      notes: notes
        .filter((n) => n.room_id === room.id)
        .map((n) => ({ id: n.id, candidateId: n.candidate_id, words: n.words, at: n.at, undone: n.undone })),
      photos: photos.filter((p) => p.room_id === room.id).map(toPhoto),
      schemes: schemes.filter((s) => s.room_id === room.id).map(toScheme),
    })),
  };
}
