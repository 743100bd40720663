import { createHash } from 'node:crypto';
import { v7 } from 'uuid';
import { VISIT_FILE } from '@/core/formats/visit-file';
import type { Operation } from '@/core/operations/operations';
import { zipOf } from '@/server/archive/zip';
import { operation, PLACE } from './made-up-writes';

/** Operations of one made-up visit: of six rooms, with so many notes written in turn. */
export function largeVisit(notes: number): { readonly visitId: string; readonly operations: readonly Operation[] } {
  const visitId = v7();
  const rooms = ['Hall', 'Den', 'Study', 'Kitchen', 'Landing', 'Attic'].map((name) => ({ roomId: v7(), name }));
  const created = operation({ name: 'visit.create', visitId, label: 'Long Row 9', place: PLACE, units: 'metric', rooms });
  const written = Array.from({ length: notes }, (_, i) =>
    operation({ name: 'note.add', roomId: rooms[i % rooms.length]!.roomId, candidateId: null, words: `Note ${i + 1}` }),
  );
  return { visitId, operations: [created, ...written] };
}

/** A visit's file of these operations, without colours or pictures. */
export function fileOf(visitId: string, operations: readonly Operation[]): Uint8Array {
  const json = { ...VISIT_FILE, about: '', visitId, label: 'Long Row 9', operations, decks: [], pictures: [] };
  const bytes = new TextEncoder().encode(JSON.stringify(json));
  const sum = createHash('sha256').update(bytes).digest('hex');
  return zipOf([
    { name: 'visit.json', bytes: () => bytes },
    { name: 'visit.sha256', bytes: () => new TextEncoder().encode(sum) },
  ]);
}
