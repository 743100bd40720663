'use client';

import { useMemo } from 'react';
import type { Swatch } from '@/core/engine/light-protocol';
import { candidateSwatch, colourSwatch, OLD_WALL_ID } from '@/core/engine/swatches';
import { judgingPosition } from '@/core/derived/judging-position';
import type { DecidedRoom } from '@/core/derived/decided';
import type { PaintSurface } from '@/core/derived/paint-surfaces';
import { nowPainted } from '@/core/derived/painted-over';
import type { Room } from '@/core/record/room';
import type { Wall } from '@/core/room/facing';
import { wallPosition } from '@/core/room/wall-position';
import type { SurfaceInput } from '@/core/light/surface';
import { useCursorPart } from '../cursor/cursor';
import { latest, useSpots } from '../light-client/light-worker';
import { useMomentRequests } from '../light-client/moment-request';
import { NIGHT_GLASS_HEX, SKY_HEX } from '../drawings/glass';
import { hexOf } from '../words/say-colour';
import { wallColours } from '@/core/engine/ways';

/** A dark room: everything is the same dark grey. */
const NIGHT_HEX = '#262626';
export const CEILING_ID = 'ceiling-now';

/** What is on a surface now, as far as it is recorded: the old wall, the ceiling, trim that was recorded as staying. */
export function nowOn(room: Room, { kind }: Pick<PaintSurface, 'kind'>): Pick<Swatch, 'id' | 'lab'> | undefined {
  if (kind === 'wall') return room.oldWall ? { id: OLD_WALL_ID, lab: room.oldWall.lab } : undefined;
  if (kind === 'ceiling' && room.ceiling) return { id: CEILING_ID, lab: room.ceiling.lab };
  const component = nowPainted(room.stays, kind)?.components[0];
  return component && { id: component.id, lab: component.colour.lab };
}

/** Everything that is painted or seen in the unfolded room, and what could be. */
function swatchesIn(room: Room, more: readonly Swatch[]): Swatch[] {
  const all = [
    ...room.candidates.map(candidateSwatch),
    ...room.retired.candidates.map(candidateSwatch),
    ...(room.oldWall ? [colourSwatch(OLD_WALL_ID, room.oldWall)] : []),
    ...(room.ceiling ? [colourSwatch(CEILING_ID, room.ceiling)] : []),
    ...room.stays.flatMap((s) => s.components.map((c) => colourSwatch(c.id, c.colour))),
    ...more,
  ];
  return [...new Map(all.map((s) => [s.id, s])).values()];
}

/** The walls as the light meets them: the mean of what is decided; as they are today while some are open. */
function paintedWalls(decided: DecidedRoom): SurfaceInput | undefined {
  if (decided.open.some((s) => s.kind === 'wall')) return undefined;
  const colours = wallColours(decided);
  const total = colours.reduce((sum, c) => sum + c.areaM2, 0);
  if (total <= 0) return undefined;
  const mean = (of: 'l' | 'a' | 'b') => colours.reduce((sum, c) => sum + c.candidate.lab[of] * (c.areaM2 / total), 0);
  return { lab: [mean('l'), mean('a'), mean('b')] };
}

export type SurfaceLight = {
  /** How a swatch looks on a wall at the cursor, or where the room is judged; as in the deck while nothing is computed. */
  readonly paint: (swatch: Pick<Swatch, 'id' | 'lab'>, wall: Wall | null) => string;
  readonly glass: string;
  readonly says: string | undefined;
  readonly busy: boolean;
};

/** The room as it is decided, at the cursor, wall by wall. */
export function useSurfaceLight(room: Room, decided: DecidedRoom, more: readonly Swatch[]): SurfaceLight {
  const shown = useCursorPart((m) => m.shown);
  const rooms = useMemo(() => [room], [room]);
  const walls = useMemo(() => paintedWalls(decided), [decided]);
  const [moment] = useMomentRequests(rooms, 'walls', walls);
  const swatches = useMemo(() => swatchesIn(room, more), [room, more]);
  const asked = useSpots(shown === 'in-light' ? { moment: moment!, swatches } : undefined);
  const answer = latest(asked);
  return useMemo(() => {
    const inLight = shown === 'in-light' && answer !== undefined;
    const index = new Map(swatches.map((s, k) => [s.id, k]));
    const judged = judgingPosition(room);
    const paint: SurfaceLight['paint'] = ({ id, lab }, wall) => {
      if (!inLight) return hexOf(lab);
      const position = wall === null ? judged : wallPosition(wall);
      const looks = (answer.spots.find((s) => s.position === position) ?? answer.spots[0])?.looks;
      const at = index.get(id);
      // what is not in the answer yet is painted as in the deck for the moment it takes
      const look = at === undefined ? undefined : looks?.[at];
      return look === null ? NIGHT_HEX : (look?.hex ?? hexOf(lab));
    };
    const dark = inLight && answer.spots.every((s) => s.looks.every((l) => l === null));
    return {
      paint,
      glass: dark ? NIGHT_GLASS_HEX : SKY_HEX,
      says: asked.state === 'failed' ? asked.says : undefined,
      busy: shown === 'in-light' && asked.state === 'computing',
    };
  }, [shown, answer, swatches, room, asked]);
}
