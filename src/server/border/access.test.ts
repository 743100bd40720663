import { ACCESS, makeAccess, type Entered } from './access';

function standing() {
  let now = 1_000_000;
  const access = makeAccess({ now: () => now });
  return { access, pass: (ms: number) => (now += ms) };
}
const letIn = (entered: Entered) => {
  if (!entered.ok) throw new Error(entered.reason);
  return entered;
};

test('a device that enters the code is let in, however it is typed, and known by its secret', () => {
  const { access } = standing();
  const { code } = access.newCode();
  expect(code).toMatch(/^[A-Z2-79]{4}-[A-Z2-79]{4}$/);
  const { secret, device } = letIn(access.enter(` ${code.toLowerCase().replace('-', ' ')}`, 'A phone'));
  expect(access.deviceOf(secret)).toMatchObject({ id: device.id, name: 'A phone' });
  expect(access.deviceOf(`${secret}x`)).toBeUndefined();
  expect(access.deviceOf('')).toBeUndefined();
});

test('a code lets one device in', () => {
  const { access } = standing();
  const { code } = access.newCode();
  letIn(access.enter(code, 'one'));
  expect(access.enter(code, 'two')).toEqual({ ok: false, reason: 'no-code' });
});

test('a code is worth nothing after ten minutes, or once another was made', () => {
  const { access, pass } = standing();
  const first = access.newCode();
  pass(ACCESS.codeMs);
  expect(access.enter(first.code, 'late')).toEqual({ ok: false, reason: 'no-code' });
  const second = access.newCode();
  const third = access.newCode();
  expect(access.enter(second.code, 'before')).toEqual({ ok: false, reason: 'wrong' });
  expect(access.enter(third.code, 'now').ok).toBe(true);
});

test('wrong tries end the code, and the next has to wait', () => {
  const { access, pass } = standing();
  const { code } = access.newCode();
  for (let n = 0; n < ACCESS.tries; n++) expect(access.enter('AAAA-AAAA', 'guess')).toEqual({ ok: false, reason: 'wrong' });
  expect(access.enter(code, 'right, too late')).toEqual({ ok: false, reason: 'wait' });
  const next = access.newCode();
  expect(access.enter(next.code, 'too soon')).toEqual({ ok: false, reason: 'wait' });
  pass(ACCESS.pauseMs);
  expect(access.enter(next.code, 'in time').ok).toBe(true);
});

test('guessing for an hour finds a code with a chance below one in a million', () => {
  const guesses = ACCESS.tries * (3_600_000 / ACCESS.pauseMs);
  expect(guesses / 29 ** 8).toBeLessThan(1e-6);
});

test('a device that was turned away is none any more', () => {
  const { access } = standing();
  const { secret, device } = letIn(access.enter(access.newCode().code, 'A tablet'));
  expect(access.revoke(device.id)).toBe(true);
  expect(access.deviceOf(secret)).toBeUndefined();
  expect(access.revoke(device.id)).toBe(false);
  expect(access.devices()).toEqual([]);
});
