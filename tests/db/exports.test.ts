import Papa from 'papaparse';
import { ROOM_RECORD_COLUMNS, roomRecordCsvRows } from '@/core/formats/room-record-csv';
import { csvFile } from '@/server/exports/csv';
import { room, verdict, visit } from '../made-up-room';

const parse = (file: string) => Papa.parse<Record<string, string>>(file.replace(/^\uFEFF/, '').trimEnd(), { header: true }).data;

describe('CSV to take away', () => {
  test.each(['=1+1', '+1', '-1', '@SUM(A1)', '\t=1', '  =HYPERLINK("x")', '＝1+1'])('%j is not run by a spreadsheet', (name) => {
    const made = { ...visit(), label: name };
    const [row] = parse(csvFile(ROOM_RECORD_COLUMNS, roomRecordCsvRows(made, room())));
    expect(row!['visit']).toBe(`'${name}`);
  });

  test('commas, quotes and emoji come back as they were; negative numbers stay numbers', () => {
    const label = 'Smith, "the blue house" 🛋️';
    const [row] = parse(csvFile(ROOM_RECORD_COLUMNS, roomRecordCsvRows({ ...visit(), label }, room({ verdicts: [verdict()] }))));
    expect(row!['visit']).toBe(label);
    expect(csvFile(['a'], [{ a: -0.5 }])).toBe('\uFEFFa\r\n-0.5\r\n');
  });
});
