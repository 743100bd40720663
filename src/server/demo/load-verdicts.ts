import { judgedThings } from '@/core/engine/judged-things';
import { cells } from '@/core/engine/record-cells';
import { middleOfKind, recordLights, type RecordLights } from '@/core/engine/record-lights';
import { toTheEnd } from '@/core/engine/steps';
import { candidateSwatch } from '@/core/engine/swatches';
import type { Reason } from '@/core/judge/reasons';
import { inDayOrder } from '@/core/light/day-kinds';
import { describeRoom } from '@/core/derived/describe-room';
import { judgingLightOf } from '@/core/derived/judging-light';
import { judgingPosition } from '@/core/derived/judging-position';
import type { JudgingLight } from '@/core/room/facing';
import type { DemoColour, DemoTry } from '../../../demo/visit';
import { devices } from '../devices/devices';
import { loadVisit } from '../visits/load-visit';
import { DATE, PLACE, type Ids, type Loader } from './loader';

const VERDICTS = { W: 'works', N: 'nearly', X: 'no' } as const;

/** What is computed for a room in the lights of its record, as a page computes it. */
async function computedOf({ db }: Loader, { visitId, roomId }: Ids) {
  const { schools, rooms } = (await loadVisit(db, visitId))!;
  const room = rooms.find((r) => r.id === roomId)!;
  const position = judgingPosition(room);
  const lit = {
    day: { room: describeRoom(room).description, place: PLACE, date: DATE, zone: PLACE.timeZone },
    lookIn: { position, lampsOn: false, scale: 1 },
    usedFor: { use: room.use, skies: await devices().skyService.skyShares(DATE) },
  };
  const { kind, wish, moreWishes } = room;
  const advised = { ...lit, kind, wish, moreWishes, schools };
  const found = toTheEnd(cells({ ...advised, stays: judgedThings(room), candidates: room.candidates.map(candidateSwatch) }));
  if (!found.ok) throw new Error(`demo: ${JSON.stringify(found)}`);
  return { position, lights: toTheEnd(recordLights(lit)), cells: found.cells };
}

type Tried = {
  readonly tries: readonly DemoTry[];
  readonly stayIds: readonly string[];
  readonly idOf: (colour: DemoColour) => string;
  readonly lookOf: (light: JudgingLight, candidateId: string) => string | null;
};

/** Verdicts, each with the light that stands for its light in the record, and what was predicted there. */
export async function loadVerdicts(loader: Loader, ids: Ids, { tries, stayIds, idOf, lookOf }: Tried) {
  if (tries.length === 0) return;
  const { position, lights, cells: predictions } = await computedOf(loader, ids);
  for (const tried of tries) {
    const candidateId = idOf([tried.code, tried.strength]);
    for (const { light, person, stay, verdict, reason } of marksOf(tried)) {
      const stayId = stayIds[stay]!;
      const kind = kindFor(light, lights);
      const of = kind && lights.get(kind);
      if (!of) throw new Error(`demo: the room has no ${light}`);
      const cell = predictions.find((c) => c.candidateId === candidateId && c.stayId === stayId && c.light === kind);
      const prediction = cell ? { predicted: cell.verdict, predictedIn: 'light' as const } : {};
      const moment = { ...middleOfKind(of).moment, position };
      const kept = judgingLightOf(moment);
      if (!kept) throw new Error(`demo: too dark for ${light}`);
      const lookId = light === 'sun' ? null : lookOf(kept, candidateId);
      const given = {
        candidateId,
        stayId,
        light: kept,
        person,
        verdict,
        moment,
        seen: 'in-room',
        lookId,
        ...prediction,
      } as const;
      const verdictId = await loader.write({ name: 'verdict.give', roomId: ids.roomId, ...given });
      if (reason) await loader.write({ name: 'verdict.reason', roomId: ids.roomId, verdictId, reason });
    }
  }
}

type Mark = {
  /** As the demo calls it: see {@link kindFor}. */
  readonly light: DemoLight;
  readonly person: 'consultant' | 'client';
  /** Number of the thing that stays. */
  readonly stay: number;
  readonly verdict: (typeof VERDICTS)[keyof typeof VERDICTS];
  readonly reason: Reason | undefined;
};

/** A day without sun in the room, or the first there is; the last sun that comes in; a grey day; the lamps. */
type DemoLight = 'day' | 'sun' | 'overcast' | 'lamps';
function kindFor(light: DemoLight, lights: RecordLights): JudgingLight | undefined {
  if (light === 'overcast' || light === 'lamps') return light;
  const byDay = inDayOrder(lights.keys()).filter((l) => l !== 'overcast' && l !== 'lamps' && l !== 'lamps-by-day');
  return light === 'day' ? byDay[0] : byDay.at(-1);
}

/** The marks of a colour, "W N:too-green ." for each light. */
function marksOf(tried: DemoTry): Mark[] {
  const rows = [
    ['day', 'consultant', tried.day],
    ['sun', 'consultant', tried.sun],
    ['overcast', 'consultant', tried.overcast],
    ['lamps', 'consultant', tried.lamps],
    ['day', 'client', tried.client],
  ] as const;
  return rows.flatMap(([light, person, marks]) =>
    (marks?.split(' ') ?? []).flatMap((mark, stay): Mark[] => {
      const [letter, reason] = mark.split(':');
      if (letter === '.') return [];
      return [{ light, person, stay, verdict: VERDICTS[letter as keyof typeof VERDICTS], reason: reason as Reason | undefined }];
    }),
  );
}
