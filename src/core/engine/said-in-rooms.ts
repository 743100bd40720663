import type { Parted, SaidOfPart } from '../eye/parted';
import { relationInLight } from '../judge/pair-in-light';
import { relation } from '../judge/relation';
import { lampSpectrum } from '../light/lamp';
import { perLux } from '../light/spectral';
import { standingVerdicts } from '../derived/standing';
import type { Person } from '../judge/ruling';
import type { Room } from '../record/room';
import { isLookedAt } from '../record/seen';
import { thingOf, type Thing } from '../record/thing';
import { roomsOf, type Visit } from '../record/visit';
import { candidateSwatch, judgedStay } from './swatches';
import { surfacesOf } from './looks';
import { surfaceStay } from './surface-stay';

/** What an eye said in a room, looking, of a pair as the shipped model has it. */
export type SaidInRoom = SaidOfPart & { readonly id: string; readonly at: string; readonly person: Person };

/** Light by a room's lamps, lx, and the lamp where none is recorded. Usual figures, from memory. */
const BY_LAMPS = { lux: 150, lamp: { kind: 'led', cctK: 2700, ra: 80, dimmedShare: 1 } } as const;
const lampOf = ({ lamps: [first] }: Pick<Room, 'lamps'>) =>
  first ? { kind: first.kind, cctK: first.cctK, ra: first.ra, dimmedShare: first.dimmedPercent / 100 } : BY_LAMPS.lamp;

/** The part of what is said that a thing belongs to; undefined where it is like no other. */
const PART_OF: Readonly<Partial<Record<Thing, Parted>>> = {
  worktop: 'stone',
  tile: 'stone',
  hearth: 'stone',
  floor: 'floor',
  trim: 'trim',
  door: 'trim',
  cabinets: 'cabinets',
  'built-in': 'cabinets',
  sofa: 'cloth',
  rug: 'cloth',
  curtains: 'cloth',
  art: 'picture',
};

/** A room that was not changed says the same. */
const rooms = new WeakMap<Room, readonly SaidInRoom[]>();
function saidIn(room: Room): readonly SaidInRoom[] {
  const known = rooms.get(room) ?? readIn(room);
  rooms.set(room, known);
  return known;
}

function readIn(room: Room): SaidInRoom[] {
  const byLamps = { power: perLux(lampSpectrum(lampOf(room))), lux: BY_LAMPS.lux };
  return standingVerdicts(room.verdicts)
    .filter(isLookedAt)
    .flatMap(({ id, at, candidateId, stayId, light, person, verdict, reason }): SaidInRoom[] => {
      const candidate = room.candidates.find((c) => c.id === candidateId);
      const stay = room.stays.find((s) => s.id === stayId);
      if (!candidate || !stay) return [];
      const thing = judgedStay(stay);
      const found =
        light === 'lamps'
          ? relationInLight(
              surfaceStay(thing),
              { lab: candidate.lab, reflectance: surfacesOf(candidateSwatch(candidate))[0]! },
              byLamps,
            )
          : relation(thing, candidate.lab, thing.school);
      if (!found) return [];
      const components = found.components.map(({ conflicts }) => ({ conflicts }));
      const part = PART_OF[thingOf(stay)];
      const parts: Parted[] = [...(part ? [part] : []), light === 'lamps' ? 'lamps' : 'day'];
      return [{ id, at, person, verdict, reason, parts, relation: { cost: found.cost, components } }];
    });
}

/**
 * What was said in the rooms of a visit by whoever looked, each with its pair as the shipped model has it: by day as in the deck, by lamps
 * in the light of the room's first lamp. No eye may be in force.
 */
export const saidInRooms = (visit: Visit): SaidInRoom[] => roomsOf(visit).flatMap(saidIn);
