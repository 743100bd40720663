import type { Curtain, Glazing, Ground, Obstruction } from '@/core/light/assumptions';
import type { LampKind, LampThrow } from '@/core/light/lamp';
import type { RecordedColour } from '@/core/record/recorded-colour';
import type { Room } from '@/core/record/room';
import type { RoomLamp } from '@/core/record/lamp';
import type { RoomWindow } from '@/core/record/window';
import type { Units } from '@/core/units/length';
import { wallsClose } from '@/core/light/room-fit';
import type { Wall } from '@/core/room/facing';
import { lengthText, toMetres, typedNumber } from '@/core/units/length';

/** Fields as they are typed; lengths in the visit's unit, empty where nothing was measured. */
export type WindowDraft = {
  readonly id: string;
  readonly wall: Wall;
  readonly width: string;
  readonly height: string;
  readonly left: string;
  readonly sill: string;
  readonly reveal: string;
  readonly overhang: string;
  readonly obstruction: string;
  readonly glazing: Glazing;
  readonly curtain: Curtain;
};
export type LampDraft = {
  readonly id: string;
  readonly name: string;
  readonly cctK: string;
  /** Empty for the usual of its kind. */
  readonly ra: string;
  readonly kind: LampKind;
  readonly lumens: string;
  readonly throws: LampThrow;
  readonly x: string;
  readonly y: string;
  readonly height: string;
  readonly dimmed: string;
};

/** The light step's fields as they are typed; lengths in the visit's unit. */
export type LightDraft = {
  readonly bearing: string;
  /** Walls 0 to 3, then the height. Opposite walls are the same in a box: one of each is enough. */
  readonly walls: readonly [string, string, string, string];
  readonly height: string;
  readonly ground: Ground;
  readonly obstruction: Obstruction;
  readonly windows: readonly WindowDraft[];
  readonly lamps: readonly LampDraft[];
  readonly ceiling: RecordedColour | null;
  readonly oldWall: RecordedColour | null;
};

const asText = (metres: number | null, units: Units) => (metres === null ? '' : lengthText(metres, units));

export const windowDraftOf = (w: RoomWindow, units: Units): WindowDraft => ({
  id: w.id,
  wall: w.wall,
  width: lengthText(w.widthM, units),
  height: lengthText(w.heightM, units),
  left: asText(w.leftM, units),
  sill: asText(w.sillM, units),
  reveal: lengthText(w.revealM, units),
  overhang: lengthText(w.overhangM, units),
  obstruction: String(w.obstructionDeg),
  glazing: w.glazing,
  curtain: w.curtain,
});

export const lampDraftOf = (l: RoomLamp, units: Units): LampDraft => ({
  id: l.id,
  name: l.name,
  cctK: String(l.cctK),
  ra: l.ra === null ? '' : String(l.ra),
  kind: l.kind,
  lumens: String(l.lumens),
  throws: l.throws,
  x: asText(l.xM, units),
  y: asText(l.yM, units),
  height: asText(l.heightM, units),
  dimmed: String(l.dimmedPercent),
});

export const draftOf = (room: Room, units: Units): LightDraft => ({
  bearing: room.bearingDeg === null ? '' : String(room.bearingDeg),
  walls: [asText(room.widthM, units), asText(room.depthM, units), '', ''],
  height: asText(room.heightM, units),
  ground: room.ground,
  obstruction: room.obstruction,
  windows: room.windows.map((w) => windowDraftOf(w, units)),
  lamps: room.lamps.map((l) => lampDraftOf(l, units)),
  ceiling: room.ceiling,
  oldWall: room.oldWall,
});

/** Length of a pair of opposite walls: the mean of what was measured; null without a measure. */
function pairLength(a: string, b: string, units: Units): number | null {
  const known = [a, b].filter((text) => text.trim() !== '').map((text) => toMetres(typedNumber(text), units));
  return known.length === 0 ? null : known.reduce((s, v) => s + v, 0) / known.length;
}

/** Words for opposite walls that differ too much to be those of a box, by the wall measured second. */
export function wallsThatDoNotClose({ walls }: LightDraft, units: Units): Readonly<Record<string, string>> {
  const errors: Record<string, string> = {};
  for (const wall of [2, 3] as const) {
    const [first, second] = [walls[wall - 2]!, walls[wall]].map((text) => toMetres(typedNumber(text), units));
    // two that were not both measured say nothing against each other
    if (Number.isFinite(first! + second!) && !wallsClose(first!, second!))
      errors[`walls.${wall}`] =
        `The walls do not close: the one opposite is ${walls[wall - 2]}. For a room that is no box give the mean of the two.`;
  }
  return errors;
}

const optional = (text: string, units: Units) => (text.trim() === '' ? null : toMetres(typedNumber(text), units));
/** Only LEDs are sold by their colour rendering here. */
export const isLed = (kind: LampKind): boolean => kind === 'led' || kind === 'led-high';

const orZero = (text: string) => (text.trim() === '' ? 0 : typedNumber(text));

/** The write that would save the draft; numbers that cannot be read become NaN, which the check refuses at the field. */
export const writeOf = (draft: LightDraft, room: { readonly id: string; readonly revision: number }, units: Units) => ({
  name: 'room.light' as const,
  roomId: room.id,
  revision: room.revision,
  bearingDeg: draft.bearing.trim() === '' ? null : typedNumber(draft.bearing),
  widthM: pairLength(draft.walls[0], draft.walls[2], units),
  depthM: pairLength(draft.walls[1], draft.walls[3], units),
  heightM: optional(draft.height, units),
  ground: draft.ground,
  obstruction: draft.obstruction,
  ceiling: draft.ceiling,
  windows: draft.windows.map((w) => ({
    id: w.id,
    wall: w.wall,
    widthM: toMetres(typedNumber(w.width), units),
    heightM: toMetres(typedNumber(w.height), units),
    leftM: optional(w.left, units),
    sillM: optional(w.sill, units),
    glazing: w.glazing,
    curtain: w.curtain,
    obstructionDeg: orZero(w.obstruction),
    revealM: toMetres(orZero(w.reveal), units),
    overhangM: toMetres(orZero(w.overhang), units),
  })),
  lamps: draft.lamps.map((l) => ({
    id: l.id,
    name: l.name,
    cctK: typedNumber(l.cctK),
    ra: l.ra.trim() === '' || !isLed(l.kind) ? null : typedNumber(l.ra),
    kind: l.kind,
    lumens: typedNumber(l.lumens),
    throws: l.throws,
    xM: optional(l.x, units),
    yM: optional(l.y, units),
    heightM: optional(l.height, units),
    dimmedPercent: typedNumber(l.dimmed),
  })),
  oldWall: draft.oldWall,
});
