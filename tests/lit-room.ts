import type { JudgedStay } from '@/core/engine/judgement-protocol';
import type { DayRequest } from '@/core/engine/light-protocol';
import { describeBox } from '@/core/derived/describe-room';
import type { RoomDescription } from '@/core/light/room-description';
import { room, roomLamp, roomWindow } from './made-up-room';

/** A room that faces south by south-west, on a clear day in September, and a floor in it. */
const lit = room({ bearingDeg: 200, windows: [roomWindow({ widthM: 1.8, heightM: 1.4 })], lamps: [roomLamp({ lumens: 1500 })] });
export const day: DayRequest & { readonly room: RoomDescription } = {
  room: describeBox(lit).description,
  place: { latitude: 51.45, longitude: -2.59 },
  date: '2026-09-23',
  zone: 'Europe/London',
  skies: 'clear',
};
export const usedFor = { use: 'all', skies: null } as const;
export const lookIn = { position: 'wall-2', lampsOn: false, scale: 1 };

export const travertine: JudgedStay = {
  id: 'floor',
  name: 'Travertine',
  kind: 'fixed',
  school: 'share',
  components: [
    { id: 'f', name: 'field', share: 0.7, lab: { l: 78, a: 3.6, b: 13 } },
    { id: 'b', name: 'band', share: 0.3, lab: { l: 70, a: 5, b: 16 } },
  ],
};
