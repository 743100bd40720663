import { roomRecordFile as roomRecordDocument } from '@/core/formats/room-record';
import { ROOM_RECORD_COLUMNS, roomRecordCsvRows } from '@/core/formats/room-record-csv';
import { visitById } from '../visits/queries';
import { csvFile } from './csv';

export type MadeFile = { readonly body: string; readonly type: string; readonly name: string; readonly extension: string };

/** A name that every file system takes. */
const fileName = (text: string) =>
  text
    .replace(/[^\p{L}\p{N} .,_-]+/gu, ' ')
    .trim()
    .slice(0, 120) || 'room';

/** The room record as `record.csv` or `record.json`; undefined when there is no such room or format. */
export async function roomRecordFile(visitId: string, roomId: string, file: string): Promise<MadeFile | undefined> {
  const visit = await visitById(visitId);
  const room = visit?.rooms.find((r) => r.id === roomId);
  if (!visit || !room) return undefined;
  const name = fileName(`${visit.label} ${room.name}`);
  if (file === 'record.csv') {
    const body = csvFile(ROOM_RECORD_COLUMNS, roomRecordCsvRows(visit, room));
    return { body, type: 'text/csv; charset=utf-8', name: `${name} record.csv`, extension: 'csv' };
  }
  if (file !== 'record.json') return undefined;
  const body = `${JSON.stringify(roomRecordDocument(visit, room), null, 2)}\n`;
  return { body, type: 'application/json; charset=utf-8', name: `${name} record.json`, extension: 'json' };
}
