'use client';

import { Crosshair, X } from 'lucide-react';
import { useState } from 'react';
import { castOf } from '@/core/colour/cast';
import { sayTowards } from '@/core/judge/say-towards';
import { photoSchema, type Photo } from '@/core/record/photo';
import { Button } from '@/ui/button';
import { FieldError, TextField } from '@/ui/field';
import { sayWhen } from '../words/say-light';
import { usePictureUrl } from '../session/use-picture-url';
import { takeAway } from '../session/take-away';
import { useHome, useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';
import { PhotoPicture } from './photo-picture';

export const SETTINGS_WORDS: Readonly<Record<Photo['settings'], string>> = {
  locked: 'exposure and white balance locked',
  automatic: 'left to the camera: proves no colour',
  unknown: 'not known: proves no colour',
};

const CANNOT = {
  'too-bright':
    'The paper is overexposed there: how bright it was is lost. Point at a darker part of it, or use another picture.',
  'too-dark': 'It is too dark there to say what the light was. Point at a brighter part of the paper.',
} as const;

function useEditing(roomId: string, photo: Photo) {
  const write = useVisitWrite();
  const [error, setError] = useState<string>();
  const edit = async (change: Partial<Pick<Photo, 'caption' | 'settings' | 'white'>>) => {
    const { caption, settings, white } = { ...photo, ...change };
    const written = write({ name: 'photo.edit', roomId, photoId: photo.id, caption, settings, white }, { answers: true });
    const result = await written.result;
    setError(result.ok ? undefined : sayRefusal(result));
  };
  const retire = () =>
    takeAway(
      (retired) => write({ name: 'photo.retire', roomId, photoId: photo.id, retired }, { answers: true }).result,
      'Photograph taken away',
    );
  return { error, setError, edit, retire };
}

type CastProps = { readonly photo: Photo; readonly corrected: boolean; readonly onCorrected: (on: boolean) => void };

/** What cast the picture has, and whether it is shown with it. */
function CastLine({ photo, corrected, onCorrected }: CastProps) {
  const cast = photo.white && castOf(photo.white.rgb);
  if (!cast?.ok) return null;
  return (
    <p className="flex items-center gap-3 text-sm">
      <span className="min-w-0 flex-1">
        As taken, white paper is <b>{sayTowards({ ...cast.directions, strongWeak: 0, lightDark: 0 })}</b> than neutral (ΔE{' '}
        {cast.directions.deltaE00.toFixed(1)}).
      </span>
      <Button
        aria-pressed={corrected}
        look={corrected ? 'main' : 'plain'}
        className="px-3"
        onClick={() => onCorrected(!corrected)}
      >
        {corrected ? 'Cast taken out' : 'As taken'}
      </Button>
    </p>
  );
}

type HandlingProps = {
  readonly photo: Photo;
  readonly name: string;
  readonly pointing: boolean;
  readonly onPointing: (on: boolean) => void;
  readonly onSettings: (settings: Photo['settings']) => void;
  readonly onRetire: () => void;
};

/** How it was taken, pointing at the paper in it, and taking it away. */
function Handling({ photo, name, pointing, onPointing, onSettings, onRetire }: HandlingProps) {
  return (
    <div className="flex flex-wrap items-center gap-2 print:hidden">
      <select
        aria-label={`How ${name} was taken`}
        className="min-h-11 min-w-0 flex-1 border border-line-strong bg-raised px-2 text-[0.9375rem]"
        value={photo.settings}
        onChange={(e) => onSettings(photoSchema.shape.settings.parse(e.target.value))}
      >
        {Object.entries(SETTINGS_WORDS).map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
      <Button aria-pressed={pointing} look={pointing ? 'main' : 'plain'} className="px-3" onClick={() => onPointing(!pointing)}>
        <Crosshair aria-hidden size={16} /> {pointing ? 'Leave it' : 'White paper'}
      </Button>
      <button
        type="button"
        aria-label={`Take away ${name}`}
        title="Take this photograph away"
        onClick={onRetire}
        className="grid size-11 cursor-pointer place-items-center hover:bg-raised"
      >
        <X aria-hidden size={18} />
      </button>
    </div>
  );
}

/** One photograph with what is known of it. */
export function PhotoCard({
  roomId,
  photo,
  number,
}: {
  readonly roomId: string;
  readonly photo: Photo;
  readonly number: number;
}) {
  const visit = useHome();
  const { error, setError, edit, retire } = useEditing(roomId, photo);
  const [caption, setCaption] = useState(photo.caption);
  const src = usePictureUrl(photo);
  const [pointing, setPointing] = useState(false);
  const [corrected, setCorrected] = useState(true);
  const name = photo.caption || `photograph ${number}`;
  const point = (white: Photo['white']) => {
    const cast = white && castOf(white.rgb);
    if (cast && !cast.ok) return setError(CANNOT[cast.reason]);
    setPointing(false);
    setCorrected(true);
    void edit({ white });
  };
  const keepCaption = () => (caption.trim() === photo.caption ? undefined : void edit({ caption: caption.trim() }));
  return (
    <li
      className="grid content-start gap-2"
      data-photo={photo.id}
      data-settings={photo.settings}
      style={{ breakInside: 'avoid' }}
    >
      <PhotoPicture
        photo={photo}
        src={src}
        says={`Photograph: ${name}`}
        corrected={corrected}
        onPoint={pointing ? point : undefined}
      />
      {pointing && <p className="text-sm font-semibold">Tap the white paper in the picture.</p>}
      <CastLine photo={photo} corrected={corrected} onCorrected={setCorrected} />
      {error && <FieldError>{error}</FieldError>}
      <TextField
        label="Caption"
        value={caption}
        maxLength={200}
        placeholder="What it shows"
        onChange={(e) => setCaption(e.target.value)}
        onBlur={keepCaption}
        onKeyDown={(e) => e.key === 'Enter' && keepCaption()}
      />
      <Handling
        {...{ photo, name, pointing }}
        onPointing={setPointing}
        onSettings={(settings) => void edit({ settings })}
        onRetire={() => void retire()}
      />
      <p className="text-sm text-soft">
        {sayWhen(photo.at, visit.place.timeZone)}
        <span className="hidden print:inline"> · {SETTINGS_WORDS[photo.settings]}</span>
      </p>
    </li>
  );
}
