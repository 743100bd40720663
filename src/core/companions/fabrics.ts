import type { Lab } from '../colour/types';
import type { FabricRole } from './roles';
import type { WallColour } from './wall-colour';

/** A fabric as it is looked for: anything within a ΔE00 of a colour. */
export type FabricWanted = {
  readonly key: string;
  readonly title: string;
  readonly lab: Lab;
  /** ΔE00 around it within which a fabric still does. */
  readonly within: number;
  readonly says: string;
};

const RAD = Math.PI / 180;
const at = (l: number, c: number, hueDeg: number): Lab => ({ l, a: c * Math.cos(hueDeg * RAD), b: c * Math.sin(hueDeg * RAD) });
const clamp = (v: number, from: number, to: number) => Math.min(to, Math.max(from, v));

/** A fabric needs its distance in depth from the wall, or it merges with it: so far, in L*. Own choice. */
const APART = 12;
/** Where there is no room above, below: a fabric beside a light wall is deeper, beside a dark one lighter. */
const beside = (wall: WallColour) => (wall.lab.l > 45 ? wall.lab.l - APART : wall.lab.l + APART + 6);

/** Hues of linen and wool as they grew, degrees. Usual figures, from memory. */
const UNDYED = { deg: 82, within: 25 } as const;

function calm(wall: WallColour): FabricWanted[] {
  const c = clamp(wall.chroma * 0.6, 3, 15);
  return [
    {
      key: 'own',
      title: 'Its own hue',
      lab: at(beside(wall), c, wall.hueDeg),
      within: 8,
      says: `${wall.hueless ? 'a breath of warmth' : 'the wall’s hue, weaker'} and a step away in depth`,
    },
    {
      key: 'pale',
      title: 'Undyed',
      // what was never dyed is yellow-red, whatever the wall is
      lab: at(
        clamp(wall.lab.l + 20, 82, 90),
        clamp(c * 0.5, 2.5, 7),
        Math.abs(wall.hueDeg - UNDYED.deg) <= UNDYED.within ? wall.hueDeg : UNDYED.deg,
      ),
      within: 6,
      says: 'linen or wool as it grew, or nearly',
    },
    {
      key: 'oat',
      title: 'Oat',
      lab: at(wall.lab.l > 66 && wall.lab.l < 80 ? 60 : 72, 11, UNDYED.deg),
      within: 6,
      says: 'linen that kept the colour of straw: where something creamy stays',
    },
  ];
}

function lively(wall: WallColour): FabricWanted[] {
  const c = clamp(wall.chroma * 0.8 + 12, 16, 34);
  const l = clamp(wall.lab.l > 55 ? wall.lab.l - 24 : wall.lab.l + 20, 36, 66);
  return [
    {
      key: 'across',
      title: wall.hueless ? 'A warm one' : 'From across',
      lab: at(l, c, wall.acrossDeg),
      within: 12,
      says: 'the liveliest',
    },
    {
      key: 'one-side',
      title: 'From across, to one side',
      lab: at(l, c, wall.acrossDeg - 32),
      within: 12,
      says: 'lively, and a little softer',
    },
    {
      key: 'other-side',
      title: 'From across, to the other',
      lab: at(l, c, wall.acrossDeg + 32),
      within: 12,
      says: 'lively, and a little softer',
    },
  ];
}

function ground(wall: WallColour): FabricWanted[] {
  const brown = { key: 'brown', title: 'Brown', lab: at(30, 9, 66), within: 9, says: 'as wood and leather are' };
  const own = {
    key: 'own',
    title: 'Charcoal',
    lab: at(28, clamp(wall.chroma * 0.35, 2, 9), wall.hueDeg),
    within: 9,
    says: `with a breath of ${wall.hueless ? 'warmth' : 'the wall’s hue'}`,
  };
  return wall.warm ? [brown, own] : [own, brown];
}

const FABRICS: Readonly<Record<FabricRole, (wall: WallColour) => readonly FabricWanted[]>> = {
  'fabric-calm': calm,
  'fabric-lively': lively,
  'fabric-ground': ground,
};

/** What fabrics to look for beside a wall, the likeliest first. Common practice, no source; the figures are own choices. */
export const fabricsFor = (role: FabricRole, wall: WallColour): readonly FabricWanted[] => FABRICS[role](wall);
