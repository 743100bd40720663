import type { RoomLink } from '../judge/room-score';
import type { JudgedStay, Weakest } from './judgement-protocol';

/** A link of the room's score by the names of its thing, component and moment. */
export function weakestOf(link: RoomLink, stays: readonly JudgedStay[], moments: readonly { readonly name: string }[]): Weakest {
  const moment = moments[link.moment]!.name;
  if (link.kind === 'light') return { moment, stay: null, component: null, reason: null, flag: link.flag };
  const stay = stays[link.stay]!;
  const component = stay.components.length > 1 ? stay.components[link.component]!.name : null;
  return { moment, stay: stay.name, component, reason: link.reason ?? null, flag: null };
}
