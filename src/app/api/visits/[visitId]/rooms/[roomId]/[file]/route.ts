import { roomRecordFile } from '@/server/exports/room-record-file';

type Context = { readonly params: Promise<{ visitId: string; roomId: string; file: string }> };

/** The room record to take away: `record.csv` or `record.json`. */
export async function GET(_request: Request, { params }: Context) {
  const { visitId, roomId, file } = await params;
  const made = await roomRecordFile(visitId, roomId, file);
  if (!made) return new Response('Nothing is kept here.', { status: 404 });
  return new Response(made.body, {
    headers: {
      'content-type': made.type,
      'content-disposition': `attachment; filename="room-record.${made.extension}"; filename*=UTF-8''${encodeURIComponent(made.name)}`,
      'cache-control': 'no-store',
    },
  });
}
