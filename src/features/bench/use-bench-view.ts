'use client';

import { useMemo } from 'react';
import { WHITE_PAPERS } from '@/core/colour/paper';
import type { Lab } from '@/core/colour/types';
import type { Room } from '@/core/record/room';
import { useKept } from '@/ui/use-kept';
import { BENCH_KEYS } from './keys';
import { useTableKeys } from '@/ui/use-keys';
import { OLD_WALL_ID, PAPER_ID } from '@/core/engine/swatches';

export const VIEWS = ['one', 'all', 'row', 'alone', 'split', 'slide'] as const;
/** Beside one thing, beside all of them, with others in a row, alone, two strengths side by side, or slid from window to lamp. */
export type BenchView = (typeof VIEWS)[number];
export const VIEW_WORDS: Readonly<Record<BenchView, string>> = {
  one: 'One',
  all: 'All',
  row: 'Row',
  alone: 'Alone',
  split: 'Two strengths',
  slide: 'Slide',
};

/** What lies around the patches. */
export type Ground = {
  readonly id: string;
  readonly name: string;
  readonly lab: Lab | undefined;
  /** It will be painted: what is judged on it is judged wrongly. */
  readonly willBePainted: boolean;
};

const BLACK: Lab = { l: 4, a: 0, b: 0 };

/** The grounds a room offers: neutral, paper, each thing that stays, the old wall, black. */
export function groundsOf(things: Room['stays'], oldWall: Room['oldWall']): Ground[] {
  const stays = things.map((s) => {
    const largest = s.components.reduce((p, q) => (q.share > p.share ? q : p));
    return { id: largest.id, name: s.name, lab: largest.colour.lab, willBePainted: false };
  });
  return [
    { id: 'neutral', name: 'neutral grey', lab: undefined, willBePainted: false },
    { id: PAPER_ID, name: 'white paper', lab: WHITE_PAPERS.plain.lab, willBePainted: false },
    ...stays,
    ...(oldWall ? [{ id: OLD_WALL_ID, name: 'the old wall', lab: oldWall.lab, willBePainted: true }] : []),
    { id: 'black', name: 'black', lab: BLACK, willBePainted: false },
  ];
}

/** How the bench shows a pair; it is remembered between rooms. */
export function useBenchView(room: Pick<Room, 'stays' | 'oldWall'>) {
  const [view, setView] = useKept<BenchView>('bench.view', 'one', VIEWS);
  const { stays, oldWall } = room;
  const grounds = useMemo(() => groundsOf(stays, oldWall), [stays, oldWall]);
  const [groundId, setGroundId] = useKept(
    'bench.ground',
    'neutral',
    grounds.map((g) => g.id),
  );
  const [glance, setGlance] = useKept<'on' | 'off'>('bench.glance', 'on', ['on', 'off']);
  const ground = grounds.find((g) => g.id === groundId) ?? grounds[0]!;
  const toggle = (to: BenchView) => setView(view === to ? 'one' : to);
  useTableKeys(BENCH_KEYS, {
    view: (which) => toggle((['all', 'alone', 'split', 'slide', 'row'] as const)[which]!),
    around: () => setGroundId(grounds[(grounds.indexOf(ground) + 1) % grounds.length]!.id),
    glance: () => setGlance(glance === 'on' ? 'off' : 'on'),
  });
  return {
    view,
    setView,
    /** Whether a verdict on the pair can be said here: both are seen, in one light. */
    judges: view !== 'alone' && view !== 'slide',
    grounds,
    ground,
    setGroundId,
    glance: glance === 'on',
    setGlance: (on: boolean) => setGlance(on ? 'on' : 'off'),
  };
}
export type BenchLayout = ReturnType<typeof useBenchView>;
