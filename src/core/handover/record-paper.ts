import { describeColour } from '../colour/family';
import { lrvOf } from '../colour/lab';
import { screenColour } from '../colour/srgb';
import { STAY_KIND_WORDS } from '../judge/kinds';
import { WISH_WORDS } from '../judge/wish';
import { REASON_WORDS } from '../judge/reasons';
import { wishesOf } from '@/core/record/room';
import { reasonsOf } from '@/core/record/verdict';
import { sayStrength } from '../paint/strength';
import { sayLooked } from '@/core/derived/coverage';
import type { ColourSource } from '@/core/record/recorded-colour';
import type { RoomInLight, VisitInLight } from '@/core/derived/kinds-of-light';
import { roomRecord, type CandidateRow } from '@/core/derived/room-record';
import { sayRuling, sayWhy } from '@/core/derived/say-ruling';
import { dayOfVisit } from '@/core/record/visit';
import { LIGHT_NAMES } from '../room/facing';
import { upperFirst } from '../base/words';
import { sayDay } from './words';
import { listed } from '../base/words';

/** The record of a room on paper, every word of it. */
export type RecordPaper = {
  readonly room: string;
  readonly visit: string;
  readonly day: string;
  /** What was asked for, and what the client says of the room; without what nothing was said of. */
  readonly brief: readonly { readonly title: string; readonly words: string }[];
  readonly stays: readonly {
    readonly name: string;
    readonly kind: string;
    readonly parts: readonly { readonly hex: string; readonly says: string }[];
  }[];
  readonly colours: readonly {
    readonly hex: string;
    readonly name: string;
    readonly says: string;
    readonly ruling: string;
    readonly why: string;
    /** "Sofa: nearly, too strong (window by day, overcast); the client: works (window by day)". */
    readonly said: readonly string[];
    readonly notes: readonly string[];
  }[];
  readonly looks: readonly string[];
  readonly notes: readonly string[];
};

const SOURCES: Readonly<Record<ColourSource['kind'], string>> = {
  colorimeter: 'read by a colorimeter',
  deck: 'matched to a deck colour',
  hex: 'typed as hex',
  spectrophotometer: 'measured spectrum',
  lab: 'Lab, typed',
  typical: 'typical of such a material, from memory',
  eye: 'by eye',
  photo: 'from a photograph',
};

/** What was said of a colour beside one thing: the same words of one person once, with the lights they were said in. */
function saidBeside({ verdicts }: CandidateRow, stay: { id: string; name: string }): string | undefined {
  const lights = new Map<string, string[]>();
  for (const v of verdicts) {
    if (v.stayId !== stay.id) continue;
    const words = `${v.person === 'client' ? 'the client: ' : ''}${v.verdict}${reasonsOf(v)
      .map((r) => `, ${REASON_WORDS[r]}`)
      .join('')}`;
    lights.set(words, [...(lights.get(words) ?? []), LIGHT_NAMES[v.light]]);
  }
  if (lights.size === 0) return undefined;
  return `${stay.name}: ${[...lights].map(([words, at]) => `${words} (${listed(at)})`).join('; ')}`;
}

/** Why a colour is ruled as it is; "" where it was not tried. */
function whyRuled({ ruling, byHand, derived }: CandidateRow, room: RoomInLight): string {
  if (ruling === 'untried') return '';
  return byHand ? byHand.note || 'ruled by hand' : sayWhy(derived, room.stays);
}

/** The record of a room as a paper: what was asked, what stays and what it is made of, every colour with all that was said of it. */
export function recordPaper(visit: VisitInLight, room: RoomInLight): RecordPaper {
  const { rows } = roomRecord(room);
  const notesOf = (candidateId: string | null) =>
    room.notes.filter((n) => !n.undone && n.candidateId === candidateId).map((n) => n.words);
  const brief = [
    [
      'What is wanted',
      [
        room.wishWords,
        wishesOf(room)
          .map((w) => WISH_WORDS[w])
          .join(', then '),
      ]
        .filter(Boolean)
        .join(': '),
    ],
    ['Must not change', room.mustNotChange],
    ['What annoys', room.annoys],
    ['May change', room.mayChange],
  ] as const;
  return {
    room: room.name,
    visit: `${visit.label}, ${visit.place.name}`,
    day: sayDay(dayOfVisit(visit)),
    brief: brief.filter(([, words]) => words !== '').map(([title, words]) => ({ title, words })),
    stays: room.stays.map(({ name, kind, components }) => ({
      name,
      kind: STAY_KIND_WORDS[kind],
      parts: components.map((c) => ({
        hex: screenColour(c.colour.lab).hex,
        says: `${c.name}, ${Math.round(c.share * 100)} %: ${describeColour(c.colour.lab)}, LRV ${Math.round(lrvOf(c.colour.lab))} (${SOURCES[c.colour.source.kind]})`,
      })),
    })),
    colours: rows.map((row) => ({
      hex: screenColour(row.candidate.lab).hex,
      name: `${row.candidate.maker} ${row.candidate.code}, ${row.candidate.name}, ${sayStrength(row.candidate.strength)}`,
      says: `${describeColour(row.candidate.lab)}, LRV ${Math.round(lrvOf(row.candidate.lab))}`,
      ruling: sayRuling(row),
      why: [whyRuled(row, room), sayLooked(row.coverage)].filter(Boolean).map(upperFirst).join('. '),
      said: room.stays.flatMap((stay) => saidBeside(row, stay) ?? []),
      notes: notesOf(row.candidate.id),
    })),
    looks: room.looks.map((l) => `${l.number}  ${l.state}: ${l.decides}`),
    notes: notesOf(null),
  };
}

/** Whether there is anything of a room to print. */
export const hasRecord = (room: Pick<RoomInLight, 'candidates' | 'stays'>): boolean =>
  room.candidates.length + room.stays.length > 0;
