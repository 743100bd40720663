'use client';

import { v7 } from 'uuid';
import { USUAL_SAMPLE, type Sample, type SampleMethod } from '@/core/record/sample';
import type { Room } from '@/core/record/room';
import { useVisitWrite } from '../session/visit-context';

/** What can be done with the samples of a room. */
export function useSamples(room: Room) {
  const write = useVisitWrite();
  const save = ({ id: sampleId, ...said }: Sample) =>
    write({ name: 'sample.save', roomId: room.id, sampleId, ...said }, { answers: true });
  return {
    save,
    add: (candidateId: string) =>
      save({ id: v7(), candidateId, method: 'board', ...USUAL_SAMPLE.board, coats: 2, paintedAt: null, read: null, reason: '' }),
    /** Another method has other measures. */
    put: (sample: Sample, method: SampleMethod) => save({ ...sample, method, ...USUAL_SAMPLE[method] }),
    remove: (sample: Sample) => write({ name: 'sample.retire', roomId: room.id, sampleId: sample.id, retired: true }),
  };
}
