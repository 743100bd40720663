import { asKey } from './as-key';

const room = () => ({ widthM: 4, windows: [{ wall: 0 }] });

describe('the key of a request', () => {
  test('is the same for what is equal, whoever made it', () => {
    expect(asKey('bands', { room: room(), at: 3 })).toBe(asKey('bands', { room: room(), at: 3 }));
    const once = room();
    expect(asKey('bands', { room: once, at: 3 })).toBe(asKey('bands', { room: once, at: 3 }));
  });

  test('differs by kind, by part and by name of part', () => {
    const keys = [
      asKey('bands', { a: room(), b: 1 }),
      asKey('day', { a: room(), b: 1 }),
      asKey('bands', { b: room(), a: 1 }),
      asKey('bands', { a: { ...room(), widthM: 5 }, b: 1 }),
      asKey('bands', { a: room(), b: '1' }),
      asKey('bands', { a: room(), b: null }),
      asKey('bands', { a: room() }),
    ];
    expect(new Set(keys).size).toBe(keys.length);
  });
});
