/** How something that was judged had been looked at: in the room in its light, as the screen predicts it, or on a photograph. */
export const WAYS_SEEN = ['in-room', 'on-screen', 'photograph'] as const;
export type WaySeen = (typeof WAYS_SEEN)[number];
export const WAY_SEEN_WORDS: Readonly<Record<WaySeen, string>> = {
  'in-room': 'in the room',
  'on-screen': 'on the screen',
  photograph: 'on a photograph',
};

/** By how much the clock and the moment that is judged may differ and still be one light, minutes. Own choice. */
const SAME_LIGHT_MINUTES = 45;

/** Whether what the clock shows is the moment that is judged: then whoever looks up sees the room in it. Both instants, ms. */
export const clockAgrees = (judgedAt: number, now: number): boolean => Math.abs(judgedAt - now) <= SAME_LIGHT_MINUTES * 60_000;

type Judged = {
  readonly seen: WaySeen | null;
  readonly moment: { readonly at: string } | null;
  /** When it was said. */
  readonly at: string;
};

/** How something was looked at: as it was said with it; before that was kept, in the room unless the clock stood elsewhere. */
export function howSeen({ seen, moment, at }: Judged): WaySeen {
  if (seen) return seen;
  return !moment || clockAgrees(Date.parse(moment.at), Date.parse(at)) ? 'in-room' : 'on-screen';
}

/** Whether somebody looked: only then it counts as seen. */
export const isLookedAt = (judged: Judged): boolean => howSeen(judged) === 'in-room';
