import { roomProblems, type LightRoom, type RoomProblem } from './light-room';

const FACE_NAMES = ['wall 1', 'wall 2', 'wall 3', 'wall 4', 'the floor', 'the ceiling'] as const;

/** A problem of a room in words, windows and lamps counted from 1. */
export function sayRoomProblem(problem: RoomProblem): string {
  switch (problem.reason) {
    case 'wider-than-wall':
      return `Window ${problem.window + 1} does not fit its wall, which is ${problem.roomM.toFixed(2)} m long.`;
    case 'higher-than-wall':
      return `Window ${problem.window + 1} reaches over the ceiling, which is ${problem.roomM.toFixed(2)} m high.`;
    case 'windows-overlap':
      return `Window ${problem.window + 1} overlaps window ${problem.other + 1}.`;
    case 'lamp-outside':
      return `Lamp ${problem.lamp + 1} lies outside the room.`;
    case 'reflects-everything':
      return `The reflectance of ${FACE_NAMES[problem.face]} must lie between 0 and less than 1.`;
  }
}

/** The first problem of a room in words, or undefined. */
export function firstProblem(room: LightRoom): string | undefined {
  const [problem] = roomProblems(room);
  return problem && sayRoomProblem(problem);
}
