import { createHash } from 'node:crypto';

/** SHA-256 of bytes or text (as UTF-8), hexadecimal. */
export const sha256 = (content: Uint8Array | string): string => createHash('sha256').update(content).digest('hex');
