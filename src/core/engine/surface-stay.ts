import type { SurfaceStay } from '../judge/surfaces';
import type { JudgedStay } from './judgement-protocol';
import { surfacesOf } from './looks';

/** A thing that stays with a surface for each of its colours: the measured one, or the smoothest that has its Lab. */
export const surfaceStay = ({ name, kind, school, components }: JudgedStay): SurfaceStay => ({
  name,
  kind,
  school,
  components: components.map((c) => ({ name: c.name, share: c.share, lab: c.lab, reflectance: surfacesOf(c)[0]! })),
});
