import type { ProductLines } from '@/core/paint/product-lines';
import type { ConsultantCard } from '@/core/record/consultant-card';
import type { Paintwork } from '@/core/record/paintwork';
import type { People } from '@/core/record/people';
import type { Intensity } from '@/core/record/intensity';
import type { Reaction } from '@/core/record/reaction';
import type { Thing } from '@/core/record/thing';

/** The made-up visit of the demo: people, street and colours are invented. Rows are verdicts in the order of the room's things that stay. */

export type DemoStay = {
  readonly name: string;
  readonly thing: Thing;
  readonly kind: 'fixed' | 'furnishing' | 'artwork';
  readonly school?: 'answer';
  /** Where it lies and what share of that face it covers. */
  readonly lies?: readonly [face: 'floor' | 'ceiling' | 'walls', cover: number];
  readonly components: readonly (readonly [name: string, share: number, l: number, a: number, b: number])[];
};
/** W works, N nearly, X no, with the reason after a colon; a dot is not looked at. */
export type DemoTry = {
  readonly code: string;
  readonly strength: number;
  readonly day?: string;
  readonly sun?: string;
  readonly overcast?: string;
  readonly lamps?: string;
  readonly client?: string;
};
export type DemoWindow = {
  readonly wall: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly leftM?: number;
  readonly sillM?: number;
  readonly obstructionDeg?: number;
  readonly overhangM?: number;
  readonly curtain?: 'sheer';
};
export type DemoLamp = {
  readonly name: string;
  readonly cctK: number;
  readonly kind?: 'filament' | 'led-high';
  readonly lumens?: number;
  readonly throws?: 'down' | 'up';
  readonly xM?: number;
  readonly yM?: number;
  readonly heightM?: number;
};
/** Colours by code and strength. */
export type DemoColour = readonly [code: string, strength: number];
export type DemoScheme = {
  readonly name: string;
  readonly wall: DemoColour;
  readonly trim?: DemoColour;
  readonly accents: readonly DemoColour[];
  /** Cloth to look for, D65. */
  readonly cloth?: readonly (readonly [part: 'large' | 'small', l: number, a: number, b: number])[];
  /** The client picked it. */
  readonly picked?: boolean;
};
/** A look that was taken in the visit, or handed to the client with what came back. */
export type DemoLook = {
  readonly number: number;
  readonly light: 'clear' | 'overcast' | 'lamps';
  readonly hours: readonly [from: number, to: number] | null;
  readonly decides: string;
  readonly takenBy: 'consultant' | 'client';
  readonly colours: readonly DemoColour[];
  readonly answers?: readonly (readonly [colour: DemoColour, verdict: 'works' | 'nearly' | 'no', words: string])[];
};
/** A colour in paint: how it is put up, whether it was painted the day before the visit, and what it dried to. */
export type DemoSample = {
  readonly colour: DemoColour;
  readonly method: 'board' | 'patch' | 'card';
  readonly painted?: boolean;
  readonly read?: readonly [number, number, number];
};
/** What was decided of surfaces; `walls` are all that are not named apart, `door 0` the first door; no colour leaves them as they are. */
export type DemoDecision = {
  readonly surfaces: readonly string[];
  readonly colour: DemoColour | null;
  readonly sheen: 'matte' | 'eggshell' | 'satin' | 'semi-gloss';
  readonly finish: 'wall' | 'trim' | 'ceiling' | 'outside';
  readonly undercoat?: 'grey';
  readonly why?: string;
};
export type DemoDoor = {
  readonly wall: 0 | 1 | 2 | 3;
  readonly leadsTo?: string;
  readonly leftM?: number;
  readonly sides?: 'both';
  readonly outside?: boolean;
};
/** Two rooms that a door joins, with where it is on each of their plans. */
export type DemoJoin = {
  readonly rooms: readonly [string, string];
  readonly walls: readonly [number, number];
  readonly leftM: readonly [number, number];
  readonly widthM?: number;
  readonly stands?: 'open' | 'shut' | 'opening';
  readonly stairs?: boolean;
};
/** Walls, slopes, roof windows and what stands there, without ids. */
export type DemoShape = {
  readonly plan: readonly (readonly [number, number])[];
  readonly slopes?: readonly { readonly wall: number; readonly kneeM: number; readonly pitchDeg: number }[];
  readonly roofWindows?: readonly {
    readonly slope: number | null;
    readonly leftM: number;
    readonly upM: number;
    readonly widthM: number;
    readonly heightM: number;
  }[];
  readonly boxes?: readonly {
    readonly name: string;
    readonly xM: number;
    readonly yM: number;
    readonly widthM: number;
    readonly depthM: number;
    readonly heightM: number;
    readonly lab: readonly [number, number, number];
  }[];
};
export type DemoRoom = {
  readonly name: string;
  readonly wish?: readonly [wish: 'warmer' | 'calmer', words: string];
  /** What the client says of it. */
  readonly brief?: { readonly mustNotChange?: string; readonly annoys?: string; readonly mayChange?: string };
  /** Colours judged alone by day: of their intensity. */
  readonly alone?: readonly (readonly [code: string, strength: number, intensity: Intensity])[];
  /** What the client makes of colours as a whole. */
  readonly reactions?: readonly (readonly [code: string, strength: number, reaction: Reaction])[];
  readonly bearingDeg: number | null;
  /** Width along the first wall, depth, height, metres. */
  readonly size: readonly [widthM: number, depthM: number, heightM: number] | null;
  /** Of a room that is no box. */
  readonly shape?: DemoShape;
  /** Light from next door counts. */
  readonly borrows?: boolean;
  readonly ground?: 'lawn' | 'brick';
  readonly obstruction?: 'trees' | 'brick';
  readonly windows: readonly DemoWindow[];
  readonly lamps: readonly DemoLamp[];
  readonly oldWall: readonly [number, number, number] | null;
  readonly stays: readonly DemoStay[];
  readonly tries: readonly DemoTry[];
  readonly schemes?: readonly DemoScheme[];
  readonly looks?: readonly DemoLook[];
  readonly samples?: readonly DemoSample[];
  readonly doors?: readonly DemoDoor[];
  /** What is there now, by kind of surface. */
  readonly now?: Paintwork['now'];
  readonly decided?: readonly DemoDecision[];
  readonly signed?: { readonly by: string; readonly on: string };
  /** On the room, or on one colour. */
  readonly notes?: readonly { readonly words: string; readonly of?: DemoColour }[];
  /** A picture is drawn of it: its boards before the old wall, with a sheet of white paper, in the light of a lamp. */
  readonly photo?: { readonly caption: string; readonly boards: readonly (readonly [number, number, number])[] };
};

type DemoBrief = { readonly decides: string; readonly budget: string; readonly painter: string; readonly builtYear: number };
type DemoPrices = {
  readonly jar: number;
  readonly pint: number;
  readonly board: number;
  readonly card: number;
  readonly currency: string;
};
export const DEMO_VISIT: {
  readonly label: string;
  readonly brief: DemoBrief;
  readonly prices: DemoPrices;
  readonly people: Partial<People>;
  readonly card: Partial<ConsultantCard>;
  /** What makers' products are called, by maker. */
  readonly products: Readonly<Record<string, Partial<ProductLines>>>;
  readonly joins: readonly DemoJoin[];
  readonly rooms: readonly DemoRoom[];
} = {
  label: 'Quay Row 14',
  people: {
    clientName: 'Merrin and Alder Quayle',
    clientAddress: '14 Quay Row, Bristol',
    clientTelephone: '0117 496 0123',
    clientEmail: 'quay.row@example.org',
    painterEmail: 'painter@example.org',
    counterEmail: 'counter@example.org',
  },
  card: {
    consultantName: 'Tamsin Orrell',
    business: 'Orrell Colour at Home',
    telephone: '0117 496 0456',
    email: 'tamsin@example.org',
    footer: 'Colours are decided in your own light. Ask before anything is changed.',
  },
  products: { FR: { wall: 'Ferrow Wall Silk', trim: 'Ferrow Trim', ceiling: 'Ferrow Ceiling' } },
  prices: { jar: 5.5, pint: 9, board: 4, card: 1, currency: '£' },
  brief: {
    decides: 'Both; she asks him about anything dark',
    budget: 'Walls this autumn, trim next spring',
    painter: 'Their own, two days from the 12th',
    builtYear: 1908,
  },
  joins: [
    { rooms: ['Hall', 'Sitting room'], walls: [1, 2], leftM: [2.2, 0.6] },
    { rooms: ['Hall', 'Kitchen'], walls: [3, 2], leftM: [0.9, 1.1], widthM: 1, stands: 'opening' },
    { rooms: ['Hall', 'North bedroom'], walls: [3, 2], leftM: [3.6, 1], stands: 'opening', stairs: true },
  ],
  rooms: [
    {
      name: 'Hall',
      bearingDeg: 200,
      size: [2.1, 5.2, 2.7],
      windows: [{ wall: 0, widthM: 0.9, heightM: 1.2, leftM: 0.6, sillM: 1.1, obstructionDeg: 25 }],
      lamps: [{ name: 'Ceiling lamp', cctK: 3000, lumens: 1400, heightM: 2.4 }],
      oldWall: [88, 1.2, 9],
      stays: [
        { name: 'Slate floor', thing: 'floor', kind: 'fixed', lies: ['floor', 1], components: [['slate', 1, 36.2, -1.1, -2.3]] },
        { name: 'Stair trim', thing: 'trim', kind: 'fixed', components: [['paint', 1, 95.4, -0.5, 2.7]] },
      ],
      tries: [
        { code: 'FR 3092', strength: 100, day: 'W W', sun: 'W W', overcast: 'W W', lamps: 'W W', client: 'W W' },
        { code: 'FR 3031', strength: 100, day: 'W W', sun: 'W W', overcast: 'W W', lamps: 'W W' },
      ],
      now: {
        wall: { is: 'paint', state: 'sound' },
        trim: { is: 'paint', state: 'glossy' },
        door: { is: 'paint', state: 'flaking' },
      },
      doors: [
        { wall: 2, leftM: 0.6, outside: true },
        { wall: 1, leadsTo: 'the sitting room', leftM: 2.2 },
      ],
      decided: [
        { surfaces: ['walls'], colour: ['FR 3092', 100], sheen: 'eggshell', finish: 'wall', why: 'light all the way through' },
        { surfaces: ['trim'], colour: null, sheen: 'semi-gloss', finish: 'trim' },
        { surfaces: ['door 0', 'door 1'], colour: ['FR 3031', 100], sheen: 'satin', finish: 'trim' },
        { surfaces: ['outside 0'], colour: ['FR 3031', 100], sheen: 'semi-gloss', finish: 'outside' },
        { surfaces: ['ceiling'], colour: null, sheen: 'matte', finish: 'ceiling' },
      ],
      signed: { by: 'Both clients', on: '2026-09-24' },
    },
    {
      name: 'Sitting room',
      brief: {
        mustNotChange: 'The hearth and the oak floor',
        annoys: 'Goes yellow as soon as the lamps are on',
        mayChange: 'The rug, if it has to',
      },
      alone: [
        ['FR 3122', 100, 'too-strong'],
        ['FR 3122', 75, 'right'],
      ],
      reactions: [
        ['FR 3122', 75, 'likes'],
        ['FR 3122', 100, 'unsure'],
      ],
      wish: ['warmer', 'like the light at teatime'],
      bearingDeg: 285,
      size: [4.2, 5.1, 2.7],
      ground: 'lawn',
      obstruction: 'trees',
      windows: [
        { wall: 0, widthM: 1.8, heightM: 1.5, leftM: 1.2, sillM: 0.8, obstructionDeg: 12 },
        { wall: 1, widthM: 1.1, heightM: 1.4, leftM: 1.4, sillM: 0.9, obstructionDeg: 22 },
      ],
      lamps: [
        { name: 'Standard lamp', cctK: 2700, lumens: 1500, xM: 0.7, yM: 4.3, heightM: 1.7 },
        { name: 'Table lamp', cctK: 2700, kind: 'filament', lumens: 700, xM: 3.5, yM: 3.9, heightM: 1.1 },
      ],
      oldWall: [90.2, 0.6, 14.4],
      stays: [
        {
          name: 'Hearth stone',
          thing: 'hearth',
          kind: 'fixed',
          components: [
            ['field', 0.7, 76.2, 4.4, 11.6],
            ['band', 0.3, 68.9, 6.3, 15.1],
          ],
        },
        {
          name: 'Oak floor',
          thing: 'floor',
          kind: 'fixed',
          lies: ['floor', 0.7],
          components: [
            ['board', 0.75, 51.4, 9.6, 21.8],
            ['grain', 0.25, 43.7, 10.2, 19.5],
          ],
        },
        { name: 'Skirting', thing: 'trim', kind: 'fixed', components: [['paint', 1, 95.4, -0.5, 2.7]] },
        { name: 'Sofa', thing: 'sofa', kind: 'furnishing', components: [['cloth', 1, 57.8, -0.4, -0.9]] },
        {
          name: 'Rug',
          thing: 'rug',
          kind: 'furnishing',
          lies: ['floor', 0.3],
          school: 'answer',
          components: [
            ['ground', 0.7, 85.7, 0.4, 5.2],
            ['border', 0.3, 44.6, -4.1, -17.9],
          ],
        },
      ],
      tries: [
        {
          code: 'FR 3122',
          strength: 100,
          day: 'W W W N:too-strong W',
          sun: 'N:too-strong . . N:too-strong .',
          overcast: 'W W W N:too-strong W',
          client: 'W . W . .',
        },
        {
          code: 'FR 3122',
          strength: 75,
          day: 'W W W W W',
          sun: 'W W W W .',
          overcast: 'W W W W .',
          lamps: 'W W W W .',
          client: 'W W . W .',
        },
        { code: 'FR 3122', strength: 50, day: 'W W W W .', overcast: 'W . W . .', client: 'W W N:too-close . .' },
        {
          code: 'FR 3162',
          strength: 100,
          day: 'X:too-green N:too-green W X:too-strong .',
          client: 'N:too-green W . X:too-strong N:too-strong',
        },
        { code: 'FR 3162', strength: 50, day: 'X:too-green N:too-green . . .', client: 'N:too-green W . W .' },
        { code: 'FR 3072', strength: 100, day: 'N:too-violet W W W W', client: 'N:too-violet . . . .' },
        {
          code: 'FR 3071',
          strength: 100,
          day: 'W W N:too-close W .',
          overcast: '. . N:reads-dirty . .',
          client: 'W W N:too-close W .',
        },
        { code: 'TC 0213', strength: 75 },
      ],
      looks: [
        {
          number: 1,
          light: 'clear',
          hours: [10, 14],
          decides: 'between Sark Quillan 100 % and Sark Quillan 75 %: which is quiet enough beside the sofa',
          takenBy: 'consultant',
          colours: [
            ['FR 3122', 100],
            ['FR 3122', 75],
          ],
        },
        {
          number: 2,
          light: 'lamps',
          hours: null,
          decides: 'whether Sark Quillan 75 % stays quiet by the lamps',
          takenBy: 'client',
          colours: [['FR 3122', 75]],
          answers: [[['FR 3122', 75], 'works', 'quiet by the fire, not yellow']],
        },
      ],
      samples: [
        { colour: ['FR 3122', 75], method: 'board', painted: true },
        { colour: ['FR 3122', 100], method: 'board' },
        { colour: ['FR 3072', 100], method: 'card' },
      ],
      doors: [{ wall: 2, leadsTo: 'the hall', leftM: 0.6, sides: 'both' }],
      decided: [
        { surfaces: ['walls'], colour: ['FR 3122', 75], sheen: 'eggshell', finish: 'wall', why: 'quiet by the fire, not yellow' },
        {
          surfaces: ['wall-1'],
          colour: ['FR 3122', 100],
          sheen: 'matte',
          finish: 'wall',
          why: 'the hearth wall, one step deeper',
        },
        { surfaces: ['trim'], colour: ['FR 3071', 100], sheen: 'semi-gloss', finish: 'trim' },
        { surfaces: ['door 0'], colour: ['FR 3071', 100], sheen: 'satin', finish: 'trim' },
      ],
      signed: { by: 'Both clients', on: '2026-09-24' },
      schemes: [
        {
          name: 'Warm and light',
          wall: ['FR 3122', 75],
          trim: ['FR 3071', 100],
          accents: [['FR 3122', 100]],
          cloth: [
            ['large', 72, 2, 12],
            ['small', 40, 2, -20],
          ],
          picked: true,
        },
        { name: 'Warm, a little violet', wall: ['FR 3072', 100], accents: [['FR 3122', 50]] },
      ],
      notes: [
        { words: 'Curtains are half drawn by day: asked to keep it so.' },
        { words: 'Like it, but a touch quieter over the mantel.', of: ['FR 3122', 100] },
      ],
      photo: {
        caption: 'Boards beside the hearth, lamps on',
        boards: [
          [86.4, 4.6, 11.2],
          [88, 4.2, 9.6],
          [85.2, 3.9, 3.1],
        ],
      },
    },
    {
      name: 'Kitchen',
      wish: ['calmer', 'quieter, less yellow'],
      bearingDeg: 110,
      size: [3.6, 3.1, 2.5],
      windows: [{ wall: 0, widthM: 1.4, heightM: 1.1, leftM: 1.1, sillM: 1.05, obstructionDeg: 18, curtain: 'sheer' }],
      lamps: [
        {
          name: 'Under the cupboards',
          cctK: 4000,
          kind: 'led-high',
          lumens: 900,
          throws: 'down',
          xM: 0.3,
          yM: 1.6,
          heightM: 1.4,
        },
        { name: 'Pendant', cctK: 3000, lumens: 1100, heightM: 1.8 },
      ],
      oldWall: null,
      stays: [
        { name: 'Cream cupboards', thing: 'cabinets', kind: 'fixed', components: [['paint', 1, 92.1, 0.1, 11.3]] },
        {
          name: 'Worktop',
          thing: 'worktop',
          kind: 'fixed',
          components: [
            ['field', 0.85, 22, 0.4, -0.8],
            ['violet fleck', 0.15, 50, 4.5, -4.5],
          ],
        },
        { name: 'Tile', thing: 'tile', kind: 'fixed', components: [['tile', 1, 70, 1.2, 3.5]] },
        {
          name: 'Harbour picture',
          thing: 'art',
          kind: 'artwork',
          components: [
            ['sea', 0.5, 58, -9, -15],
            ['sand and cloud', 0.3, 80, 3, 14],
            ['depth', 0.2, 30, -6, -14],
          ],
        },
      ],
      tries: [
        { code: 'FR 3152', strength: 100, day: 'W N:too-yellow X:too-strong' },
        { code: 'FR 3072', strength: 100, day: 'X:too-violet W W' },
        { code: 'TC 0333', strength: 50, day: 'N:too-pink . .' },
      ],
    },
    {
      name: 'North bedroom',
      bearingDeg: 5,
      size: null,
      windows: [{ wall: 0, widthM: 1.2, heightM: 1.3 }],
      lamps: [],
      oldWall: null,
      stays: [],
      tries: [],
    },
  ],
};

/** A second home: no room of it is a box. An open kitchen with a bay and a roof window, an attic bedroom, a hall that lives on borrowed light. */
export const DEMO_HOME: { readonly label: string; readonly rooms: readonly DemoRoom[]; readonly joins: readonly DemoJoin[] } = {
  label: 'Orchard Lane 3',
  joins: [{ rooms: ['Hall', 'Open kitchen'], walls: [1, 9], leftM: [1.6, 1.2], widthM: 1.4, stands: 'opening' }],
  rooms: [
    {
      name: 'Hall',
      bearingDeg: 170,
      size: [1.6, 4.6, 2.5],
      borrows: true,
      windows: [],
      lamps: [{ name: 'Ceiling lamp', cctK: 2700, lumens: 900, xM: 0.8, yM: 2.3, heightM: 2.3 }],
      oldWall: [88.4, 0.4, 6.2],
      stays: [
        {
          name: 'Stone floor',
          thing: 'floor',
          kind: 'fixed',
          lies: ['floor', 1],
          components: [['flag', 1, 68.2, 2.1, 9.8]],
        },
      ],
      tries: [],
    },
    {
      name: 'Open kitchen',
      wish: ['warmer', 'like morning'],
      bearingDeg: 170,
      size: [6.6, 5.6, 2.6],
      shape: {
        plan: [
          [0, 0],
          [1.4, 0],
          [2, -0.6],
          [3.8, -0.6],
          [4.4, 0],
          [6.6, 0],
          [6.6, 3.2],
          [3.8, 3.2],
          [3.8, 5],
          [0, 5],
        ],
        roofWindows: [{ slope: null, leftM: 1.2, upM: 3.4, widthM: 1.2, heightM: 0.9 }],
        boxes: [{ name: 'Island', xM: 3.1, yM: 1.5, widthM: 2.2, depthM: 0.9, heightM: 0.92, lab: [52, 8.6, 20.4] }],
      },
      ground: 'lawn',
      windows: [
        { wall: 2, widthM: 1.5, heightM: 1.5, leftM: 0.15, sillM: 0.6 },
        { wall: 1, widthM: 0.6, heightM: 1.5, leftM: 0.12, sillM: 0.6 },
        { wall: 3, widthM: 0.6, heightM: 1.5, leftM: 0.12, sillM: 0.6 },
        { wall: 5, widthM: 1.4, heightM: 1.1, leftM: 0.9, sillM: 1.05 },
      ],
      lamps: [{ name: 'Over the island', cctK: 3000, lumens: 1400, xM: 4.2, yM: 1.95, heightM: 1.8 }],
      oldWall: [85.6, 1.2, 8.4],
      stays: [
        {
          name: 'Oak floor',
          thing: 'floor',
          kind: 'fixed',
          lies: ['floor', 1],
          components: [['board', 1, 57.4, 8.9, 21.6]],
        },
        { name: 'Cupboards', thing: 'cabinets', kind: 'fixed', components: [['paint', 1, 84.2, -1.4, 5.2]] },
      ],
      tries: [
        { code: 'FR 3122', strength: 75 },
        { code: 'FR 3152', strength: 50 },
      ],
    },
    {
      name: 'Attic bedroom',
      wish: ['calmer', 'somewhere to sleep late'],
      bearingDeg: 260,
      size: [5, 4, 2.4],
      shape: {
        plan: [
          [0, 0],
          [5, 0],
          [5, 4],
          [0, 4],
        ],
        slopes: [
          { wall: 0, kneeM: 1.1, pitchDeg: 42 },
          { wall: 2, kneeM: 1.1, pitchDeg: 42 },
        ],
        roofWindows: [{ slope: 0, leftM: 2, upM: 0.3, widthM: 0.78, heightM: 1.2 }],
      },
      obstruction: 'trees',
      windows: [{ wall: 1, widthM: 1, heightM: 1.2, leftM: 1.5, sillM: 0.6 }],
      lamps: [{ name: 'Bedside', cctK: 2700, lumens: 450, xM: 4.4, yM: 2, heightM: 0.7 }],
      oldWall: [92, -0.4, 3.8],
      stays: [
        {
          name: 'Painted boards',
          thing: 'floor',
          kind: 'fixed',
          lies: ['floor', 1],
          components: [['paint', 1, 78.6, 0.2, 4.1]],
        },
      ],
      tries: [{ code: 'FR 3092', strength: 100 }],
    },
  ],
};
