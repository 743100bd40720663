import { createHash } from 'node:crypto';

/** The SHA-256 of a file, hexadecimal. */
export const hashOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');
