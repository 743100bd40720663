import { besideIn } from '../appearance/scene';
import { listed } from '../base/words';
import { deltaE00 } from '../colour/ciede2000';
import { directions } from '../colour/directions';
import { daylight65 } from '../colour/illuminant';
import { betraysItself } from '../judge/betrays';
import { sayTowards } from '../judge/say-towards';
import { lampSpectrum } from '../light/lamp';
import { perLux } from '../light/spectral';
import type { Copied, PaintCopy } from '../paint/paint-facts';
import type { Room } from '@/core/record/room';

/** A room a paint is for, as far as a copy of it can betray itself there. */
export type LampedRoom = Pick<Room, 'name' | 'lamps'>;

/** What is farther off than this in the light of the deck already is no copy anybody would offer, ΔE00. Own choice. */
const NO_COPY = 5;
/** Copies told of a paint, the nearest first. */
const TOLD = 2;
/** Light on a wall by day and by lamps in which two paints are held side by side, lx. Usual figures, from memory. */
const LUX = { day: 500, lamps: 150 } as const;

type Seen = { readonly says: string; readonly see: ReturnType<typeof besideIn> };

/** Daylight, and the light of the lamps of each room, as they leave the lamp: what the walls add to it is the same for both paints. */
function lightsOf(rooms: readonly LampedRoom[]): Seen[] {
  const lamps = new Map<string, { rooms: Set<string>; see: Seen['see'] }>();
  for (const { name, lamps: own } of rooms)
    for (const { kind, cctK, ra, dimmedPercent } of own) {
      const dimmedShare = dimmedPercent / 100;
      const key = JSON.stringify([kind, cctK, ra, dimmedShare]);
      const known = lamps.get(key);
      if (known) known.rooms.add(name);
      else {
        const see = besideIn({ power: lampSpectrum({ kind, cctK, ra, dimmedShare }), lux: LUX.lamps });
        lamps.set(key, { rooms: new Set([name]), see });
      }
    }
  return [
    { says: 'by day', see: besideIn({ power: perLux(daylight65), lux: LUX.day }) },
    ...[...lamps.values()].map(({ rooms: names, see }) => ({ says: `under the lamps of ${listed([...names])}`, see })),
  ];
}

type Failure = { readonly says: string; readonly off: number; readonly towards: string };

/** The light a copy betrays itself in most; undefined where it does in none. */
function failureOf(own: readonly number[], { reflectance, inDeck }: PaintCopy, lights: readonly Seen[]): Failure | undefined {
  const [worst] = lights
    .map(({ says, see }): Failure => {
      const [meant, copy] = [see(own), see(reflectance)];
      return { says, off: deltaE00(meant, copy), towards: sayTowards(directions(meant, copy)) };
    })
    .sort((p, q) => q.off - p.off);
  return worst && betraysItself(worst.off, inDeck) ? worst : undefined;
}

const near = ({ copies }: Copied): readonly PaintCopy[] => copies.filter((c) => c.inDeck <= NO_COPY).slice(0, TOLD);

/** What the counter is told of the nearest matches in other makers' systems, and where in these rooms they would betray themselves. */
export function sayCopies(copied: Copied | null | undefined, rooms: readonly LampedRoom[]): string[] {
  if (!copied) return [];
  const lights = lightsOf(rooms);
  return near(copied).map((copy) => {
    const fails = failureOf(copied.reflectance, copy, lights);
    const here = fails
      ? `${fails.says} ΔE ${fails.off.toFixed(1)}, ${fails.towards}: ask before it is copied`
      : `no farther off ${lights.length > 1 ? 'by day or under the lamps of its rooms' : 'by day; no lamps are recorded'}`;
    return `Copied by ${copy.maker}: ${copy.name} ${copy.strength} %, ${copy.code}, ΔE ${copy.inDeck.toFixed(1)} in the deck’s light; ${here} (predicted).`;
  });
}

/** What the client is told where the nearest copy would betray itself in the room; "" where it would not. */
export function warnOfCopies(copied: Copied | null | undefined, room: LampedRoom): string {
  if (!copied) return '';
  const lights = lightsOf([room]);
  for (const copy of near(copied)) {
    const fails = failureOf(copied.reflectance, copy, lights);
    if (fails) return `Do not have it copied: ${copy.maker}’s nearest would be ${fails.towards} ${fails.says} (predicted)`;
  }
  return '';
}
