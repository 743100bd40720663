import { speechOf } from '@/core/derived/visit-speech';
import { recordPaper } from '@/core/handover/record-paper';
import { roomRecordFile as roomRecordDocument } from '@/core/formats/room-record';
import { ROOM_RECORD_COLUMNS, roomRecordCsvRows } from '@/core/formats/room-record-csv';
import { pdfOf } from '../pdf/make-pdf';
import { SHEETS } from '../pdf/papers';
import { visitById } from '../visits/queries';
import { csvFile } from './csv';
import { fileName, type MadeFile } from './file-name';

/**
 * The room record as `record.csv`, `record.json`, `record-a4.pdf` or `record-letter.pdf`; undefined when there is no such room or format.
 */
export async function roomRecordFile(visitId: string, roomId: string, file: string): Promise<MadeFile | undefined> {
  const visit = await visitById(visitId);
  const room = visit?.rooms.find((r) => r.id === roomId);
  if (!visit || !room) return undefined;
  const name = fileName(`${visit.label} ${room.name}`, 'room');
  if (file === 'record.csv') {
    const body = csvFile(ROOM_RECORD_COLUMNS, roomRecordCsvRows(visit, room));
    return { body, type: 'text/csv; charset=utf-8', name: `${name} record.csv`, extension: 'csv' };
  }
  const paper = SHEETS.find((p) => file === `record-${p}.pdf`);
  if (paper) {
    const body = await pdfOf({ kind: 'record', made: recordPaper(visit, room), paper, speech: speechOf(visit) });
    return { body, type: 'application/pdf', name: `${name} record ${paper}.pdf`, extension: 'pdf' };
  }
  if (file !== 'record.json') return undefined;
  const body = `${JSON.stringify(roomRecordDocument(visit, room), null, 2)}\n`;
  return { body, type: 'application/json; charset=utf-8', name: `${name} record.json`, extension: 'json' };
}
