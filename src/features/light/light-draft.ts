import type { RecordedColour, Room, Units } from '@/core/record/types';
import type { Wall } from '@/core/room/facing';
import { lengthText, toMetres, typedNumber } from '@/core/units/length';

/** The light step's fields as they are typed; lengths in the visit's unit. */
export type LightDraft = {
  readonly bearing: string;
  readonly windows: readonly { readonly id: string; readonly wall: Wall; readonly width: string; readonly height: string }[];
  readonly lamps: readonly { readonly id: string; readonly name: string; readonly cct: string }[];
  readonly oldWall: RecordedColour | null;
};

export const draftOf = (room: Room, units: Units): LightDraft => ({
  bearing: room.bearingDeg === null ? '' : String(room.bearingDeg),
  windows: room.windows.map((w) => ({
    id: w.id,
    wall: w.wall,
    width: lengthText(w.widthM, units),
    height: lengthText(w.heightM, units),
  })),
  lamps: room.lamps.map((l) => ({ id: l.id, name: l.name, cct: String(l.cctK) })),
  oldWall: room.oldWall,
});

/** The write that would save the draft; numbers that cannot be read become NaN, which the check refuses at the field. */
export const writeOf = (draft: LightDraft, room: { readonly id: string; readonly revision: number }, units: Units) => ({
  name: 'room.light' as const,
  roomId: room.id,
  revision: room.revision,
  bearingDeg: draft.bearing.trim() === '' ? null : typedNumber(draft.bearing),
  windows: draft.windows.map(({ id, wall, width, height }) => ({
    id,
    wall,
    widthM: toMetres(typedNumber(width), units),
    heightM: toMetres(typedNumber(height), units),
  })),
  lamps: draft.lamps.map(({ id, name, cct }) => ({ id, name, cctK: typedNumber(cct) })),
  oldWall: draft.oldWall,
});
