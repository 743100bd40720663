'use client';

import { useEffect, useRef, useState } from 'react';
import { v7 } from 'uuid';
import type { Lab } from '@/core/colour/types';
import type { RecordedComponent } from '@/core/record/recorded-colour';
import type { Frame } from '@/core/scheme/picture';
import { pieceOnce } from '../light-client/light-worker';
import { sayColour } from '../words/say-colour';

/** About how far a colour out of a photograph may be off, ΔE00: with white paper in it, and without. Own choice. */
export const OFF = { paper: 5, none: 9 } as const;
/** Share that a colour picked by hand begins with. */
export const PICKED_SHARE = 0.04;
/** What a colour is called until someone calls it otherwise. */
export const nameOf = (lab: Lab): string => sayColour(lab).split(',')[0]!;

/** Names that differ, for colours of one family: "sand", "sand 2". */
function named(
  colours: readonly { lab: Lab; share: number }[],
  source: RecordedComponent['colour']['source'],
): RecordedComponent[] {
  const seen = new Map<string, number>();
  return colours.map(({ lab, share }) => {
    const name = nameOf(lab);
    const n = (seen.get(name) ?? 0) + 1;
    seen.set(name, n);
    return { id: v7(), name: n === 1 ? name : `${name} ${n}`, share, colour: { lab, source } };
  });
}

/** Shares to the tenth of a percent, the largest taking what rounding leaves. */
export function rounded(components: readonly RecordedComponent[]): RecordedComponent[] {
  const all = components.map((c) => ({ ...c, share: Math.round(c.share * 1000) / 1000 }));
  const sum = all.reduce((s, c) => s + c.share, 0);
  return all.map((c, k) => (k === 0 ? { ...c, share: Math.round((c.share + 1 - sum) * 1000) / 1000 } : c));
}

type Found = { readonly busy: boolean; readonly wrong?: string | undefined; readonly colours: readonly RecordedComponent[] };

/** The picture, what of it is the piece, and the colours that were found in it. */
export function usePiece() {
  const [file, setFile] = useState<Blob>();
  const [src, setSrc] = useState<string>();
  const [frame, setFrame] = useState<Frame | null>(null);
  const [paper, setPaper] = useState<Frame | null>(null);
  const [found, setFound] = useState<Found>({ busy: false, colours: [] });
  const asked = useRef(0);
  useEffect(() => () => void (src && URL.revokeObjectURL(src)), [src]);
  const ask = async (of: Blob, piece: Frame | null, white: Frame | null) => {
    const mine = ++asked.current;
    setFound((before) => ({ ...before, busy: true, wrong: undefined }));
    const answer = await pieceOnce({ file: of, frame: piece, paper: white }).catch(() => undefined);
    if (mine !== asked.current) return;
    if (!answer?.ok) {
      const says = answer && answer.reason === 'cannot-be' ? answer.says : 'Its colours could not be found on this device.';
      return setFound({ busy: false, wrong: says, colours: [] });
    }
    const source = { kind: 'photo', uncertainty: answer.paper === 'none' ? OFF.none : OFF.paper } as const;
    setFound({ busy: false, colours: rounded(named(answer.colours, source)) });
  };
  return {
    src,
    file,
    frame,
    paper,
    found,
    take: (next: Blob | undefined) => {
      if (!next) return;
      setFile(next);
      setSrc(URL.createObjectURL(next));
      setFrame(null);
      setPaper(null);
      void ask(next, null, null);
    },
    draw: (what: 'frame' | 'paper', area: Frame | null) => {
      const next = { frame, paper, [what]: area };
      setFrame(next.frame);
      setPaper(next.paper);
      if (file) void ask(file, next.frame, next.paper);
    },
    setColours: (colours: readonly RecordedComponent[]) => setFound((before) => ({ ...before, colours })),
  };
}
export type Piece = ReturnType<typeof usePiece>;
