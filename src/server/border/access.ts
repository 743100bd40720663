import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import { onePerProcess } from '../one-per-process';

/**
 * Who may use a server that other machines can reach: a device that has entered a code which was shown on a screen already let in, or
 * where the server was started. A code lets one device in, for ten minutes; an address with wrong tries waits. Kept in memory: a new start
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

/**
 * Own choices: a code to be read off a screen and typed within minutes; an address that tries wrongly has to wait, twice as long each time,
 * and keeps nobody else out; with many wrong tries from anywhere the next codes are longer, instead of fewer.
 */
export const ACCESS = {
  codeMs: 10 * 60_000,
  /** Wrong tries of one address before it waits. */
  tries: 5,
  pauseMs: 30_000,
  longestPauseMs: 60 * 60_000,
  /** Wrong tries of all addresses after which the next code has two letters more. */
  growsAfter: 20,
  longest: 16,
  most: 20,
  /** Addresses that are remembered for their wrong tries. */
  addresses: 1000,
} as const;

/** Without those that look alike: 0 O 1 I L, and 8 B. */
const LETTERS = 'ACDEFGHJKMNPQRSTUVWXYZ2345679';
const LENGTH = 8;

/** An address as one is counted: of IPv6 its network, of which everyone has many. */
export const countedAddress = (address: string): string => {
  const plain = address.replace(/^::ffff:/i, '');
  return plain.includes(':') ? plain.split(':').slice(0, 4).join(':') : plain;
};

const hashOf = (text: string) => createHash('sha256').update(text).digest();
const plain = (code: string) => code.toUpperCase().replaceAll(/[^A-Z0-9]/g, '');

export type Entered =
  | { readonly ok: true; readonly secret: string; readonly device: Device }
  | { readonly ok: false; readonly reason: 'wrong' | 'wait' | 'no-code' | 'too-many' };

export function makeAccess({ now = Date.now, draw = randomInt }: { now?: () => number; draw?: (most: number) => number } = {}) {
  let code: { readonly hash: Buffer; readonly until: number } | undefined;
  let wrong = 0;
  /** By address: wrong tries since the last pause, how long that was, and until when it waits. */
  const tried = new Map<string, { tries: number; pauseMs: number; waitUntil: number }>();
  const devices = new Map<string, Kept>();
  function failed(from: string): void {
    wrong += 1;
    const known = tried.get(from) ?? { tries: 0, pauseMs: 0, waitUntil: 0 };
    tried.delete(from);
    known.tries += 1;
    if (known.tries >= ACCESS.tries) {
      known.tries = 0;
      known.pauseMs = Math.min(ACCESS.longestPauseMs, Math.max(ACCESS.pauseMs, 2 * known.pauseMs));
      known.waitUntil = now() + known.pauseMs;
    }
    tried.set(from, known);
    if (tried.size > ACCESS.addresses) tried.delete(tried.keys().next().value!);
  }
  const lengthNow = () => Math.min(ACCESS.longest, LENGTH + 2 * Math.floor(wrong / ACCESS.growsAfter));
  const current = () => (code && code.until > now() ? code : undefined);
  return {
    /** Makes a code to be shown; the one before is worth nothing any more. */
    newCode(): { readonly code: string; readonly until: number } {
      const length = lengthNow();
      const made = Array.from({ length }, () => LETTERS[draw(LETTERS.length)]!).join('');
      code = { hash: hashOf(made), until: now() + ACCESS.codeMs };
      return { code: `${made.slice(0, length / 2)}-${made.slice(length / 2)}`, until: code.until };
    },
    hasCode: (): boolean => current() !== undefined,
    /** Lets a device in that enters the code; its secret is told once, and only its hash is kept. `from`: the address it comes from. */
    enter(given: string, { name, from }: { readonly name: string; readonly from: string }): Entered {
      const address = countedAddress(from);
      if (now() < (tried.get(address)?.waitUntil ?? 0)) return { ok: false, reason: 'wait' };
      const open = current();
      if (!open) return { ok: false, reason: 'no-code' };
      if (!timingSafeEqual(hashOf(plain(given)), open.hash)) {
        failed(address);
        return { ok: false, reason: 'wrong' };
      }
      if (devices.size >= ACCESS.most) return { ok: false, reason: 'too-many' };
      code = undefined;
      wrong = 0;
      tried.delete(address);
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
