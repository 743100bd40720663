import { ACCESS, makeAccess, type Access, type Entered } from './access';

function standing() {
  let now = 1_000_000;
  const access = makeAccess({ now: () => now });
  return { access, pass: (ms: number) => (now += ms) };
}
const enter = (access: Access, code: string, name: string) => access.enter(code, { name, from: '10.0.0.2' });
const letIn = (entered: Entered) => {
  if (!entered.ok) throw new Error(entered.reason);
  return entered;
};

test('a device that enters the code is let in, however it is typed, and known by its secret', () => {
  const { access } = standing();
  const { code } = access.newCode();
  expect(code).toMatch(/^[A-Z2-79]{4}-[A-Z2-79]{4}$/);
  const { secret, device } = letIn(enter(access, ` ${code.toLowerCase().replace('-', ' ')}`, 'A phone'));
  expect(access.deviceOf(secret)).toMatchObject({ id: device.id, name: 'A phone' });
  expect(access.deviceOf(`${secret}x`)).toBeUndefined();
  expect(access.deviceOf('')).toBeUndefined();
});

test('a code lets one device in', () => {
  const { access } = standing();
  const { code } = access.newCode();
  letIn(enter(access, code, 'one'));
  expect(enter(access, code, 'two')).toEqual({ ok: false, reason: 'no-code' });
});

test('a code is worth nothing after ten minutes, or once another was made', () => {
  const { access, pass } = standing();
  const first = access.newCode();
  pass(ACCESS.codeMs);
  expect(enter(access, first.code, 'late')).toEqual({ ok: false, reason: 'no-code' });
  const second = access.newCode();
  const third = access.newCode();
  expect(enter(access, second.code, 'before')).toEqual({ ok: false, reason: 'wrong' });
  expect(enter(access, third.code, 'now').ok).toBe(true);
});

test('an address that tries wrongly waits, twice as long each time, and keeps nobody else out', () => {
  const { access, pass } = standing();
  const { code } = access.newCode();
  const guess = (from: string) => access.enter('AAAA-AAAA', { name: 'guess', from });
  for (let n = 0; n < ACCESS.tries; n++) expect(guess('10.0.0.9')).toEqual({ ok: false, reason: 'wrong' });
  expect(guess('10.0.0.9')).toEqual({ ok: false, reason: 'wait' });
  pass(ACCESS.pauseMs);
  for (let n = 0; n < ACCESS.tries; n++) expect(guess('10.0.0.9')).toEqual({ ok: false, reason: 'wrong' });
  pass(ACCESS.pauseMs);
  expect(guess('10.0.0.9')).toEqual({ ok: false, reason: 'wait' });
  // of IPv6 a network is one address
  for (let n = 0; n < ACCESS.tries; n++) guess(`2001:db8:1:2::${n}`);
  expect(guess('2001:db8:1:2:ffff::9')).toEqual({ ok: false, reason: 'wait' });
  expect(access.enter(code, { name: 'A phone', from: '10.0.0.7' }).ok).toBe(true);
});

test('with many wrong tries from anywhere the next codes are longer, until one comes in', () => {
  const { access } = standing();
  access.newCode();
  for (let n = 0; n < 2 * ACCESS.growsAfter; n++) access.enter('AAAA-AAAA', { name: 'guess', from: `10.0.${n}.1` });
  const { code } = access.newCode();
  expect(code).toMatch(/^[A-Z2-79]{6}-[A-Z2-79]{6}$/);
  for (let n = 0; n < 100 * ACCESS.growsAfter; n++)
    access.enter('AAAA-AAAA', { name: 'guess', from: `10.${n >> 8}.${n & 255}.1` });
  const longest = access.newCode().code;
  expect(longest).toHaveLength(ACCESS.longest + 1);
  letIn(enter(access, longest, 'A phone'));
  expect(access.newCode().code).toHaveLength(9);
});

test('guessing for an hour from a thousand addresses finds a code with a chance below one in a million', () => {
  // each address: five tries, then pauses that double
  let tries = 0;
  for (let at = 0, pause: number = ACCESS.pauseMs; at < 3_600_000; at += pause, pause *= 2) tries += ACCESS.tries;
  const wrong = 1000 * tries;
  // a code is of its length when it is made, and lasts ten minutes
  const perCode = wrong / 6;
  expect(perCode / 29 ** 8).toBeLessThan(1e-6);
});

test('a device that was turned away is none any more', () => {
  const { access } = standing();
  const { secret, device } = letIn(enter(access, access.newCode().code, 'A tablet'));
  expect(access.revoke(device.id)).toBe(true);
  expect(access.deviceOf(secret)).toBeUndefined();
  expect(access.revoke(device.id)).toBe(false);
  expect(access.devices()).toEqual([]);
});
