import { sayBeside } from '../judge/reasons';
import { RULING_WORDS, type DerivedRuling } from '../judge/ruling';
import { LIGHT_NAMES } from '../room/facing';
import { sayPartly } from './coverage';
import type { CandidateRow } from './room-record';
import { REACTION_WORDS } from '@/core/record/reaction';
import { howSeen, WAY_SEEN_WORDS, WAYS_SEEN } from '@/core/record/seen';
import type { RecordedStay } from '@/core/record/stay';
import { listed } from '../base/words';

const things = (n: number) => (n === 1 ? '1 thing' : `${n} things`);

/** "Works here", "Nearly", "Not here", or what an open row is: "Not tried yet", "Still open". */
export function sayRulingWord(ruling: CandidateRow['ruling']): string {
  if (ruling === 'untried') return 'Not tried yet';
  return ruling === 'open' ? 'Still open' : RULING_WORDS[ruling];
}

/** In which lights alone a colour that works or nearly does was seen; "" where in all of its room. */
export const seenPartly = ({ ruling, coverage }: Pick<CandidateRow, 'ruling' | 'coverage'>): string =>
  ruling === 'works' || ruling === 'nearly' ? sayPartly(coverage) : '';

/** The ruling on a colour; of one that works or nearly does also in which lights alone it was seen, if not in all of the room. */
export function sayRuling(row: Pick<CandidateRow, 'ruling' | 'coverage'>): string {
  const partly = seenPartly(row);
  return partly ? `${sayRulingWord(row.ruling)}, ${partly}` : sayRulingWord(row.ruling);
}

const verdictsSaid = (n: number) => (n === 1 ? '1 verdict' : `${n} verdicts`);

/** "3 verdicts on the screen, not looked at in the room"; "" where there are none. */
export function sayUnlooked({ unlooked }: Pick<CandidateRow, 'unlooked'>): string {
  if (unlooked.length === 0) return '';
  const ways = WAYS_SEEN.filter((way) => unlooked.some((v) => howSeen(v) === way)).map((way) => WAY_SEEN_WORDS[way]);
  return `${verdictsSaid(unlooked.length)} ${listed(ways)}, not looked at in the room`;
}

/** Why the derived ruling is what it is: "too green beside Hearth stone, overcast", "2 things and overcast to go". */
export function sayWhy(derived: DerivedRuling, stays: readonly RecordedStay[]): string {
  if (derived.ruling === 'works') return `beside all ${stays.length} that stay, in every light of the room`;
  if (derived.ruling === 'open') {
    if (stays.length === 0) return 'nothing that stays is recorded yet';
    const left = [
      ...(derived.staysToGo > 0 ? [things(derived.staysToGo)] : []),
      ...derived.lightsToGo.map((light) => LIGHT_NAMES[light]),
    ];
    return `${listed(left)} to go`;
  }
  const { stayId, light, person, reason, verdict } = derived.because;
  if (light === null) return REACTION_WORDS[verdict === 'no' ? 'dislikes' : 'unsure'];
  const stay = stayId === null ? 'everything' : (stays.find((s) => s.id === stayId)?.name ?? 'something taken out');
  const said = reason ? sayBeside(reason, stay) : `${verdict} beside ${stay}`;
  return `${said}, ${LIGHT_NAMES[light]}${person === 'client' ? ', says the client' : ''}`;
}
