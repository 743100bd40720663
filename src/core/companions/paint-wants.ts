import { lightnessOfLrv, lrvOf } from '../colour/lab';
import type { PaintRole } from './roles';
import type { WallColour } from './wall-colour';
import type { Span, Wanted } from './wanted';

/** One way to fill a role: what it should be, and what speaks for it. */
export type Want = Wanted & {
  readonly key: string;
  readonly title: string;
  readonly says: string;
  /** How much lighter or deeper than the wall it must be to be told from it, points of LRV; 0 where it may be as deep. */
  readonly apartLrv: number;
  /** Judged as what answers from across rather than as what shares. */
  readonly answers: boolean;
  /** Offered only where nothing before it was found. */
  readonly lastResort: boolean;
};

const span = (from: number, to: number, at: number): Span => ({ from, to, at });
const clamp = (v: number, from: number, to: number) => Math.min(to, Math.max(from, v));
const want = (
  key: string,
  title: string,
  says: string,
  wanted: Wanted & Partial<Pick<Want, 'apartLrv' | 'answers' | 'lastResort'>>,
): Want => ({
  key,
  title,
  says,
  apartLrv: 0,
  answers: false,
  lastResort: false,
  ...wanted,
});

/** Figures of this page: common practice, no source; the numbers are own choices, checked against cases that were written before. */
export const COMPANION = {
  /** Up to this LRV a wall is dark, and what is two steps away from it is lighter. */
  darkUpTo: 22,
  /** Two visible steps, in L*. */
  twoSteps: { deeper: 25, lighter: 15 },
  /** Hues on either side of the wall's own that still share it, and of the one across that still answer it, degrees. */
  shares: 28,
  answers: 34,
  /** Hues of yellow-red, in which whites, greiges and off-whites are warm, degrees. */
  warmHue: 84,
  bridgeHue: 82,
} as const;

const lrvAt = (l: number): number => lrvOf({ l, a: 0, b: 0 });

/** How much yellow a soft white beside a wall may hold: about a third of the wall's own, where that is yellow at all. */
function softOf(wall: WallColour) {
  if (!wall.warm) return span(0.5, 4, 2);
  const yellow = Math.max(0, wall.lab.b);
  const at = clamp(0.33 * yellow, 2, 8);
  return span(at - 1.5, at + 2, at);
}

function lightTrims(wall: WallColour): Want[] {
  const warm = wall.warm || wall.hueless;
  const soft = want('soft', 'Soft white', 'frames without a hard line', {
    lrv: span(76, 92, 85),
    chroma: softOf(wall),
    hue: { deg: COMPANION.warmHue, within: 18 },
    apartLrv: 4,
  });
  const clean = want('clean', 'Clean white', 'the crispest contrast', {
    lrv: span(82, 100, 92),
    chroma: span(0, warm ? 4 : 3, warm ? 1.8 : 1),
    hue: { deg: COMPANION.warmHue, within: 40 },
    apartLrv: 4,
  });
  const own = want('own-pale', 'Palest of its own hue', 'belongs to the wall', {
    lrv: span(74, 90, 82),
    chroma: span(1.5, 7, 3.5),
    hue: { deg: wall.hueDeg, within: 20 },
    apartLrv: 8,
  });
  const creamy = want('creamy', 'A creamy white', 'where cream stays, nothing cleaner sits well', {
    lrv: span(72, 90, 82),
    chroma: span(5, 13, 8),
    hue: { deg: COMPANION.warmHue + 4, within: 16 },
    apartLrv: 4,
    lastResort: true,
  });
  // beside a strong warm colour a blue-white is a hole: the soft one leads
  const strongWarm = wall.warm && wall.chroma > 14;
  return strongWarm ? [soft, clean, own, creamy] : [clean, soft, own, creamy];
}

function darkTrims(wall: WallColour): Want[] {
  const dark = wall.lrv <= COMPANION.darkUpTo;
  const { deeper, lighter } = COMPANION.twoSteps;
  const l = lightnessOfLrv(wall.lrv);
  const at = lrvAt(dark ? l + lighter : Math.min(l - deeper, lightnessOfLrv(38)));
  const c = clamp(wall.chroma, 1, 26);
  const lrvs = (most: number) => (dark ? span(at * 0.8, at * 1.5, at) : span(3, most, Math.min(at, most * 0.6)));
  return [
    want(
      'strip',
      dark ? 'Two steps lighter' : 'Two steps deeper',
      'on the wall’s own strip: a step one can see, and no new hue',
      {
        lrv: span(at * 0.7, at * 1.35, at),
        chroma: span(c * 0.6, c * 1.4 + 2, c),
        hue: { deg: wall.hueDeg, within: 22 },
      },
    ),
    want('answers', 'A trim that answers', 'from across the hue circle, muted: lively and still a frame', {
      lrv: lrvs(24),
      chroma: span(5, 20, 11),
      hue: { deg: wall.acrossDeg, within: COMPANION.answers },
      answers: true,
    }),
    want('ground', dark ? 'A quiet grey' : 'Charcoal', 'draws the line of doors and windows', {
      lrv: dark ? span(12, 30, 18) : span(4, 13, 8),
      chroma: span(1, 6, 2.5),
      hue: { deg: wall.hueDeg, within: 40 },
    }),
  ];
}

const quiets = (wall: WallColour): Want[] => [
  want('own', 'Its own hue, pale', 'the same hue where there is most light', {
    lrv: span(66, 88, 76),
    chroma: wall.warm && wall.colour > 0.5 ? span(5, 14, 9) : span(2, 10, 5),
    hue: { deg: wall.hueDeg, within: 20 },
  }),
  want('off-white', 'A warm off-white', 'keeps its warmth where it is bright, and lets the wall speak', {
    lrv: span(70, 86, 78),
    chroma: span(4, 10, 6.5),
    hue: { deg: COMPANION.warmHue, within: 12 },
  }),
  want('greige', 'A pale greige', 'quiet beside warm and cool', {
    lrv: span(64, 78, 69),
    chroma: span(2.5, 7, 4.5),
    hue: { deg: COMPANION.bridgeHue, within: 14 },
  }),
];

/** Up to this LRV a wall is as deep as what is deep beside it. Own choice. */
const DEEP = 9;

const deeps = (wall: WallColour): Want[] => [
  want(
    'own',
    'Its own hue, deep',
    wall.lrv > DEEP ? 'the wall’s hue with the light taken out' : 'as deep as the wall, in its hue',
    {
      lrv: span(4, 18, 9),
      chroma: wall.colour > 0.5 ? span(10, 32, 18) : span(2, 14, 6),
      hue: { deg: wall.hueDeg, within: 22 },
    },
  ),
  want('answers', 'A deep one that answers', 'from across the hue circle, deep enough to live with it', {
    lrv: span(4, 18, 9),
    chroma: span(8, 28, 15),
    hue: { deg: wall.acrossDeg, within: COMPANION.answers },
    answers: true,
  }),
  want('ground', 'Off-black', 'quiet and deep, with a breath of the wall’s hue', {
    lrv: span(4, 10, 7),
    chroma: span(1, 5, 2.5),
    hue: { deg: wall.hueDeg, within: 40 },
  }),
];

const bridges = (wall: WallColour): Want[] => [
  want('greige', 'Greige', 'stands between a warm room and a cool one', {
    lrv: span(34, 64, 50),
    chroma: span(3, 9, 6),
    hue: { deg: COMPANION.bridgeHue, within: 12 },
  }),
  want('own', 'A neutral with its lean', 'leans as the wall does, hardly', {
    lrv: span(36, 66, 52),
    chroma: span(1.5, 7, 3.5),
    hue: { deg: wall.hueDeg, within: 25 },
  }),
  want('pale', 'A pale bridge', 'the same between two bright rooms', {
    lrv: span(58, 74, 64),
    chroma: span(2.5, 8, 5),
    hue: { deg: COMPANION.bridgeHue, within: 14 },
  }),
];

function accents(wall: WallColour): Want[] {
  const strong = span(25, 65, 36);
  return [
    want('answers', 'From across', 'answers the wall: the liveliest of the three', {
      lrv: span(8, 48, 22),
      chroma: strong,
      hue: { deg: wall.acrossDeg, within: COMPANION.answers },
      answers: true,
    }),
    want('own', 'Its own hue, strong', 'the wall’s hue at full strength: tonal, and never a surprise', {
      lrv: span(8, 48, 22),
      // weaker than the wall it would be no full strength
      chroma: span(Math.max(25, wall.chroma * 0.95), 60, Math.max(32, Math.min(55, wall.chroma * 1.3))),
      hue: { deg: wall.hueDeg, within: 24 },
    }),
    want('spark', 'A warm spark', 'ochre to rust: what a quiet room is woken by', {
      lrv: span(14, 45, 26),
      chroma: span(25, 68, 38),
      hue: { deg: 64, within: 20 },
      answers: true,
    }),
  ];
}

/** Half a wall, or one of four, must be told from the rest: so many steps of L* away, and so far at most. Own choice. */
const HALF = { deeper: 22, lighter: 16, focal: 28 } as const;

function belows(wall: WallColour): Want[] {
  const at = lrvAt(Math.max(24, lightnessOfLrv(wall.lrv) - HALF.deeper));
  return [
    want('own', 'Its own hue, deeper', 'one hue in two depths', {
      lrv: span(at * 0.6, at * 1.25, at),
      chroma: span(wall.chroma * 0.6, wall.chroma * 1.7 + 4, wall.chroma * 1.1),
      hue: { deg: wall.hueDeg, within: 22 },
      apartLrv: 8,
    }),
    want('answers', 'One that answers', 'from across the hue circle, greyed and deeper', {
      lrv: span(at * 0.4, at * 1.1, at * 0.75),
      chroma: span(6, 24, 13),
      hue: { deg: wall.acrossDeg, within: COMPANION.answers },
      apartLrv: 8,
      answers: true,
    }),
    want('neutral', 'A quiet neutral', 'a greige that takes nothing from the colour above', {
      lrv: span(at * 0.5, at * 1.2, at * 0.9),
      chroma: span(2, 9, 5),
      hue: { deg: COMPANION.bridgeHue, within: 20 },
      apartLrv: 8,
    }),
  ];
}

function aboves(wall: WallColour): Want[] {
  const at = lrvAt(Math.min(94, lightnessOfLrv(wall.lrv) + HALF.lighter));
  return [
    want('own', 'Its own hue, lighter', 'one hue in two depths', {
      lrv: span(Math.max(at * 0.85, 30), Math.min(90, at * 1.25), at),
      chroma: span(1.5, Math.max(5, wall.chroma * 0.8), Math.max(3, wall.chroma * 0.5)),
      hue: { deg: wall.hueDeg, within: 22 },
      apartLrv: 6,
    }),
    want('off-white', 'An off-white', 'light down to the rail', {
      lrv: span(72, 88, 80),
      chroma: softOf(wall),
      hue: { deg: COMPANION.warmHue, within: 16 },
      apartLrv: 6,
    }),
  ];
}

function focals(wall: WallColour): Want[] {
  const at = lrvAt(Math.max(22, lightnessOfLrv(wall.lrv) - HALF.focal));
  return [
    want('own', 'Its own hue, deep', 'the same hue, two depths on', {
      lrv: span(at * 0.5, at * 1.2, at),
      chroma: span(Math.max(4, wall.chroma * 0.8), wall.chroma * 1.8 + 8, wall.chroma * 1.25 + 2),
      hue: { deg: wall.hueDeg, within: 22 },
      apartLrv: 10,
    }),
    want('answers', 'One that answers', 'a considered colour from across', {
      lrv: span(6, 42, 18),
      chroma: span(10, 34, 19),
      hue: { deg: wall.acrossDeg, within: COMPANION.answers },
      apartLrv: 10,
      answers: true,
    }),
  ];
}

const WANTS: Readonly<Record<PaintRole, (wall: WallColour) => readonly Want[]>> = {
  'light-trim': lightTrims,
  'dark-trim': darkTrims,
  quiet: quiets,
  deep: deeps,
  bridge: bridges,
  accent: accents,
  'wall-below': belows,
  'wall-above': aboves,
  'wall-focal': focals,
};

/** What is said of a hue where the wall has none: the hue that stands for it is a warm one. */
const WITHOUT_HUE: readonly (readonly [of: RegExp, says: string])[] = [
  [/its own hue/i, 'A warm hue'],
  [/^From across$/, 'A warm hue'],
  [/from across the hue circle/, 'warm, as the wall has no hue to answer'],
  [/a considered colour from across/, 'a considered warm colour'],
  [/answers the wall/, 'wakes a wall without a hue'],
  [/the wall’s hue with the light taken out/, 'warm, with the light taken out'],
  [/the wall’s hue at full strength: tonal, and never a surprise/, 'warm, at full strength'],
  [/with a breath of the wall’s hue/, 'with a breath of warmth'],
  [/the same hue where there is most light/, 'warm where there is most light'],
];
const withoutHue = (text: string): string => WITHOUT_HUE.reduce((said, [of, says]) => said.replace(of, says), text);

/** The ways in which a paint can fill a role beside a wall, the likeliest first. Common practice, no source. */
export function wantsFor(role: PaintRole, wall: WallColour): readonly Want[] {
  const wants = WANTS[role](wall);
  return wall.hueless ? wants.map((w) => ({ ...w, title: withoutHue(w.title), says: withoutHue(w.says) })) : wants;
}
