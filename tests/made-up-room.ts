import { chosenHabitsSchema } from '@/core/units/habits';
import { DEFAULT_SCHOOLS } from '@/core/judge/light-schools';
import type { Candidate } from '@/core/record/candidate';
import { paintworkSchema } from '@/core/record/paintwork';
import { peopleSchema } from '@/core/record/people';
import { planSettingsSchema } from '@/core/record/plan-settings';
import { roomInLight, type RoomInLight, type VisitInLight } from '@/core/derived/kinds-of-light';
import type { Room } from '@/core/record/room';
import type { RoomLamp } from '@/core/record/lamp';
import type { RoomWindow } from '@/core/record/window';
import type { VerdictEvent } from '@/core/record/verdict';
import { schemeSchema, type Scheme } from '@/core/record/scheme';
import { supplySchema } from '@/core/record/supply';

/** A small made-up visit for tests of the record: two things that stay, two strengths of one colour. */
export const candidate = (id: string, strength: number): Candidate => ({
  id,
  deckColourId: 'FR:FR 1',
  maker: 'Ferrowmere',
  code: 'FR 1',
  name: 'Test Shell',
  baseKind: 'white',
  offered: [100, 75, 50, 25].map((s) => ({ strength: s, lab: { l: 80 + (100 - s) / 20, a: 3, b: 12 } })),
  strength,
  ordinal: 1,
  lab: { l: 80 + (100 - strength) / 20, a: 3, b: 12 },
  spectrum: null,
  sharedName: false,
});

export const roomWindow = (more: Partial<RoomWindow> = {}): RoomWindow => ({
  id: 'w1',
  wall: 0,
  widthM: 1.2,
  heightM: 1.3,
  leftM: null,
  sillM: null,
  glazing: 'double',
  curtain: 'open',
  obstructionDeg: 0,
  revealM: 0.1,
  overhangM: 0,
  ...more,
});

export const roomLamp = (more: Partial<RoomLamp> = {}): RoomLamp => ({
  id: 'l1',
  name: 'Lamp',
  cctK: 2700,
  ra: null,
  kind: 'led',
  lumens: 800,
  throws: 'round',
  xM: null,
  yM: null,
  heightM: null,
  dimmedPercent: 100,
  ...more,
});

let counter = 0;
export const verdict = (more: Partial<VerdictEvent> = {}): VerdictEvent => ({
  id: `v${++counter}`,
  candidateId: 'c100',
  stayId: 'floor',
  light: 'window-day',
  person: 'consultant',
  verdict: 'works',
  reason: null,
  moreReasons: [],
  at: '2026-09-23T12:00:00.000Z',
  undone: false,
  predicted: 'works',
  predictedIn: 'light',
  moment: null,
  seen: null,
  firstGlanceMs: null,
  lookId: null,
  ...more,
});

const paint = (id: string, l: number) => ({
  id,
  name: 'paint',
  share: 1,
  colour: { lab: { l, a: 2, b: 9 }, source: { kind: 'lab' as const } },
});

/** As it is stored. */
export const storedRoom = (more: Partial<Room> = {}): Room => ({
  id: 'r1',
  name: 'Sitting room',
  revision: 1,
  ordinal: 1,
  bearingDeg: 285,
  widthM: null,
  depthM: null,
  heightM: null,
  shape: null,
  borrows: false,
  ground: 'paving',
  obstruction: 'masonry',
  ceiling: null,
  calibrated: false,
  use: 'all',
  kind: 'living',
  readings: [],
  windows: [roomWindow()],
  lamps: [],
  windowless: false,
  lightFrom: '',
  oldWall: null,
  stays: [
    {
      id: 'floor',
      name: 'Oak floor',
      thing: null,
      kind: 'fixed',
      school: 'share',
      lies: 'floor',
      cover: 1,
      picture: null,
      revision: 1,
      ordinal: 1,
      components: [paint('k1', 45)],
    },
    {
      id: 'trim',
      name: 'Skirting',
      thing: null,
      kind: 'fixed',
      school: 'share',
      lies: null,
      cover: 1,
      picture: null,
      revision: 1,
      ordinal: 2,
      components: [paint('k2', 93)],
    },
  ],
  candidates: [candidate('c100', 100), candidate('c75', 75)],
  verdicts: [],
  intensities: [],
  reactions: [],
  mustNotChange: '',
  annoys: '',
  mayChange: '',
  rulings: [],
  wish: null,
  moreWishes: [],
  wishWords: '',
  picks: [],
  notes: [],
  photos: [],
  schemes: [],
  looks: [],
  samples: [],
  answers: [],
  decisions: [],
  signatures: [],
  paintwork: paintworkSchema.parse({}),
  retired: { stays: [], candidates: [], photos: [], schemes: [], looks: [], samples: [] },
  ...more,
});

/** Its kinds of light are those of a room of which it is not known where the sun comes in. */
export const room = (more: Partial<Room> = {}): RoomInLight => roomInLight(storedRoom(more), undefined);

export const visit = (more: Partial<Room> = {}): VisitInLight => ({
  id: 'visit1',
  label: 'Test Row 1',
  place: { name: 'Bristol', latitude: 51.45, longitude: -2.59, timeZone: 'Europe/London' },
  habits: chosenHabitsSchema.parse({}),
  units: 'metric',
  schools: DEFAULT_SCHOOLS,
  decides: '',
  budget: '',
  painter: '',
  builtYear: null,
  visitedOn: null,
  plan: planSettingsSchema.parse({}),
  people: peopleSchema.parse({}),
  supply: supplySchema.parse({}),
  shelf: 'current',
  revision: 1,
  createdAt: '2026-09-23T11:00:00.000Z',
  rooms: [room(more)],
  retiredRooms: [],
  hands: [],
});

/** A scheme that was put together by hand, of what is given. */
export const scheme = (more: Partial<Scheme> = {}): Scheme => ({
  ...schemeSchema.omit({ id: true }).parse({ name: 'Light', wallId: null, trimId: null, accentIds: [] }),
  id: 's',
  ...more,
});
