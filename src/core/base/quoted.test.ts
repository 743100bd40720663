import { quoted } from './quoted';

test.each([
  ['calm', '“calm”'],
  ['“calm”', '“calm”'],
  [' "calm, please" ', '“calm, please”'],
  ['„ruhig“', '“ruhig”'],
  ['the “good” room', '“the “good” room”'],
])('%s is quoted once', (text, said) => expect(quoted(text)).toBe(said));
