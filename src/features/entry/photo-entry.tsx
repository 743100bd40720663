'use client';

import { useEffect, useRef, useState, type PointerEvent } from 'react';
import { colourFromPhoto } from '@/core/colour/from-photo';
import type { Photo } from '@/core/record/photo';
import type { RecordedColour } from '@/core/record/recorded-colour';
import { buttonClass } from '@/ui/button';
import { FieldError } from '@/ui/field';
import { readCircle, readPoint } from './read-picture';

/** Radius of the circle that is averaged, as a share of the picture's width. Own choice. */
const RADIUS = 0.02;

const REFUSED = {
  'paper-too-bright': 'The paper is blown out: take the picture a little darker, or point at a part of it in shade.',
  'paper-too-dark': 'The paper is too dark to tell its colour by.',
  clipped: 'That place is blown out: take the picture a little darker, or point beside the shine.',
} as const;

type Point = { readonly x: number; readonly y: number };
type Picture = { readonly src: string; readonly white: Photo['white']; readonly locked: boolean };
type Props = { readonly photos: readonly Photo[]; readonly onColour: (colour: RecordedColour) => void };

function Mark({ at, says }: { readonly at: Point; readonly says: string }) {
  return (
    <span
      className="pointer-events-none absolute -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-white outline-2 outline-[#1a1a1a]"
      style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%`, width: `${RADIUS * 200}%`, aspectRatio: '1' }}
    >
      <span className="absolute top-full left-1/2 mt-1 -translate-x-1/2 bg-white/90 px-1 text-xs whitespace-nowrap text-[#1a1a1a]">
        {says}
      </span>
    </span>
  );
}

/** The picture that is pointed into: what was tapped, and what was read there. */
function usePhotoReading(onColour: Props['onColour']) {
  const [picture, setPicture] = useState<Picture>();
  const [paper, setPaper] = useState<Photo['white']>(null);
  const [spot, setSpot] = useState<Point>();
  const [says, setSays] = useState<{ readonly text: string; readonly wrong: boolean }>();
  const image = useRef<HTMLImageElement>(null);
  const own = useRef<string | undefined>(undefined);
  useEffect(
    () => () => {
      if (own.current) URL.revokeObjectURL(own.current);
    },
    [],
  );
  const show = (next: Picture) => {
    setPicture(next);
    setPaper(next.white);
    setSpot(undefined);
    setSays(undefined);
  };
  const fromFile = (file: File | undefined) => {
    if (!file) return;
    if (own.current) URL.revokeObjectURL(own.current);
    own.current = URL.createObjectURL(file);
    show({ src: own.current, white: null, locked: false });
  };
  const read = (at: Point, white: NonNullable<Photo['white']>) => {
    const pixels = image.current ? readCircle(image.current, at, RADIUS) : [];
    if (pixels.length === 0) return;
    setSpot(at);
    const found = colourFromPhoto([white.rgb[0]!, white.rgb[1]!, white.rgb[2]!], pixels, picture?.locked ?? false);
    if (!found.ok) return setSays({ text: REFUSED[found.reason], wrong: true });
    const uncertainty = Math.round(found.uncertainty * 10) / 10;
    setSays({
      text: `Off by about ΔE ${Math.round(uncertainty)}: ${found.strongCast ? 'its light was far from daylight; by a window, lamps off, it is nearer' : 'a photograph is a beginning'}. Put it right by eye, or measure it.`,
      wrong: false,
    });
    onColour({ lab: found.lab, source: { kind: 'photo', uncertainty } });
  };
  const tap = (event: PointerEvent<HTMLButtonElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const at = { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height };
    if (!image.current) return;
    if (paper) return read(at, paper);
    setPaper(readPoint(image.current, at.x, at.y));
  };
  return { picture, paper, spot, says, image, show, fromFile, tap, elsewhere: () => setPaper(null) };
}
type Reading = ReturnType<typeof usePhotoReading>;

/** Another picture, or one of the room's. */
function ChoosePicture({ photos, reading: { picture, fromFile, show } }: { photos: Props['photos']; reading: Reading }) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <label className={buttonClass(picture ? 'plain' : 'strong')}>
        {picture ? 'Another picture' : 'Take or choose a picture'}
        <input type="file" accept="image/*" className="sr-only" onChange={(e) => fromFile(e.target.files?.[0])} />
      </label>
      {photos.map((photo) => (
        <button
          key={photo.id}
          type="button"
          aria-label={`The room’s photograph${photo.caption ? `: ${photo.caption}` : ''}`}
          onClick={() => show({ src: `/api/pictures/${photo.picture}`, white: photo.white, locked: photo.settings === 'locked' })}
          className="size-14 cursor-pointer overflow-hidden border border-line-strong"
        >
          {/* eslint-disable-next-line @next/next/no-img-element -- from this machine: there is nothing for an image service to do */}
          <img src={`/api/pictures/${photo.picture}`} alt="" className="size-full object-cover" />
        </button>
      ))}
    </div>
  );
}

/** The picture, tapped first on the paper, then on the thing. */
function Pointing({ picture, reading: { paper, spot, image, tap, elsewhere } }: { picture: Picture; reading: Reading }) {
  return (
    <>
      <p className="font-semibold" role="status">
        {paper ? 'Now tap the thing.' : 'Tap the white paper first.'}
      </p>
      <button
        type="button"
        onPointerUp={tap}
        aria-label={paper ? 'Tap the thing' : 'Tap the white paper'}
        className="relative block w-full cursor-crosshair"
      >
        {/* eslint-disable-next-line @next/next/no-img-element -- from this machine or this page */}
        <img ref={image} src={picture.src} alt="" className="block h-auto w-full" />
        {paper && <Mark at={paper} says="paper" />}
        {spot && <Mark at={spot} says="this" />}
      </button>
      {paper && (
        <button type="button" onClick={elsewhere} className="min-h-11 justify-self-start underline underline-offset-4">
          The paper is elsewhere
        </button>
      )}
    </>
  );
}

/** A colour from a photograph that has white paper in it: one tap on the paper, one on the thing. */
export function PhotoEntry({ photos, onColour }: Props) {
  const reading = usePhotoReading(onColour);
  const { picture, says } = reading;
  return (
    <div className="grid gap-2">
      <ChoosePicture {...{ photos, reading }} />
      {!picture && (
        <p className="text-sm text-soft">
          With a sheet of white paper in it, in the same light as the thing. Nothing of it is kept but the colour.
        </p>
      )}
      {picture && <Pointing {...{ picture, reading }} />}
      {says && (says.wrong ? <FieldError>{says.text}</FieldError> : <p className="text-sm">{says.text}</p>)}
    </div>
  );
}
