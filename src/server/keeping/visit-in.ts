import { readInThread } from '../archive/read-in-thread';
import { previewVisit, takenSoFar, takeVisit, type BringPreview } from '../archive/bring-in';
import { database } from '../database';

export const previewFile = async (bytes: Uint8Array): Promise<BringPreview> =>
  previewVisit(await database(), bytes, readInThread);
export const takeFile = async (token: string): Promise<{ readonly visitId: string }> => ({
  visitId: await takeVisit(await database(), token),
});
/** How far the visit under this token is brought in; nothing when none is. */
export const soFar = (token: string): { readonly done?: number; readonly of?: number } => takenSoFar(token) ?? {};
