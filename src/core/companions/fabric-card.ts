import { deltaE00 } from '../colour/ciede2000';
import { chroma, hueDeg } from '../colour/lab';
import type { Lab } from '../colour/types';

/** A colour at the edge of what a fabric may be, and the way there. */
export type FabricEdge = { readonly says: string; readonly lab: Lab };

const RAD = Math.PI / 180;
const polar = (l: number, c: number, h: number): Lab => ({ l, a: c * Math.cos(h * RAD), b: c * Math.sin(h * RAD) });

const HALVINGS = 24;

/** The farthest a way leads that is still within a ΔE00, at most to its end. */
function edgeOf(lab: Lab, way: (share: number) => Lab, within: number): Lab {
  if (deltaE00(lab, way(1)) <= within) return way(1);
  let [near, far] = [0, 1];
  for (let k = 0; k < HALVINGS; k++) {
    const middle = (near + far) / 2;
    if (deltaE00(lab, way(middle)) <= within) near = middle;
    else far = middle;
  }
  return way(near);
}

/** Nothing of cloth is lighter or deeper than this, L*; and so much more chroma makes it loud, however little that is in ΔE. Own choice. */
const END = { light: 98, deep: 4, stronger: 12 } as const;

/**
 * How far a fabric may be off a colour and still do: lighter, deeper, stronger and greyer. Its hue stays: another hue is another colour.
 *
 * @param within ΔE00, above 0
 */
export function fabricCard(lab: Lab, within: number): readonly FabricEdge[] {
  const [c, h] = [chroma(lab), hueDeg(lab)];
  const edge = (says: string, way: (share: number) => Lab): FabricEdge => ({ says, lab: edgeOf(lab, way, within) });
  return [
    edge('lighter', (share) => polar(lab.l + share * (END.light - lab.l), c, h)),
    edge('deeper', (share) => polar(lab.l + share * (END.deep - lab.l), c, h)),
    edge('stronger', (share) => polar(lab.l, c + share * END.stronger, h)),
    edge('greyer', (share) => polar(lab.l, c * (1 - share), h)),
  ];
}
