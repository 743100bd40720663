import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import { onePerProcess } from '../one-per-process';

/**
 * Who may use a server that other machines can reach: a device that has entered a code which was shown on a screen already let in, or
 * where the server was started. A code lets one device in, for ten minutes, and a few wrong tries end it. Kept in memory: a new start
 * asks anew.
 */
export type Device = {
  readonly id: string;
  /** What the device says of itself, for the person to know it by. */
  readonly name: string;
  readonly since: number;
  readonly seen: number;
};
type Kept = { device: Device; readonly secret: Buffer };

/** Own choices: a code to be read off a screen and typed within minutes; after wrong tries the next is slow. */
export const ACCESS = { codeMs: 10 * 60_000, tries: 5, pauseMs: 30_000, most: 20 } as const;

/** Without those that look alike: 0 O 1 I L, and 8 B. */
const LETTERS = 'ACDEFGHJKMNPQRSTUVWXYZ2345679';
const LENGTH = 8;

const hashOf = (text: string) => createHash('sha256').update(text).digest();
const plain = (code: string) => code.toUpperCase().replaceAll(/[^A-Z0-9]/g, '');

export type Entered =
  | { readonly ok: true; readonly secret: string; readonly device: Device }
  | { readonly ok: false; readonly reason: 'wrong' | 'wait' | 'no-code' | 'too-many' };

export function makeAccess({ now = Date.now, draw = randomInt }: { now?: () => number; draw?: (most: number) => number } = {}) {
  let code: { readonly hash: Buffer; readonly until: number; tries: number } | undefined;
  let waitUntil = 0;
  const devices = new Map<string, Kept>();
  const current = () => (code && code.until > now() ? code : undefined);
  return {
    /** Makes a code to be shown; the one before is worth nothing any more. */
    newCode(): { readonly code: string; readonly until: number } {
      const made = Array.from({ length: LENGTH }, () => LETTERS[draw(LETTERS.length)]!).join('');
      code = { hash: hashOf(made), until: now() + ACCESS.codeMs, tries: 0 };
      return { code: `${made.slice(0, LENGTH / 2)}-${made.slice(LENGTH / 2)}`, until: code.until };
    },
    hasCode: (): boolean => current() !== undefined,
    /** Lets a device in that enters the code; its secret is told once, and only its hash is kept. */
    enter(given: string, name: string): Entered {
      if (now() < waitUntil) return { ok: false, reason: 'wait' };
      const open = current();
      if (!open) return { ok: false, reason: 'no-code' };
      if (!timingSafeEqual(hashOf(plain(given)), open.hash)) {
        open.tries += 1;
        if (open.tries >= ACCESS.tries) {
          code = undefined;
          waitUntil = now() + ACCESS.pauseMs;
        }
        return { ok: false, reason: 'wrong' };
      }
      if (devices.size >= ACCESS.most) return { ok: false, reason: 'too-many' };
      code = undefined;
      const secret = randomBytes(32).toString('base64url');
      const device = { id: randomBytes(8).toString('hex'), name: name.slice(0, 80) || 'A device', since: now(), seen: now() };
      devices.set(device.id, { device, secret: hashOf(secret) });
      return { ok: true, secret, device };
    },
    /** The device a secret belongs to; undefined for none. */
    deviceOf(secret: string): Device | undefined {
      const hash = hashOf(secret);
      const kept = [...devices.values()].find((k) => timingSafeEqual(k.secret, hash));
      if (kept) kept.device = { ...kept.device, seen: now() };
      return kept?.device;
    },
    devices: (): Device[] => [...devices.values()].map((k) => k.device),
    /** Turns a device away; false when there is none of that id. */
    revoke: (id: string): boolean => devices.delete(id),
  };
}
export type Access = ReturnType<typeof makeAccess>;

/** The one of this process: the border and the pages are bundled apart, and must know the same devices. */
export const access = (): Access => onePerProcess('access', makeAccess);
