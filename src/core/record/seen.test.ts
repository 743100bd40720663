import { room, verdict } from '../../../tests/made-up-room';
import { seenAndComputed } from '@/core/derived/cell';
import { hitRate } from '@/core/derived/hit-rate';
import { roomRecord } from '@/core/derived/room-record';
import { sayRuling, sayUnlooked } from '@/core/derived/say-ruling';
import { clockAgrees, howSeen, isLookedAt } from './seen';
import { standingVerdicts } from '@/core/derived/standing';

const MOMENT = { at: '2026-09-23T16:00:00.000Z', sky: 'clear', lampsOn: false, position: 'wall-2', lux: 300 } as const;

test('as it was said; before that was kept, by the clock', () => {
  const said = (seen: 'in-room' | 'on-screen' | null, at: string) => howSeen({ seen, at, moment: MOMENT });
  expect(said('on-screen', MOMENT.at)).toBe('on-screen');
  expect(said('in-room', '2026-09-23T10:00:00.000Z')).toBe('in-room');
  expect(said(null, '2026-09-23T16:30:00.000Z')).toBe('in-room');
  expect(said(null, '2026-09-23T10:00:00.000Z')).toBe('on-screen');
  expect(said(null, '2026-09-24T16:00:00.000Z')).toBe('on-screen');
  expect(howSeen({ seen: null, moment: null, at: MOMENT.at })).toBe('in-room');
});

test('three quarters of an hour either way are one light', () => {
  const at = Date.parse(MOMENT.at);
  expect([-46, -45, 0, 45, 46].map((minutes) => clockAgrees(at, at + minutes * 60_000))).toEqual([
    false,
    true,
    true,
    true,
    false,
  ]);
});

describe('what was judged on the screen', () => {
  const looked = verdict({ seen: 'in-room', verdict: 'no', reason: 'too-green' });
  const screen = verdict({ seen: 'on-screen', verdict: 'works' });
  const photo = verdict({ seen: 'photograph', stayId: 'trim', verdict: 'no', predicted: 'works' });

  test('stands beside what was looked at and does not take its place', () => {
    expect(standingVerdicts([looked, screen]).map((v) => v.id)).toEqual([looked.id, screen.id]);
    expect(standingVerdicts([screen, verdict({ seen: 'on-screen', verdict: 'nearly' })])).toHaveLength(1);
  });

  test('is no light seen, no ruling, no hit; it is kept and said', () => {
    const lamps = verdict({ seen: 'on-screen', light: 'lamps' });
    const row = (verdicts: (typeof looked)[]) => roomRecord(room({ verdicts })).rows.find((r) => r.candidate.id === 'c100')!;
    const only = row([screen, photo, lamps]);
    expect([only.ruling, only.derived.ruling, only.coverage.seenIn]).toEqual(['untried', 'open', []]);
    expect(sayUnlooked(only)).toBe('3 verdicts on the screen and on a photograph, not looked at in the room');
    expect(sayRuling(only)).toBe('Not tried yet');
    const both = row([looked, screen, photo]);
    expect([both.ruling, both.coverage.seenIn]).toEqual(['not', ['window-day']]);
    expect(both.verdicts.map(isLookedAt)).toEqual([true]);
    expect(hitRate([room({ verdicts: [screen, photo] })]).seen).toBe(0);
    expect(sayUnlooked(row([looked]))).toBe('');
  });

  test('shows in a cell where nothing was seen, and not where something was', () => {
    expect(seenAndComputed([screen], [])).toMatchObject({ seen: undefined, unlooked: screen });
    expect(seenAndComputed([looked, screen], [])).toMatchObject({ seen: looked, unlooked: undefined });
  });
});
