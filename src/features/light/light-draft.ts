import type { Curtain, Glazing, Ground, Obstruction } from '@/core/light/assumptions';
import type { LampKind, LampThrow } from '@/core/light/lamp';
import type { RecordedColour } from '@/core/record/recorded-colour';
import { aroundShape } from '@/core/derived/shape-issues';
import type { Room } from '@/core/record/room';
import type { RoomShape } from '@/core/record/shape';
import type { RoomLamp } from '@/core/record/lamp';
import type { RoomWindow } from '@/core/record/window';
import type { Units } from '@/core/units/length';
import { wallsClose } from '@/core/light/room-fit';
import type { Wall } from '@/core/room/facing';
import { typedBearing } from '@/core/units/bearing';
import { lengthText, typedLength, typedNumber, type LengthKind } from '@/core/units/length';

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
  /** Of a room that is no box. */
  readonly shape: RoomShape | null;
  readonly borrows: boolean;
  readonly ground: Ground;
  readonly obstruction: Obstruction;
  readonly windows: readonly WindowDraft[];
  readonly lamps: readonly LampDraft[];
  readonly ceiling: RecordedColour | null;
  readonly oldWall: RecordedColour | null;
  readonly windowless: boolean;
  readonly lightFrom: string;
};

const asText = (metres: number | null, units: Units, kind?: LengthKind) =>
  metres === null ? '' : lengthText(metres, units, kind);

export const windowDraftOf = (w: RoomWindow, units: Units): WindowDraft => ({
  id: w.id,
  wall: w.wall,
  width: lengthText(w.widthM, units, 'window'),
  height: lengthText(w.heightM, units, 'window'),
  left: asText(w.leftM, units, 'window'),
  sill: asText(w.sillM, units, 'window'),
  reveal: lengthText(w.revealM, units, 'window'),
  overhang: lengthText(w.overhangM, units, 'window'),
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
  shape: room.shape,
  borrows: room.borrows,
  ground: room.ground,
  obstruction: room.obstruction,
  windows: room.windows.map((w) => windowDraftOf(w, units)),
  lamps: room.lamps.map((l) => lampDraftOf(l, units)),
  ceiling: room.ceiling,
  oldWall: room.oldWall,
  windowless: room.windowless,
  lightFrom: room.lightFrom,
});

/** Length of a pair of opposite walls: the mean of what was measured; null without a measure. */
function pairLength(a: string, b: string, units: Units, stored: number | null): number | null {
  if (b.trim() === '' && a === asText(stored, units)) return stored;
  const known = [a, b].filter((text) => text.trim() !== '').map((text) => typedLength(text, units));
  return known.length === 0 ? null : known.reduce((s, v) => s + v, 0) / known.length;
}

/** Words for opposite walls that differ too much to be those of a box, by the wall measured second. */
export function wallsThatDoNotClose({ walls }: LightDraft, units: Units): Readonly<Record<string, string>> {
  const errors: Record<string, string> = {};
  for (const wall of [2, 3] as const) {
    const [first, second] = [walls[wall - 2]!, walls[wall]].map((text) => typedLength(text, units));
    // two that were not both measured say nothing against each other
    if (Number.isFinite(first! + second!) && !wallsClose(first!, second!))
      errors[`walls.${wall}`] =
        `The walls do not close: the one opposite is ${walls[wall - 2]}. For a room that is no box give the mean of the two.`;
  }
  return errors;
}

/** Only LEDs are sold by their colour rendering here. */
export const isLed = (kind: LampKind): boolean => kind === 'led' || kind === 'led-high';

const orZero = (text: string) => (text.trim() === '' ? 0 : typedNumber(text));

/** Lengths of what is typed; a text that was not touched keeps the length it stands for, which it may have rounded. */
function lengths(units: Units, kind: LengthKind) {
  const of = (text: string, stored: number | null | undefined): number =>
    stored !== null && stored !== undefined && text === lengthText(stored, units, kind) ? stored : typedLength(text, units, kind);
  return {
    of,
    orNull: (text: string, stored: number | null | undefined) => (text.trim() === '' ? null : of(text, stored)),
    orZero: (text: string, stored: number | null | undefined) => (text.trim() === '' ? 0 : of(text, stored)),
  };
}

function windowOf(w: WindowDraft, stored: RoomWindow | undefined, units: Units) {
  const length = lengths(units, 'window');
  return {
    id: w.id,
    wall: w.wall,
    widthM: length.of(w.width, stored?.widthM),
    heightM: length.of(w.height, stored?.heightM),
    leftM: length.orNull(w.left, stored?.leftM),
    sillM: length.orNull(w.sill, stored?.sillM),
    glazing: w.glazing,
    curtain: w.curtain,
    obstructionDeg: orZero(w.obstruction),
    revealM: length.orZero(w.reveal, stored?.revealM),
    overhangM: length.orZero(w.overhang, stored?.overhangM),
  };
}

function lampOf(l: LampDraft, stored: RoomLamp | undefined, units: Units) {
  const length = lengths(units, 'room');
  return {
    id: l.id,
    name: l.name,
    cctK: typedNumber(l.cctK),
    ra: l.ra.trim() === '' || !isLed(l.kind) ? null : typedNumber(l.ra),
    kind: l.kind,
    lumens: typedNumber(l.lumens),
    throws: l.throws,
    xM: length.orNull(l.x, stored?.xM),
    yM: length.orNull(l.y, stored?.yM),
    heightM: length.orNull(l.height, stored?.heightM),
    dimmedPercent: typedNumber(l.dimmed),
  };
}

/** The room as it is stored, as far as a draft goes back to it. */
export type StoredLight = Pick<Room, 'id' | 'revision' | 'widthM' | 'depthM' | 'heightM' | 'windows' | 'lamps'>;

/** The write that would save the draft; what cannot be read becomes NaN, which the check refuses at the field. */
export const writeOf = (draft: LightDraft, room: StoredLight, units: Units) => ({
  name: 'room.light' as const,
  roomId: room.id,
  revision: room.revision,
  bearingDeg: draft.bearing.trim() === '' ? null : typedBearing(draft.bearing),
  shape: draft.shape,
  borrows: draft.borrows,
  ...(draft.shape
    ? aroundShape(draft.shape)
    : {
        widthM: pairLength(draft.walls[0], draft.walls[2], units, room.widthM),
        depthM: pairLength(draft.walls[1], draft.walls[3], units, room.depthM),
      }),
  heightM: lengths(units, 'room').orNull(draft.height, room.heightM),
  ground: draft.ground,
  obstruction: draft.obstruction,
  ceiling: draft.ceiling,
  windows: draft.windows.map((w) =>
    windowOf(
      w,
      room.windows.find((s) => s.id === w.id),
      units,
    ),
  ),
  lamps: draft.lamps.map((l) =>
    lampOf(
      l,
      room.lamps.find((s) => s.id === l.id),
      units,
    ),
  ),
  oldWall: draft.oldWall,
  // a window answers both
  windowless: draft.windowless && draft.windows.length === 0,
  lightFrom: draft.windows.length === 0 ? draft.lightFrom : '',
});
