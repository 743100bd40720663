const PLAIN = /^[a-z0-9 ]*$/;

/** Text as it is searched by: small letters without accents, words apart by one space. */
export function foldedText(text: string): string {
  const small = text.toLowerCase();
  // most names need no more
  if (PLAIN.test(small)) return small.includes('  ') ? small.replace(/ +/g, ' ').trim() : small.trim();
  return small
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}
