import type { Candidate } from '@/core/record/candidate';
import type { Room } from '@/core/record/room';
import type { RecordedStay } from '@/core/record/stay';
import type { Visit } from '@/core/record/visit';
import { listCandidates } from '@/data/candidates';
import {
  listAnswers,
  listDecisions,
  listIntensities,
  listReactions,
  listLightReadings,
  listNotes,
  listPicks,
  listRulings,
  listSignatures,
  listVerdicts,
} from '@/data/events';
import { listHands, listLooks } from '@/data/looks';
import { listPhotos } from '@/data/photos';
import { listLamps, listRooms, listWindows } from '@/data/rooms';
import { listSamples } from '@/data/samples';
import { listSchemes } from '@/data/schemes';
import type { Sql } from '@/data/sql';
import { listComponents, listStays } from '@/data/stays';
import { findVisit } from '@/data/visits';
import { deckFactsOf } from '../deck/deck-facts';

/** Rows by the room they stand in, the room itself left out of them. */
function byRoom<T extends { readonly roomId: string }>(rows: readonly T[]) {
  const groups = new Map<string, Omit<T, 'roomId'>[]>();
  for (const { roomId, ...row } of rows) {
    const group = groups.get(roomId);
    if (group) group.push(row);
    else groups.set(roomId, [row]);
  }
  return (roomId: string): readonly Omit<T, 'roomId'>[] => groups.get(roomId) ?? [];
}

/** Those that are in the room, and those taken out of it. */
function parted<T extends { readonly retired: boolean }>(rows: readonly T[]) {
  const those = (retired: boolean) => rows.filter((r) => r.retired === retired).map(({ retired: _, ...row }) => row);
  return { here: those(false), retired: those(true) };
}

async function staysOf(sql: Sql, visitId: string) {
  const components = new Map<string, RecordedStay['components'][number][]>();
  for (const { stayId, ...component } of await listComponents(sql, visitId))
    components.set(stayId, [...(components.get(stayId) ?? []), component]);
  return (await listStays(sql, visitId)).map((stay) => ({ ...stay, components: components.get(stay.id) ?? [] }));
}

async function candidatesOf(sql: Sql, visitId: string) {
  const rows = await listCandidates(sql, visitId);
  const facts = await deckFactsOf(sql, rows);
  return rows.map((row, i) => ({ ...row, ...facts[i]! }) satisfies Candidate & { roomId: string });
}

/** A visit with all its rooms, or undefined when there is none of that id. */
export async function loadVisit(sql: Sql, visitId: string): Promise<Visit | undefined> {
  const visit = await findVisit(sql, visitId);
  if (!visit) return undefined;
  const windows = byRoom(await listWindows(sql, visitId));
  const lamps = byRoom(await listLamps(sql, visitId));
  const readings = byRoom(await listLightReadings(sql, visitId));
  const stays = byRoom(await staysOf(sql, visitId));
  const candidates = byRoom(await candidatesOf(sql, visitId));
  const verdicts = byRoom(await listVerdicts(sql, visitId));
  const intensities = byRoom(await listIntensities(sql, visitId));
  const reactions = byRoom(await listReactions(sql, visitId));
  const rulings = byRoom(await listRulings(sql, visitId));
  const picks = byRoom(await listPicks(sql, visitId));
  const notes = byRoom(await listNotes(sql, visitId));
  const photos = byRoom(await listPhotos(sql, visitId));
  const schemes = byRoom(await listSchemes(sql, visitId));
  const looks = byRoom(await listLooks(sql, visitId));
  const samples = byRoom(await listSamples(sql, visitId));
  const answers = byRoom(await listAnswers(sql, visitId));
  const decisions = byRoom(await listDecisions(sql, visitId));
  const signatures = byRoom(await listSignatures(sql, visitId));
  const hands = await listHands(sql, visitId);
  const rooms = (await listRooms(sql, visitId)).map(({ retired, ...room }) => {
    const { id } = room;
    const kinds = {
      stays: parted(stays(id)),
      candidates: parted(candidates(id)),
      photos: parted(photos(id)),
      schemes: parted(schemes(id)),
      looks: parted(looks(id)),
      samples: parted(samples(id)),
    };
    const made: Room = {
      ...room,
      windows: windows(id),
      lamps: lamps(id),
      readings: readings(id),
      stays: kinds.stays.here,
      candidates: kinds.candidates.here,
      verdicts: verdicts(id),
      intensities: intensities(id),
      reactions: reactions(id),
      rulings: rulings(id),
      picks: picks(id),
      notes: notes(id),
      photos: kinds.photos.here,
      schemes: kinds.schemes.here,
      looks: kinds.looks.here,
      samples: kinds.samples.here,
      answers: answers(id),
      decisions: decisions(id),
      signatures: signatures(id),
      retired: {
        stays: kinds.stays.retired,
        candidates: kinds.candidates.retired,
        photos: kinds.photos.retired,
        schemes: kinds.schemes.retired,
        looks: kinds.looks.retired,
        samples: kinds.samples.retired,
      },
    };
    return { retired, made };
  });
  const those = (retired: boolean) => rooms.filter((r) => r.retired === retired).map((r) => r.made);
  return { ...visit, rooms: those(false), retiredRooms: those(true), hands };
}
