/** A room to be gone to: how long one stays, and what it is worth to be there in each slot of the visit. */
export type RouteRoom = {
  readonly id: string;
  /** Slots one stays. */
  readonly stay: number;
  /** Looks that can be taken in it: their worth, and the slots in which their light is there. */
  readonly looks: readonly { readonly worth: number; readonly slots: ReadonlySet<number> }[];
};

export type Stop = {
  readonly id: string;
  /** First slot, and the first after. */
  readonly from: number;
  readonly to: number;
  /** Indices of the looks whose light is there then. */
  readonly looks: readonly number[];
};
export type Route = {
  readonly stops: readonly Stop[];
  /** Rooms for which the visit is too short. */
  readonly left: readonly string[];
  readonly worth: number;
  /** Every order was weighed; otherwise the order is the best found by moving one room at a time. */
  readonly exact: boolean;
};

/** Up to so many rooms every order is weighed. */
export const EXACT_ROOMS = 9;

const looksIn = ({ looks, stay }: RouteRoom, from: number): number[] =>
  looks.flatMap(({ slots }, k) => (Array.from({ length: stay }, (_, s) => from + s).some((s) => slots.has(s)) ? [k] : []));
const worthAt = (room: RouteRoom, from: number): number => looksIn(room, from).reduce((s, k) => s + room.looks[k]!.worth, 0);

/** Being in a room at all is worth a little, being done early less, so that neither outweighs a look. */
const A_ROOM = 1e-3;
const A_SLOT = 1e-6;

type Way = { readonly worth: number; readonly stops: readonly (readonly [room: number, from: number])[] };
const NOWHERE: Way = { worth: 0, stops: [] };
const better = (p: Way, q: Way): Way => (q.worth > p.worth + 1e-12 ? q : p);

/** Worth of every room at every slot at which one could still stay as long as it asks; −∞ later. */
const worths = (rooms: readonly RouteRoom[], slots: number): number[][] =>
  rooms.map((room) =>
    Array.from({ length: slots }, (_, from) =>
      from + room.stay <= slots ? worthAt(room, from) + A_ROOM - A_SLOT * (from + room.stay) : -Infinity,
    ),
  );

/** The best way through all subsets of rooms, by what is done and the slot it is (Held & Karp 1962, with waiting). */
function exactWay(rooms: readonly RouteRoom[], slots: number): Way {
  const worth = worths(rooms, slots);
  const full = 1 << rooms.length;
  const known = new Map<number, Way>();
  const from = (done: number, slot: number): Way => {
    if (slot >= slots || done === full - 1) return NOWHERE;
    const key = done * (slots + 1) + slot;
    const before = known.get(key);
    if (before) return before;
    // going on at once comes first: of equal ways the one that waits least, in walking order
    let best = NOWHERE;
    rooms.forEach((room, r) => {
      if (done & (1 << r) || worth[r]![slot] === -Infinity) return;
      const rest = from(done | (1 << r), slot + room.stay);
      best = better(best, { worth: worth[r]![slot]! + rest.worth, stops: [[r, slot], ...rest.stops] });
    });
    best = better(best, from(done, slot + 1));
    known.set(key, best);
    return best;
  };
  return from(0, 0);
}

/** The best times for rooms in a given order, waiting and leaving out where that is better. */
function inOrder(order: readonly number[], worth: readonly (readonly number[])[], stays: readonly number[]): Way {
  const slots = worth[0]?.length ?? 0;
  let after: Way[] = Array<Way>(slots + 1).fill(NOWHERE);
  for (const r of [...order].reverse()) {
    const now: Way[] = Array<Way>(slots + 1).fill(NOWHERE);
    for (let slot = slots - 1; slot >= 0; slot--) {
      const rest = after[slot + stays[r]!];
      const going = rest && worth[r]![slot]! > -Infinity;
      const gone = going ? { worth: worth[r]![slot]! + rest.worth, stops: [[r, slot] as const, ...rest.stops] } : NOWHERE;
      now[slot] = better(better(gone, after[slot]!), now[slot + 1]!);
    }
    after = now;
  }
  return after[0]!;
}

/** Walking order, changed by moving one room to another place as long as that is better. */
function movedWay(rooms: readonly RouteRoom[], slots: number): Way {
  const worth = worths(rooms, slots);
  const stays = rooms.map((r) => r.stay);
  let order = rooms.map((_, r) => r);
  let best = inOrder(order, worth, stays);
  for (let moved = true; moved;) {
    moved = false;
    for (const r of rooms.keys()) {
      const rest = order.filter((o) => o !== r);
      for (let place = 0; place <= rest.length; place++) {
        const next = [...rest.slice(0, place), r, ...rest.slice(place)];
        const way = inOrder(next, worth, stays);
        if (way.worth <= best.worth + 1e-12) continue;
        [best, order, moved] = [way, next, true];
      }
    }
  }
  return best;
}

/**
 * The order of the rooms through a visit so that most of what can be seen in it is: each room once, for as long as it asks, with waiting
 * where the light is still to come. Exact up to {@link EXACT_ROOMS} rooms.
 *
 * @param rooms in walking order; @param slots in the visit
 */
export function bestRoute(rooms: readonly RouteRoom[], slots: number): Route {
  const exact = rooms.length <= EXACT_ROOMS;
  const { stops } = (exact ? exactWay : movedWay)(rooms, slots);
  const found = stops.map(([r, from]): Stop => {
    const room = rooms[r]!;
    return { id: room.id, from, to: from + room.stay, looks: looksIn(room, from) };
  });
  const gone = new Set(found.map((s) => s.id));
  const byId = new Map(rooms.map((r) => [r.id, r]));
  const worth = found.reduce((s, stop) => s + stop.looks.reduce((w, k) => w + byId.get(stop.id)!.looks[k]!.worth, 0), 0);
  return { stops: found, left: rooms.filter((r) => !gone.has(r.id)).map((r) => r.id), worth, exact };
}
