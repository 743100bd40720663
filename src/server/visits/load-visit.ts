import type { Candidate, RecordedStay, Room, Visit } from '@/core/record/types';
import { paintAtStrength, type Paint } from '@/core/paint/paint';
import { OFFERED_STRENGTHS } from '@/core/paint/strength';
import { listCandidates } from '@/data/candidates';
import { listDeckColoursOfVisit } from '@/data/decks';
import type { DeckColourRow } from '@/data/rows';
import { listLamps, listWindows } from '@/data/rooms';
import type { Sql } from '@/data/sql';
import { listComponents, listStays } from '@/data/stays';
import { listRulings, listVerdicts } from '@/data/verdicts';
import { findVisit, listRooms } from '@/data/visits';
import { paintsOf } from '../paint/paint-of';

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i;

type CandidateRow = Awaited<ReturnType<typeof listCandidates>>[number];

const toCandidate = (row: CandidateRow, colour: DeckColourRow, paint: Paint): Candidate => ({
  id: row.id,
  deckColourId: row.deck_colour_id,
  maker: colour.maker,
  code: colour.code,
  name: colour.name,
  baseKind: paint.base.kind,
  offered: OFFERED_STRENGTHS.map((strength) => ({ strength, lab: paintAtStrength(paint, strength).lab })),
  strength: row.strength,
  lab: paintAtStrength(paint, row.strength).lab,
  sharedName: colour.shared_name,
});

/** A visit with all its rooms, or undefined when there is none of that id. */
export async function loadVisit(sql: Sql, visitId: string): Promise<Visit | undefined> {
  if (!UUID.test(visitId)) return undefined;
  const visit = await findVisit(sql, visitId);
  if (!visit) return undefined;
  const rooms = await listRooms(sql, visitId);
  const windows = await listWindows(sql, visitId);
  const lamps = await listLamps(sql, visitId);
  const stays = await listStays(sql, visitId);
  const components = await listComponents(sql, visitId);
  const candidates = await listCandidates(sql, visitId);
  const verdicts = await listVerdicts(sql, visitId);
  const rulings = await listRulings(sql, visitId);
  const colours = await listDeckColoursOfVisit(sql, visitId);
  const deck = new Map(colours.map((c) => [c.id, c]));
  const paints = await paintsOf(sql, colours);
  const candidateOf = (row: CandidateRow) => toCandidate(row, deck.get(row.deck_colour_id)!, paints.get(row.deck_colour_id)!);
  const staysOf = (roomId: string): RecordedStay[] =>
    stays
      .filter((s) => s.room_id === roomId)
      .map(({ id, name, kind, school, revision }) => ({
        id,
        name,
        kind,
        school,
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
    revision: visit.revision,
    createdAt: visit.created_at,
    rooms: rooms.map((room): Room => ({
      id: room.id,
      name: room.name,
      revision: room.revision,
      bearingDeg: room.bearing_deg,
      oldWall: room.old_wall,
      windows: windows
        .filter((w) => w.room_id === room.id)
        .map((w) => ({ id: w.id, wall: w.wall, widthM: w.width_m, heightM: w.height_m })),
      lamps: lamps.filter((l) => l.room_id === room.id).map((l) => ({ id: l.id, name: l.name, cctK: l.cct_k })),
      stays: staysOf(room.id),
      candidates: candidates.filter((c) => c.room_id === room.id).map(candidateOf),
      verdicts: verdicts
        .filter((v) => v.room_id === room.id)
        .map((v) => ({
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
        })),
      rulings: rulings
        .filter((r) => r.room_id === room.id)
        .map((r) => ({ id: r.id, candidateId: r.candidate_id, ruling: r.ruling, note: r.note, at: r.at })),
    })),
  };
}
