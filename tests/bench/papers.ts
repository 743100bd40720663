import { handOver } from '@/core/handover/hand-over';
import { NO_CARD } from '@/core/record/consultant-card';
import { paintworkSchema } from '@/core/record/paintwork';
import type { Decision } from '@/core/record/decision';
import { paperPdf } from '@/server/papers/papers-pdf';
import { room, visit } from '../made-up-room';
import { against, sized } from './measure';

const ROOMS = sized(40, 2);
const decision = (id: string, surfaces: string[], candidateId: string): Decision => ({
  id,
  surfaces,
  what: 'paint',
  candidateId,
  sheen: 'eggshell',
  finish: 'wall',
  coats: 2,
  primer: 'none',
  undercoat: 'none',
  why: 'it rests, and the light of the afternoon keeps it warm',
  at: '2026-09-23T12:00:00.000Z',
  undone: false,
});

/** The papers of a house of forty rooms, as data and as PDF. */
export async function benchPapers(): Promise<void> {
  const rooms = Array.from({ length: ROOMS }, (_, k) =>
    room({
      id: `r${k}`,
      name: `Room ${k + 1}`,
      bearingDeg: 9 * k,
      paintwork: paintworkSchema.parse({ rails: [{ wall: 0, heightM: 1 }] }),
      decisions: [
        decision(`a${k}`, ['wall-0', 'wall-1', 'wall-2', 'wall-3'], 'c75'),
        decision(`b${k}`, ['trim', 'ceiling'], 'c100'),
      ],
    }),
  );
  const house = { ...visit(), rooms };
  const from = performance.now();
  const made = handOver(house, { factsOf: () => undefined, card: NO_CARD }, 0);
  against('the papers of 40 rooms as data', performance.now() - from, 500, 'ms');
  for (const name of ['schedule', 'client', 'order'] as const) {
    const start = performance.now();
    await paperPdf(name, made, { paper: 'a4' });
    against(`the ${name} of 40 rooms as PDF`, (performance.now() - start) / 1000, 10, 's');
  }
  const three = handOver({ ...house, rooms: rooms.slice(0, 3) }, { factsOf: () => undefined, card: NO_CARD }, 0);
  const start = performance.now();
  await paperPdf('schedule', three, { paper: 'a4' });
  against('the painter’s PDF of 3 rooms', (performance.now() - start) / 1000, 0.8, 's');
}
