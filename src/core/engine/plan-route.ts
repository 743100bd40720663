import { SKIES, type SkyName } from '../light/outdoors';
import { bestRoute, type RouteRoom } from '../plan/route';
import { ROUTE_SLOT_MINUTES, type PlannedLook, type PlanRequest, type RoomPlan, type VisitRoute } from './plan-protocol';

const SLOT_MS = ROUTE_SLOT_MINUTES * 60_000;

export type When = Omit<PlanRequest, 'rooms' | 'toleranceE'>;

/** The part of a stretch in which the samples are dry and someone is in the house; undefined where there is none. */
export function withinVisit(
  [from, to]: readonly [number, number],
  { visit, dryAt }: When,
): readonly [number, number] | undefined {
  if (!visit) return undefined;
  const met = [Math.max(from, visit[0], dryAt ?? -Infinity), Math.min(to, visit[1])] as const;
  return met[1] - met[0] >= SLOT_MS ? met : undefined;
}

/** Whether a look can be taken under a sky: by its own light, another that shows the same, or by lamps. */
function underSky({ light, lights }: PlannedLook, sky: SkyName): boolean {
  if (light === 'lamps') return true;
  return light === 'both' ? sky === 'overcast' : lights.includes(sky);
}

type Slots = { readonly from: number; readonly count: number };

/** The rooms of a house that have something to look at, with what can be looked at in each under a sky, slot by slot. */
function roomsUnder(sky: SkyName, request: PlanRequest, plans: readonly RoomPlan[], { from, count }: Slots): RouteRoom[] {
  return plans.flatMap((plan, k): RouteRoom[] => {
    const taken = new Set(request.rooms[k]!.kept.filter((one) => one.taken).map((one) => one.id));
    const looks = plan.looks.filter((l) => l.inVisit && !(l.id !== null && taken.has(l.id)));
    // nobody walks to a room to look at nothing
    if (looks.length === 0) return [];
    const open = looks.filter((l) => underSky(l, sky));
    const room: RouteRoom = {
      id: plan.roomId,
      // a quarter of an hour for one look or two, more for more
      stay: Math.max(1, Math.ceil(open.length / 2)),
      looks: looks.map((look) => {
        const met = withinVisit([look.from, look.to], request)!;
        const within = (s: number) => from + s * SLOT_MS < met[1] && from + (s + 1) * SLOT_MS > met[0];
        const slots = underSky(look, sky) ? Array.from({ length: count }, (_, s) => s).filter(within) : [];
        return { worth: look.worth, slots: new Set(slots) };
      }),
    };
    return [room];
  });
}

/**
 * The order of rooms through what is left of the visit, by what can be looked at in each. A day has one sky at a time: the order is that
 * of the sky that shows most, among those that are expected.
 */
export function routeOf(request: PlanRequest, plans: readonly RoomPlan[]): VisitRoute | null {
  const { visit, now } = request;
  if (!visit) return null;
  const begun = now === undefined ? 0 : Math.max(0, Math.ceil((now - visit[0]) / SLOT_MS - 1e-6));
  const from = visit[0] + begun * SLOT_MS;
  const count = Math.floor((visit[1] - from) / SLOT_MS);
  if (count <= 0) return null;
  const routes = SKIES.filter((sky) => request.skies.includes(sky)).map((sky): VisitRoute => ({
    ...bestRoute(roomsUnder(sky, request, plans, { from, count }), count),
    from,
    sky,
  }));
  const [best, ...others] = routes.sort((p, q) => q.worth - p.worth);
  if (!best) return null;
  return others.length > 0 && others.every((r) => r.worth === best.worth) ? { ...best, sky: null } : best;
}
