import { v7 } from 'uuid';
import type { Random } from '@/core/base/random';
import { writeSchema, type Write, type WriteInput, type WriteName } from '@/core/operations/operations';
import type { Room } from '@/core/record/room';
import { roomsOf, type Visit } from '@/core/record/visit';
import { drawnPart, drawnWrite, shapeOf } from './drawn';
import { lab, PLACE } from './made-up-writes';

export const PICTURE = { hash: 'c'.repeat(64), jpeg: new Uint8Array([1, 2, 3]), width: 60, height: 80 };
const DECK = ['FR:FR 3122', 'FR:FR 3072', 'FR:FR 3092', 'FR:none'];

/** Draws of a visit: things that are there, now and then something that is not. */
export function draws(random: Random) {
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  const sometimes = (share: number) => random() < share;
  const idOf = (all: readonly { readonly id: string }[]) => (all.length === 0 || sometimes(0.06) ? v7() : pick(all).id);
  const number = (from: number, to: number) => Math.round((from + random() * (to - from)) * 100) / 100 || 0;
  return { pick, sometimes, idOf, number };
}
export type Draws = ReturnType<typeof draws>;

const colour = (d: Draws) => (d.sometimes(0.05) ? lab(50, 140, 0) : lab(d.number(20, 95), d.number(-4, 8), d.number(-4, 18)));
const paintable = (d: Draws) => (d.sometimes(0.5) ? null : lab(d.sometimes(0.1) ? 5 : 88, d.sometimes(0.1) ? 90 : 1, 9));
const shares = (d: Draws) => (d.sometimes(0.5) ? [0.25, 0.75] : [1]);
const everyOf = <K extends keyof Room['retired']>(r: Room, kind: K) => [...r[kind], ...r.retired[kind]];
const windowOf = (d: Draws, wall: number) =>
  ({
    ...drawnPart(d, 'room.light', 'windows'),
    wall,
    widthM: d.number(0.5, 1.4),
    heightM: 1.2,
    leftM: d.pick([null, 0.2, 0.4]),
    sillM: d.pick([null, 0.9]),
  }) as never;
/** An L, with whatever slopes, stands in it and is glazed above. */
const shapeFor = (d: Draws) => {
  const sloped = d.sometimes(0.5);
  return {
    plan: [
      [0, 0],
      [d.number(4.5, 6), 0],
      [0, 0],
      [3, 2.5],
      [3, 5],
      [0, 5],
    ].map(([x, y], k, all) => (k === 2 ? [all[1]![0]!, 2.5] : [x!, y!])) as [number, number][],
    slopes: sloped ? [{ wall: 5, kneeM: d.number(1, 1.6), pitchDeg: d.number(30, 45) }] : [],
    roofWindows: d.sometimes(0.6) ? [drawnRoofWindow(d, sloped && d.sometimes(0.5) ? 0 : null)] : [],
    boxes: d.sometimes(0.6) ? [drawnBox(d)] : [],
  };
};
const drawnRoofWindow = (d: Draws, slope: number | null) => {
  const { wall: _, sillM: __, ...glazed } = drawnPart(d, 'room.light', 'windows') as Record<string, unknown>;
  return {
    ...glazed,
    id: v7(),
    slope,
    leftM: d.number(1, 1.5),
    upM: d.number(1, 1.5),
    widthM: d.number(0.5, 1),
    heightM: d.number(0.5, 1),
  };
};
const drawnBox = (d: Draws) => ({
  id: v7(),
  name: d.pick(['Island', 'Ünder']),
  xM: d.number(0.5, 1),
  yM: d.number(0.5, 1),
  widthM: d.number(0.5, 1.5),
  depthM: d.number(0.4, 0.9),
  heightM: d.number(0.7, 2),
  colour: paintable(d),
});
const surfaceOf = (d: Draws, r: Room) => {
  const what = d.pick(['paint', 'leave', 'open'] as const);
  return { what, candidateId: what === 'paint' ? d.idOf(everyOf(r, 'candidates')) : null };
};

type Maker = (d: Draws, visit: Visit, room: Room) => WriteInput;
/** What a maker has to say of a write so that it means something here; the rest is drawn from its schema. */
const make =
  <N extends WriteName>(
    name: N,
    given: (d: Draws, visit: Visit, room: Room) => Partial<Extract<WriteInput, { name: N }>>,
  ): Maker =>
  (d, v, r) =>
    drawnWrite(d, name, {
      ...('roomId' in (shapeOf(name).properties ?? {}) ? { roomId: r.id } : {}),
      ...given(d, v, r),
    } as never);
const visitId = (_: Draws, v: Visit) => ({ visitId: v.id });

/** What is said of what is there. */
const JUDGED: readonly Maker[] = [
  make('look.answer', (d, _, r) => ({ lookId: d.idOf(everyOf(r, 'looks')), candidateId: d.idOf(r.candidates) })),
  make('look.unanswer', (d, _, r) => ({ answerId: d.idOf(r.answers) })),
  make('pair.pick', (d, _, r) => ({ chosenId: d.idOf(r.candidates), otherId: d.idOf(r.candidates) })),
  make('pair.unpick', (d, _, r) => ({ pickId: d.idOf(r.picks) })),
  make('verdict.give', (d, _, r) => ({
    candidateId: d.idOf(d.sometimes(0.2) ? everyOf(r, 'candidates') : r.candidates),
    stayId: d.idOf(r.stays),
    lookId: r.looks.length > 0 && d.sometimes(0.5) ? d.idOf(r.looks) : null,
    ...(d.sometimes(0.4)
      ? {
          light: 'overcast',
          moment: { at: '2026-09-23T12:00:00Z', sky: 'overcast', lampsOn: false, position: 'wall-1', lux: d.number(1, 900) },
        }
      : { moment: null }),
    ...(d.sometimes(0.5)
      ? { predicted: 'works', predictedIn: d.pick(['deck', 'light'] as const) }
      : { predicted: null, predictedIn: null }),
  })),
  make('verdict.reason', (d, _, r) => ({ verdictId: d.idOf(r.verdicts) })),
  make('verdict.undo', (d, _, r) => ({ verdictId: d.idOf(r.verdicts) })),
  make('intensity.give', (d, _, r) => ({
    candidateId: d.idOf(r.candidates),
    ...(d.sometimes(0.5)
      ? { moment: null }
      : { light: 'lamps', moment: { at: '2026-09-23T22:00:00Z', sky: 'clear', lampsOn: true, position: 'under-lamp', lux: 40 } }),
  })),
  make('intensity.undo', (d, _, r) => ({ intensityId: d.idOf(r.intensities) })),
  make('reaction.give', (d, _, r) => ({ candidateId: d.idOf(r.candidates) })),
  make('reaction.undo', (d, _, r) => ({ reactionId: d.idOf(r.reactions) })),
];

/** What is there to be spoken of. */
const FOUNDATIONS: readonly Maker[] = [
  make('stay.save', (d, v, r) => {
    const all = everyOf(r, 'stays');
    const known = d.sometimes(0.5) && all.length > 0 ? d.pick(all) : undefined;
    const other = v.rooms.flatMap((o) => (o === r ? [] : o.stays))[0];
    return {
      revision: known ? known.revision + (d.sometimes(0.15) ? 1 : 0) : d.sometimes(0.1) ? 1 : null,
      stayId: known?.id ?? (other && d.sometimes(0.1) ? other.id : v7()),
      components: shares(d).map((share) => ({
        ...drawnPart(d, 'stay.save', 'components'),
        share,
        colour: colour(d),
      })) as never,
    };
  }),
  make('candidate.add', (d, _, r) => ({
    candidateId: r.candidates.length > 0 && d.sometimes(0.1) ? r.candidates[0]!.id : v7(),
    deckColourId: d.pick(DECK),
    strength: d.pick([100, 75, 50, 60]),
    // the server’s word, not the page’s
    facts: null,
  })),
  make('look.save', (d, _, r) => {
    const own = everyOf(r, 'looks');
    const taken = d.sometimes(0.3);
    const lamps = d.sometimes(0.3);
    return {
      lookId: own.length > 0 && d.sometimes(0.5) ? d.idOf(own) : v7(),
      light: lamps ? 'lamps' : d.pick(['clear', 'overcast', 'both']),
      fromHour: lamps ? null : d.number(6, 12),
      toHour: lamps ? null : d.number(12, 20),
      candidateIds: d.sometimes(0.5) ? [] : [d.idOf(everyOf(r, 'candidates'))],
      state: taken ? 'taken' : d.pick(['planned', 'dropped']),
      takenAt: taken ? '2026-09-23T12:05:00.000Z' : null,
    };
  }),
];

/** So many times as often as the rest, what is spoken of and what is said of it. */
const [MORE_OFTEN, OFTEN] = [8, 3];
const ALL: readonly Maker[] = [
  make('visit.edit', (d, v) => ({
    visitId: d.sometimes(0.1) ? v7() : v.id,
    revision: v.revision + (d.sometimes(0.2) ? 1 : 0),
    place: { ...PLACE, latitude: d.number(-60, 60) },
  })),
  make('visit.schools', visitId),
  make('visit.brief', visitId),
  make('visit.shelve', visitId),
  make('visit.plan', visitId),
  make('visit.people', (d, v) => ({
    visitId: v.id,
    clientEmail: d.pick([undefined, '', 'a@example.org']),
    clientTelephone: d.pick([undefined, '+44 117 496 0000']),
    painterEmail: d.pick([undefined, 'p@example.org']),
    painterTelephone: d.pick([undefined, '0117 496 0001']),
    counterEmail: d.pick([undefined, 'c@example.org']),
  })),
  make('visit.supply', visitId),
  make('visit.habits', visitId),
  make('room.order', (d, v) => ({
    visitId: v.id,
    roomIds: d.sometimes(0.1)
      ? [v7()]
      : [...v.rooms]
          .reverse()
          .slice(0, d.pick([1, 2, 9]))
          .map((r) => r.id),
  })),
  make('room.brief', () => ({})),
  make('room.add', (d, v) => ({ visitId: v.id, roomId: d.sometimes(0.2) ? v.rooms[0]!.id : v7() })),
  make('room.rename', (d, _, r) => ({ revision: r.revision - (d.sometimes(0.2) ? 1 : 0) })),
  make('room.retire', (d, v) => ({ roomId: d.idOf(roomsOf(v)) })),
  make('room.light', (d, _, r) => ({
    revision: r.revision + (d.sometimes(0.2) ? 1 : 0),
    widthM: d.pick([null, 3, 4.5]),
    depthM: d.pick([null, 4, 5.25]),
    heightM: d.pick([null, 2.5, 3.1]),
    shape: null,
    windows: Array.from({ length: d.pick([0, 1, 2]) }, (_v, wall) => windowOf(d, wall)),
    windowless: false,
    ceiling: paintable(d),
    oldWall: paintable(d),
  })),
  make('room.light', (d, _, r) => ({
    revision: r.revision,
    windows: [],
    windowless: true,
    shape: null,
    ceiling: null,
    oldWall: null,
    widthM: null,
    depthM: null,
    heightM: null,
    lightFrom: d.pick(['', 'Den']),
  })),
  make('room.light', (d, _, r) => ({
    revision: r.revision,
    shape: shapeFor(d) as never,
    widthM: 6,
    depthM: 5,
    heightM: 2.6,
    windows: d.sometimes(0.5) ? [windowOf(d, d.pick([2, 4, 5]))] : [],
    lamps: [],
    windowless: false,
    ceiling: paintable(d),
    oldWall: paintable(d),
  })),
  make('room.wish', (d) => ({
    wish: d.pick(['warmer', 'calmer', null]),
    more: d.pick([[], ['lighter'], ['deeper', 'more-colour']]),
  })),
  make('room.use', () => ({})),
  make('room.paintwork', (d) => ({ paintwork: { ...drawnPart(d, 'room.paintwork', 'paintwork') } })),
  make('stay.retire', (d, _, r) => ({ stayId: d.idOf(everyOf(r, 'stays')), retired: d.sometimes(0.25) })),
  make('candidate.retire', (d, _, r) => ({ candidateId: d.idOf(everyOf(r, 'candidates')), retired: d.sometimes(0.25) })),
  make('ruling.set', (d, _, r) => ({ candidateId: d.idOf(r.candidates) })),
  make('note.add', (d, _, r) => ({ candidateId: d.sometimes(0.5) ? null : d.idOf(r.candidates) })),
  make('note.remove', (d, _, r) => ({ noteId: d.idOf(r.notes) })),
  make('photo.add', () => ({ picture: PICTURE.hash, width: PICTURE.width, height: PICTURE.height })),
  make('photo.edit', (d, _, r) => ({ photoId: d.idOf(everyOf(r, 'photos')) })),
  make('photo.retire', (d, _, r) => ({ photoId: d.idOf(everyOf(r, 'photos')) })),
  make('scheme.save', (d, v, r) => {
    const other = v.rooms.flatMap((o) => (o === r ? [] : o.schemes))[0];
    const one = () => (r.candidates.length > 0 && d.sometimes(0.6) ? d.idOf(r.candidates) : null);
    return {
      schemeId: other && d.sometimes(0.1) ? other.id : d.sometimes(0.5) ? v7() : d.idOf(everyOf(r, 'schemes')),
      wallId: one(),
      trimId: one(),
      accentIds: r.candidates.length > 0 && d.sometimes(0.5) ? [r.candidates[0]!.id] : [],
      parts: [
        { ...drawnPart(d, 'scheme.save', 'parts'), candidateId: null, lab: colour(d).lab },
        ...(r.candidates.length > 0
          ? [{ ...drawnPart(d, 'scheme.save', 'parts'), candidateId: d.idOf(r.candidates), lab: null }]
          : []),
      ] as never,
      things: d.sometimes(0.5)
        ? ([
            {
              ...drawnPart(d, 'scheme.save', 'things'),
              id: v7(),
              components: shares(d).map((share) => ({
                ...drawnPart(d, 'stay.save', 'components'),
                share,
                colour: colour(d),
              })),
            },
          ] as never)
        : [],
    };
  }),
  make('scheme.retire', (d, _, r) => ({ schemeId: d.idOf(everyOf(r, 'schemes')) })),
  make('look.retire', (d, _, r) => ({ lookId: d.idOf(everyOf(r, 'looks')) })),
  make('look.hand', (d, v, r) => ({ visitId: v.id, lookIds: [d.idOf(r.looks)] })),
  make('decision.make', (d, _, r) => ({ ...surfaceOf(d, r), surfaces: d.pick([['ceiling'], ['wall-0', 'wall-1'], ['trim']]) })),
  make('decision.undo', (d, _, r) => ({ decisionId: d.idOf(r.decisions) })),
  make('decision.sign', (d, _, r) => ({
    decided: [{ ...drawnPart(d, 'decision.sign', 'decided'), what: 'paint', candidateId: d.idOf(r.candidates) }] as never,
  })),
  make('sample.save', (d, _, r) => {
    const own = everyOf(r, 'samples');
    const paintedAt = d.pick([null, '2026-09-23T09:00:00.000Z']);
    return {
      sampleId: own.length > 0 && d.sometimes(0.5) ? d.idOf(own) : v7(),
      candidateId: d.idOf(everyOf(r, 'candidates')),
      widthM: d.number(0.3, 1.2),
      heightM: d.number(0.3, 0.9),
      borderM: d.number(0, 0.1),
      paintedAt,
      read: paintedAt && d.sometimes(0.6) ? colour(d) : null,
    };
  }),
  make('sample.retire', (d, _, r) => ({ sampleId: d.idOf(everyOf(r, 'samples')) })),
  make('light.read', () => ({})),
  make('light.unread', (d, _, r) => ({ readingId: d.idOf(r.readings) })),
  make('light.calibrate', (d, _, r) => ({ roomId: d.sometimes(0.05) ? v7() : r.id })),
];

/** Writes of every kind, right and wrong, for a visit and one of its rooms. */
export const MAKERS: readonly Maker[] = [
  ...ALL,
  ...Array.from({ length: OFTEN }, () => JUDGED).flat(),
  ...Array.from({ length: MORE_OFTEN }, () => FOUNDATIONS).flat(),
];

/** Draws a maker until what it draws can be written: schemas say more than what a field may hold. */
const MOST_DRAWS = 200;
export function drawnWhole(d: Draws, visit: Visit, room: Room): Write {
  const make = d.pick(MAKERS);
  for (let k = 0; k < MOST_DRAWS; k++) {
    const write = writeSchema.safeParse(make(d, visit, room));
    if (write.success) return write.data;
    if (k === MOST_DRAWS - 1) throw write.error;
  }
  throw new RangeError('nothing drawn');
}
