import { v7 } from 'uuid';
import type { Random } from '@/core/base/random';
import { REASONS, VERDICTS } from '@/core/judge/reasons';
import type { WriteInput } from '@/core/operations/operations';
import type { Room } from '@/core/record/room';
import { roomsOf, type Visit } from '@/core/record/visit';
import { lab, PLACE } from './made-up-writes';

export const PICTURE = { hash: 'c'.repeat(64), jpeg: new Uint8Array([1, 2, 3]), width: 60, height: 80 };
const DECK = ['FR:FR 3122', 'FR:FR 3072', 'FR:FR 3092', 'FR:none'];

/** Draws of a visit: things that are there, now and then something that is not. */
export function draws(random: Random) {
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  const sometimes = (share: number) => random() < share;
  const idOf = (all: readonly { readonly id: string }[]) => (all.length === 0 || sometimes(0.06) ? v7() : pick(all).id);
  const number = (from: number, to: number) => Math.round((from + random() * (to - from)) * 100) / 100;
  return { pick, sometimes, idOf, number };
}
type Draws = ReturnType<typeof draws>;

const component = (d: Draws, share: number) => ({
  id: v7(),
  name: d.pick(['field', 'vein', ' fleck ']),
  share,
  colour: d.sometimes(0.05) ? lab(50, 140, 0) : lab(d.number(20, 95), d.number(-4, 8), d.number(-4, 18)),
});

/** Writes of every kind, right and wrong, for a visit and one of its rooms. */
export const MAKERS: readonly ((d: Draws, visit: Visit, room: Room) => WriteInput)[] = [
  (d, v) => ({
    name: 'visit.edit',
    visitId: d.sometimes(0.1) ? v7() : v.id,
    revision: v.revision + (d.sometimes(0.2) ? 1 : 0),
    label: d.pick(['Row 1', 'Row 2']),
    place: { ...PLACE, latitude: d.number(-60, 60) },
    units: d.pick(['metric', 'imperial']),
  }),
  (d, v) => ({ name: 'visit.schools', visitId: v.id, dimWhite: d.pick(['never', 'more-chroma']), fightingLight: 'embrace' }),
  (d, v) => ({
    name: 'visit.brief',
    visitId: v.id,
    ...(d.sometimes(0.5) ? { decides: d.pick(['both', ' she ', '']) } : {}),
    ...(d.sometimes(0.5) ? { builtYear: d.pick([null, 1936]) } : {}),
    ...(d.sometimes(0.5) ? { visitedOn: d.pick([null, '2026-03-14', '2024-02-29']) } : {}),
  }),
  (d, v) => ({ name: 'visit.shelve', visitId: v.id, shelf: d.pick(['current', 'archived', 'deleted']) }),
  (d, v) => ({
    name: 'room.order',
    visitId: v.id,
    roomIds: d.sometimes(0.1)
      ? [v7()]
      : [...v.rooms]
          .reverse()
          .slice(0, d.pick([1, 2, 9]))
          .map((r) => r.id),
  }),
  (d, _, r) => ({
    name: 'room.brief',
    roomId: r.id,
    ...(d.sometimes(0.5) ? { annoys: d.pick(['', 'the beams']) } : {}),
    ...(d.sometimes(0.5) ? { mayChange: d.pick(['', 'the rug']) } : {}),
  }),
  (d, v) => ({
    name: 'room.add',
    visitId: v.id,
    roomId: d.sometimes(0.2) ? v.rooms[0]!.id : v7(),
    room: d.pick(['Attic', 'Den']),
  }),
  (d, _, r) => ({
    name: 'room.rename',
    roomId: r.id,
    revision: r.revision - (d.sometimes(0.2) ? 1 : 0),
    room: d.pick(['A', 'B']),
  }),
  (d, v) => ({ name: 'room.retire', roomId: d.idOf(roomsOf(v)), retired: d.sometimes(0.5) }),
  (d, _, r) => ({
    name: 'room.light',
    roomId: r.id,
    revision: r.revision + (d.sometimes(0.2) ? 1 : 0),
    bearingDeg: d.sometimes(0.3) ? null : d.number(0, 360),
    widthM: d.sometimes(0.5) ? null : d.number(3, 6),
    windows: Array.from({ length: d.pick([0, 1, 2]) }, (_v, i) => ({
      id: v7(),
      wall: i === 0 ? 0 : 1,
      widthM: d.number(0.5, 1.5),
      heightM: 1.2,
      glazing: d.pick(['single', 'double']),
      sillM: d.sometimes(0.5) ? null : 0.9,
    })),
    lamps: d.sometimes(0.5) ? [] : [{ id: v7(), name: 'Lamp', cctK: d.number(2200, 5000) }],
    oldWall: d.sometimes(0.5) ? null : lab(d.sometimes(0.1) ? 5 : 88, d.sometimes(0.1) ? 90 : 1, 9),
  }),
  (d, _, r) => ({
    name: 'room.wish',
    roomId: r.id,
    wish: d.pick(['warmer', 'calmer', null]),
    more: d.pick([[], ['lighter'], ['deeper', 'more-colour']]),
    words: d.pick(['', ' tea ', 'quiet']),
  }),
  (d, _, r) => ({
    name: 'room.use',
    roomId: r.id,
    use: d.pick(['morning', 'day', 'evening', 'morning-evening', 'all']),
    kind: d.pick(['living', 'hall', 'bath', 'other']),
  }),
  (d, v, r) => {
    const all = [...r.stays, ...r.retired.stays];
    const known = d.sometimes(0.5) && all.length > 0 ? d.pick(all) : undefined;
    const other = v.rooms.flatMap((o) => (o === r ? [] : o.stays))[0];
    const half = d.sometimes(0.5);
    return {
      name: 'stay.save',
      roomId: r.id,
      revision: known ? known.revision + (d.sometimes(0.15) ? 1 : 0) : d.sometimes(0.1) ? 1 : null,
      stayId: known?.id ?? (other && d.sometimes(0.1) ? other.id : v7()),
      stay: d.pick(['Floor', 'Sofa']),
      kind: d.pick(['fixed', 'furnishing']),
      school: d.pick(['share', 'answer']),
      lies: d.pick(['floor', null]),
      cover: 1,
      components: half ? [component(d, 0.25), component(d, 0.75)] : [component(d, 1)],
    };
  },
  (d, _, r) => ({
    name: 'stay.retire',
    roomId: r.id,
    stayId: d.idOf([...r.stays, ...r.retired.stays]),
    retired: d.sometimes(0.4),
  }),
  (d, _, r) => ({
    name: 'candidate.add',
    roomId: r.id,
    candidateId: r.candidates.length > 0 && d.sometimes(0.1) ? r.candidates[0]!.id : v7(),
    deckColourId: d.pick(DECK),
    strength: d.pick([100, 75, 50, 60]),
  }),
  (d, _, r) => ({
    name: 'candidate.retire',
    roomId: r.id,
    candidateId: d.idOf([...r.candidates, ...r.retired.candidates]),
    retired: d.sometimes(0.4),
  }),
  (d, _, r) => ({
    name: 'verdict.give',
    roomId: r.id,
    candidateId: d.idOf([...r.candidates, ...r.retired.candidates]),
    stayId: d.idOf(r.stays),
    light: 'overcast',
    lookId: d.sometimes(0.3) ? d.idOf(r.looks) : null,
    person: d.pick(['consultant', 'client']),
    verdict: d.pick(VERDICTS),
    ...(d.sometimes(0.5) ? { predicted: d.pick(VERDICTS), predictedIn: d.pick(['deck', 'light'] as const) } : {}),
    moment: d.sometimes(0.5)
      ? null
      : { at: '2026-09-23T12:00:00Z', sky: 'overcast', lampsOn: false, position: 'wall-1', lux: d.number(1, 900) },
  }),
  (d, _, r) => ({
    name: 'verdict.reason',
    roomId: r.id,
    verdictId: d.idOf(r.verdicts),
    reason: d.sometimes(0.2) ? null : d.pick(REASONS),
    more: d.pick([[], ['too-dark'], ['too-pink', 'too-weak']]),
  }),
  (d, _, r) => ({ name: 'verdict.undo', roomId: r.id, verdictId: d.idOf(r.verdicts), undone: d.sometimes(0.7) }),
  (d, _, r) => ({
    name: 'intensity.give',
    roomId: r.id,
    candidateId: d.idOf(r.candidates),
    light: 'lamps',
    person: 'consultant',
    intensity: d.pick(['right', 'too-strong', 'too-dark']),
    moment: null,
  }),
  (d, _, r) => ({
    name: 'reaction.give',
    roomId: r.id,
    candidateId: d.idOf(r.candidates),
    reaction: d.pick(['likes', 'unsure', 'dislikes']),
    moment: null,
    seen: d.pick(['in-room', 'on-screen']),
  }),
  (d, _, r) => ({ name: 'reaction.undo', roomId: r.id, reactionId: d.idOf(r.reactions), undone: d.sometimes(0.7) }),
  (d, _, r) => ({ name: 'intensity.undo', roomId: r.id, intensityId: d.idOf(r.intensities), undone: d.sometimes(0.7) }),
  (d, _, r) => ({
    name: 'ruling.set',
    roomId: r.id,
    candidateId: d.idOf(r.candidates),
    ruling: d.pick(['works', null]),
    note: 'so',
  }),
  (d, _, r) => ({ name: 'pair.pick', roomId: r.id, chosenId: d.idOf(r.candidates), otherId: d.idOf(r.candidates) }),
  (d, _, r) => ({ name: 'pair.unpick', roomId: r.id, pickId: d.idOf(r.picks), undone: d.sometimes(0.7) }),
  (d, _, r) => ({
    name: 'note.add',
    roomId: r.id,
    candidateId: d.sometimes(0.5) ? null : d.idOf(r.candidates),
    words: ' a word ',
  }),
  (d, _, r) => ({ name: 'note.remove', roomId: r.id, noteId: d.idOf(r.notes), removed: d.sometimes(0.6) }),
  (d, _, r) => {
    const { hash: picture, width, height } = PICTURE;
    return { name: 'photo.add', roomId: r.id, picture, width, height, settings: d.pick(['locked', 'unknown']) };
  },
  (d, _, r) => ({
    name: 'photo.edit',
    roomId: r.id,
    photoId: d.idOf([...r.photos, ...r.retired.photos]),
    caption: 'Boards',
    settings: 'automatic',
    white: d.sometimes(0.5) ? null : { x: 0.5, y: 0.25, rgb: [200, 190, 180] },
  }),
  (d, _, r) => ({
    name: 'photo.retire',
    roomId: r.id,
    photoId: d.idOf([...r.photos, ...r.retired.photos]),
    retired: d.sometimes(0.5),
  }),
  (d, v, r) => {
    const own = [...r.schemes, ...r.retired.schemes];
    const other = v.rooms.flatMap((o) => (o === r ? [] : o.schemes))[0];
    return {
      name: 'scheme.save',
      roomId: r.id,
      schemeId: other && d.sometimes(0.1) ? other.id : d.sometimes(0.5) ? v7() : d.idOf(own),
      scheme: 'Light',
      wallId: r.candidates.length > 0 ? d.idOf(r.candidates) : null,
      trimId: null,
      accentIds: r.candidates.length > 0 && d.sometimes(0.5) ? [r.candidates[0]!.id] : [],
    };
  },
  (d, _, r) => ({
    name: 'scheme.retire',
    roomId: r.id,
    schemeId: d.idOf([...r.schemes, ...r.retired.schemes]),
    retired: d.sometimes(0.5),
  }),
  (d, _, r) => {
    const own = [...r.looks, ...r.retired.looks];
    const taken = d.sometimes(0.3);
    const lamps = d.sometimes(0.3);
    return {
      name: 'look.save',
      roomId: r.id,
      lookId: own.length > 0 && d.sometimes(0.5) ? d.idOf(own) : v7(),
      number: d.pick([1, 2, 3, 14]),
      light: lamps ? 'lamps' : d.pick(['clear', 'overcast', 'both']),
      fromHour: lamps ? null : d.number(6, 12),
      toHour: lamps ? null : d.number(12, 20),
      walls: d.pick([['wall-0'], ['wall-2', 'wall-1']]),
      candidateIds: d.sometimes(0.5) ? [] : [d.idOf([...r.candidates, ...r.retired.candidates])],
      who: d.pick(['consultant', 'client']),
      date: d.pick([null, '2026-10-25']),
      decides: 'between two greys',
      missed: d.pick(['', ' a turn to green ']),
      byHand: d.sometimes(0.5),
      state: taken ? 'taken' : d.pick(['planned', 'dropped']),
      reason: d.pick(['', 'no cloud']),
      takenAt: taken ? '2026-09-23T12:05:00.000Z' : null,
    };
  },
  (d, _, r) => ({
    name: 'look.retire',
    roomId: r.id,
    lookId: d.idOf([...r.looks, ...r.retired.looks]),
    retired: d.sometimes(0.5),
  }),
  (d, _, r) => ({
    name: 'look.answer',
    roomId: r.id,
    lookId: d.idOf([...r.looks, ...r.retired.looks]),
    candidateId: d.idOf(r.candidates),
    verdict: d.pick(VERDICTS),
    words: d.pick(['', ' too green at tea ']),
    lookedAt: '2026-09-24T17:00:00Z',
    handId: v7(),
  }),
  (d, _, r) => ({ name: 'look.unanswer', roomId: r.id, answerId: d.idOf(r.answers), undone: d.sometimes(0.7) }),
  (d, v, r) => ({
    name: 'look.hand',
    visitId: v.id,
    handId: v7(),
    key: 'AbCdEfGhIjKlMnOpQrStUv',
    lookIds: [d.idOf(r.looks)],
  }),
  (d, v) => ({
    name: 'visit.plan',
    visitId: v.id,
    plan: { toleranceE: d.pick([2, 3]), skies: d.pick([['clear'], []]), paintedAt: d.pick([null, '2026-09-23T09:00:00Z']) },
  }),
  (d, v) => ({
    name: 'visit.people',
    visitId: v.id,
    ...(d.sometimes(0.5) ? { clientName: d.pick(['', ' A. Sample ']) } : { clientToPainter: d.sometimes(0.5) }),
    ...(d.sometimes(0.3) ? { clientEmail: d.pick(['', 'a@example.org']) } : {}),
  }),
  (d, v) => ({ name: 'visit.supply', visitId: v.id, supply: { waste: d.number(0, 0.3), spreading: { wall: d.number(6, 14) } } }),
  (d, _, r) => ({
    name: 'room.paintwork',
    roomId: r.id,
    paintwork: {
      doors: d.sometimes(0.5) ? [{ id: v7(), wall: 1, leadsTo: d.pick(['', ' the hall ']), outside: d.sometimes(0.3) }] : [],
      rails: d.sometimes(0.3) ? [{ wall: 2, heightM: 1.1 }] : [],
      skirtingM: d.pick([null, 0, 0.15]),
      now: d.pick([{}, { wall: { is: 'paper' } }, { trim: { is: 'paint', state: 'glossy' } }]),
    },
  }),
  (d, _, r) => {
    const what = d.pick(['paint', 'leave', 'open'] as const);
    return {
      name: 'decision.make',
      roomId: r.id,
      surfaces: d.pick([['ceiling'], ['wall-0', 'wall-1'], ['trim']]),
      what,
      candidateId: what === 'paint' ? d.idOf([...r.candidates, ...r.retired.candidates]) : null,
      sheen: d.pick(['matte', 'satin']),
      finish: d.pick(['wall', 'trim']),
      coats: d.pick([2, 3]),
      primer: 'none',
      undercoat: d.pick(['none', 'grey']),
      why: d.pick(['', ' it rests ']),
    };
  },
  (d, _, r) => ({ name: 'decision.undo', roomId: r.id, decisionId: d.idOf(r.decisions), undone: d.sometimes(0.7) }),
  (d, _, r) => ({
    name: 'decision.sign',
    roomId: r.id,
    signedBy: ' Test Name ',
    signedOn: d.pick(['2026-09-24', '2024-02-29']),
    why: d.pick(['', 'the client slept on it']),
    decided: [
      {
        surface: 'wall-0',
        name: 'north wall',
        what: 'paint',
        candidateId: d.idOf(r.candidates),
        sheen: 'matte',
        finish: 'wall',
        coats: 2,
        primer: 'none',
        undercoat: 'none',
        why: '',
      },
    ],
  }),
  (d, _, r) => {
    const own = [...r.samples, ...r.retired.samples];
    const paintedAt = d.pick([null, '2026-09-23T09:00:00.000Z']);
    return {
      name: 'sample.save',
      roomId: r.id,
      sampleId: own.length > 0 && d.sometimes(0.5) ? d.idOf(own) : v7(),
      candidateId: d.idOf([...r.candidates, ...r.retired.candidates]),
      method: d.pick(['board', 'patch', 'card']),
      widthM: d.number(0.3, 1.2),
      heightM: 0.6,
      borderM: 0.05,
      coats: d.pick([1, 2]),
      paintedAt,
      read: paintedAt && d.sometimes(0.4) ? lab(d.sometimes(0.1) ? 5 : 84, d.sometimes(0.1) ? 90 : 3, 10) : null,
      reason: d.pick(['', ' a fourth for the hall ']),
    };
  },
  (d, _, r) => ({
    name: 'sample.retire',
    roomId: r.id,
    sampleId: d.idOf([...r.samples, ...r.retired.samples]),
    retired: d.sometimes(0.5),
  }),
  (d, _, r) => ({
    name: 'light.read',
    roomId: r.id,
    position: 'wall-2',
    lux: d.number(1, 900),
    cctK: null,
    computedLux: 300,
    sky: 'clear',
    lampsOn: false,
  }),
  (d, _, r) => ({ name: 'light.unread', roomId: r.id, readingId: d.idOf(r.readings), undone: d.sometimes(0.7) }),
  (d, _, r) => ({ name: 'light.calibrate', roomId: d.sometimes(0.05) ? v7() : r.id, on: d.sometimes(0.5) }),
];
