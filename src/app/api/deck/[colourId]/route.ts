import { sheetOf } from '@/server/deck/queries';

/** The sheet of one deck colour. */
export async function GET(_request: Request, { params }: { params: Promise<{ colourId: string }> }) {
  const sheet = await sheetOf((await params).colourId);
  return sheet
    ? Response.json(sheet, { headers: { 'cache-control': 'no-cache' } })
    : Response.json({ error: 'no such colour' }, { status: 404 });
}
