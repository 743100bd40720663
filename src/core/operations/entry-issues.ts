import { ASSUMED } from '../light/assumptions';
import type { FieldIssue } from '@/core/derived/field-issue';
import { roomLightIssues } from '@/core/derived/room-issues';
import { SHARE_SLACK, type RecordedStay } from '@/core/record/stay';
import type { Write, WriteOf } from './operations';
import { timeIssues } from './time-issues';

/** What an unmeasured room is taken as, in words at the field that does not fit it. */
const TAKEN = ', taken as such until it is measured';
const FIELDS: Readonly<Record<string, string>> = { heightM: TAKEN, widthM: TAKEN, leftM: TAKEN, sillM: TAKEN };

/** What does not fit a room whose measures are not all known, with the usual ones in their place. */
function lightIssues(write: WriteOf<'room.light'>): FieldIssue[] {
  const filled = {
    ...write,
    widthM: write.widthM ?? ASSUMED.roomWidthM.value,
    depthM: write.depthM ?? ASSUMED.roomDepthM.value,
    heightM: write.heightM ?? ASSUMED.roomHeightM.value,
  };
  return roomLightIssues(filled).map((issue) => {
    const field = String(issue.path.at(-1));
    const words = FIELDS[field] && write[missingOf(field, issue, write)] === null ? TAKEN : '';
    return { ...issue, message: issue.message.replace(/\.$/, `${words}.`) };
  });
}
/** The measure of the room an issue of a window hangs on. */
function missingOf(field: string, { path }: FieldIssue, write: WriteOf<'room.light'>): 'heightM' | 'widthM' | 'depthM' {
  if (field === 'heightM' || field === 'sillM') return 'heightM';
  const wall = path[0] === 'windows' ? write.windows[Number(path[1])]?.wall : 0;
  return (wall ?? 0) % 2 === 0 ? 'widthM' : 'depthM';
}

/** What of a room's things tells where they lie. */
export type LyingIn = { readonly stays: readonly Pick<RecordedStay, 'id' | 'name' | 'lies' | 'cover'>[] };

const FACE_WORDS = { floor: 'floor', ceiling: 'ceiling', walls: 'walls' } as const;
const percent = (share: number) => `${Math.round(share * 1000) / 10} %`;

/** Shares of a face that the other things lying there cover. */
export const coveredByOthers = <T extends LyingIn['stays'][number]>(
  { stays }: { readonly stays: readonly T[] },
  { stayId, lies }: Pick<WriteOf<'stay.save'>, 'stayId' | 'lies'>,
): readonly T[] => stays.filter((s) => s.id !== stayId && s.lies === lies && lies !== null);

function stayIssues(write: WriteOf<'stay.save'>, room: LyingIn): FieldIssue[] {
  const others = coveredByOthers(room, write);
  const total = others.reduce((sum, s) => sum + s.cover, write.lies === null ? 0 : write.cover);
  if (write.lies === null || total <= 1 + SHARE_SLACK) return [];
  const names = others.map((s) => `${s.name} (${percent(s.cover)})`).join(', ');
  const message = `With ${names} that makes ${percent(total)} of the ${FACE_WORDS[write.lies]}. Say what is seen of each: together 100 % at most.`;
  return [{ path: ['cover'], message }];
}

/**
 * What of a write cannot be as it is entered, though every field by itself could: with what was not measured taken as usual, and beside
 * what lies there already. Asked where something is entered; what was kept before this was asked stays as it is.
 */
export function entryIssues(write: Write, room: LyingIn | undefined): FieldIssue[] {
  const late = write.name === 'deck.import' ? [] : timeIssues(write);
  if (late.length > 0) return late;
  if (write.name === 'room.light') return lightIssues(write);
  if (write.name === 'stay.save' && room) return stayIssues(write, room);
  return [];
}
