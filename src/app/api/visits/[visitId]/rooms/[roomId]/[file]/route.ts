import { attachment } from '@/server/exports/file-name';
import { roomRecordFile } from '@/server/exports/room-record-file';

type Context = { readonly params: Promise<{ visitId: string; roomId: string; file: string }> };

/** The room record to take away: `record.csv` or `record.json`. */
export async function GET(_request: Request, { params }: Context) {
  const { visitId, roomId, file } = await params;
  const made = await roomRecordFile(visitId, roomId, file);
  return made ? attachment(made, 'room-record') : new Response('Nothing is kept here.', { status: 404 });
}
