import { sayReasons } from './verdict-words';
import type { Write } from '@/core/operations/operations';
import { INTENSITY_WORDS } from '@/core/record/intensity';
import type { Room } from '@/core/record/room';
import { roomsOf, type Visit } from '@/core/record/visit';
import { sayWrite } from './say-write';

const stayName = (room: Room | undefined, id: string | undefined) =>
  [...(room?.stays ?? []), ...(room?.retired.stays ?? [])].find((s) => s.id === id)?.name ?? 'something taken out';
const candidateName = (room: Room | undefined, id: string) =>
  [...(room?.candidates ?? []), ...(room?.retired.candidates ?? [])].find((c) => c.id === id)?.name ?? 'a colour';
const lowered = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** What is taken back or done again, in few words: "nearly, cream cabinets". */
export function sayStep(write: Write, visit: Visit): string {
  const room = 'roomId' in write ? roomsOf(visit).find((r) => r.id === write.roomId) : undefined;
  const said = 'verdictId' in write ? room?.verdicts.find((v) => v.id === write.verdictId) : undefined;
  if (write.name === 'verdict.give') return `${write.verdict}, ${stayName(room, write.stayId)}`;
  if (write.name === 'verdict.reason') return `${sayReasons(write) || 'no reason'}, ${stayName(room, said?.stayId)}`;
  if (write.name === 'intensity.give')
    return `${INTENSITY_WORDS[write.intensity]}, ${candidateName(room, write.candidateId)} alone`;
  if (write.name === 'reaction.give') return `${write.reaction}, ${candidateName(room, write.candidateId)}`;
  return lowered(sayWrite(write, visit));
}
