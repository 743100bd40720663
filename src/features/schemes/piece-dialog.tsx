'use client';

import { useState } from 'react';
import { toast } from 'sonner';
import { v7 } from 'uuid';
import { photographsOf, type Photo } from '@/core/record/photo';
import type { RoomInLight } from '@/core/derived/kinds-of-light';
import type { WriteOf } from '@/core/operations/operations';
import type { Frame } from '@/core/scheme/picture';
import { Button, buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError, TextField } from '@/ui/field';
import { preparePicture, type Prepared } from '../session/prepare-picture';
import { useVisitWrite } from '../session/visit-context';
import { sayRefusal } from '../words/words';
import { PieceColours } from './piece-colours';
import { Drawn, type Drawing } from './piece-drawing';
import { usePiece, type Piece } from './use-piece';

const KINDS = [
  { value: 'art', label: 'Picture' },
  { value: 'rug', label: 'Rug' },
  { value: 'curtains', label: 'Fabric' },
  { value: 'other', label: 'Something else' },
] as const;
type Kind = (typeof KINDS)[number]['value'];
/** The part of a picture that is the piece, as a picture of its own. */
async function cut(src: string, frame: Frame | null): Promise<Blob | null> {
  const image = new Image();
  image.src = src;
  await image.decode();
  const of = frame ?? { x: 0, y: 0, width: 1, height: 1 };
  const [w, h] = [image.naturalWidth * of.width, image.naturalHeight * of.height];
  const scale = Math.min(1, 1600 / Math.max(w, h));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(w * scale));
  canvas.height = Math.max(1, Math.round(h * scale));
  const [x, y] = [image.naturalWidth * of.x, image.naturalHeight * of.y];
  canvas.getContext('2d')?.drawImage(image, x, y, w, h, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.9));
}

function ChoosePicture({ photos, piece }: { readonly photos: readonly Photo[]; readonly piece: Piece }) {
  const fromRoom = async (photo: Photo) => {
    const response = await fetch(`/api/pictures/${photo.picture}`).catch(() => ({ ok: false }) as const);
    if (response.ok) piece.take(await response.blob());
    else toast.error('That photograph could not be read: Elm Swatch does not answer just now.');
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      <label className={buttonClass(piece.src ? 'plain' : 'main')}>
        {piece.src ? 'Another picture' : 'Take or choose a picture'}
        <input type="file" accept="image/*" className="sr-only" onChange={(e) => piece.take(e.target.files?.[0])} />
      </label>
      {photos.map((photo) => (
        <button
          key={photo.id}
          type="button"
          aria-label={`The room’s photograph${photo.caption ? `: ${photo.caption}` : ''}`}
          onClick={() => void fromRoom(photo)}
          className="size-14 cursor-pointer overflow-hidden border border-line-strong"
        >
          {/* eslint-disable-next-line @next/next/no-img-element -- from this machine: there is nothing for an image service to do */}
          <img src={`/api/pictures/${photo.picture}`} alt="" className="size-full object-cover" />
        </button>
      ))}
    </div>
  );
}

/** What is drawn on the picture, and the way back. */
function PictureColumn({ piece }: { readonly piece: Piece }) {
  const [drawing, setDrawing] = useState<Drawing>('frame');
  return (
    <div className="grid content-start gap-2">
      <ChoiceRow<Drawing>
        label="Draw on the picture"
        value={drawing}
        onChange={setDrawing}
        options={[
          { value: 'frame', label: 'The piece' },
          { value: 'paper', label: 'White paper' },
          { value: 'pick', label: 'Pick a colour' },
        ]}
      />
      <p className="text-sm text-soft">
        {drawing === 'pick' ? 'Tap a colour that was missed.' : 'Drag over it. Until then all of the picture is the piece.'}
      </p>
      <Drawn piece={piece} drawing={drawing} />
      <div className="flex gap-2">
        {piece.frame && <Button onClick={() => piece.draw('frame', null)}>All of the picture</Button>}
        {piece.paper && <Button onClick={() => piece.draw('paper', null)}>No paper in it</Button>}
      </div>
    </div>
  );
}

/** Keeps a piece as a thing of the room, its picture with it. Answers its id; undefined where it is refused, which is told. */
function useKeepPiece(room: RoomInLight) {
  const write = useVisitWrite();
  /** A picture is kept as long as a photograph names it; null where it is not. */
  const keepPicture = async ({ picture, width, height }: Extract<Prepared, { ok: true }>): Promise<string | null> => {
    const photo = { name: 'photo.add', roomId: room.id, picture, width, height, settings: 'unknown' } as const;
    const result = await write(photo, { answers: true }).result;
    return result.ok ? picture : null;
  };
  return async ({ src, frame, found }: Piece, kind: Kind, called: string): Promise<string | undefined> => {
    const blob = await cut(src!, frame).catch(() => null);
    const kept = blob && (await preparePicture(new File([blob], 'piece.jpg', { type: 'image/jpeg' })));
    const picture = kept?.ok ? await keepPicture(kept) : null;
    if (picture === null) toast('Its colours are kept, the picture itself could not be.');
    const stayId = v7();
    const stay: WriteOf<'stay.save'> = {
      name: 'stay.save',
      roomId: room.id,
      stayId,
      stay: called,
      revision: null,
      thing: kind,
      kind: kind === 'art' ? 'artwork' : 'furnishing',
      school: 'share',
      lies: null,
      cover: 1,
      picture,
      components: [...found.colours].sort((p, q) => q.share - p.share),
    };
    const result = await write(stay, { answers: true }).result;
    if (!result.ok) toast.error(sayRefusal(result));
    return result.ok ? stayId : undefined;
  };
}

type Props = { readonly room: RoomInLight; readonly onMade: (stayId: string) => void };

/** What was found, what it is, and keeping it. */
function FoundColumn({ room, piece, onMade }: Props & { readonly piece: Piece }) {
  const [kind, setKind] = useState<Kind>('art');
  const [name, setName] = useState('');
  const [saving, setSaving] = useState(false);
  const keep = useKeepPiece(room);
  const { found } = piece;
  const usual = KINDS.find((k) => k.value === kind)!.label;
  const save = async () => {
    setSaving(true);
    const made = await keep(piece, kind, name.trim() || usual);
    setSaving(false);
    if (made) onMade(made);
  };
  return (
    <div className="grid content-start gap-3">
      {found.busy && (
        <p role="status" className="text-soft">
          Looking for its colours…
        </p>
      )}
      {found.wrong && <FieldError>{found.wrong}</FieldError>}
      {found.colours.length === 1 && !found.busy && (
        <p className="text-sm">Only one colour was found: a scheme can begin from it as from any colour.</p>
      )}
      <PieceColours piece={piece} />
      {found.colours.length > 0 && (
        <>
          <ChoiceRow<Kind> label="What it is" value={kind} onChange={setKind} options={[...KINDS]} />
          <TextField label="What you call it" value={name} placeholder={usual} onChange={(e) => setName(e.target.value)} />
          <div>
            <Button look="main" disabled={saving || found.busy} onClick={() => void save()}>
              Keep it as a thing of {room.name}
            </Button>
          </div>
        </>
      )}
    </div>
  );
}

/** A painting, a rug, a fabric out of a photograph: its colours and their shares. It is a thing of the room at once. */
export function PieceDialog({ room, onMade }: Props) {
  const piece = usePiece();
  return (
    <div className="grid gap-4">
      <ChoosePicture photos={photographsOf(room)} piece={piece} />
      {piece.src ? (
        <div className="grid grid-cols-2 gap-5 max-md:grid-cols-1">
          <PictureColumn piece={piece} />
          <FoundColumn {...{ room, piece, onMade }} />
        </div>
      ) : (
        <p className="text-sm text-soft">
          Straight on, without flash, a sheet of white paper beside it: the paper takes the cast of the light out. Shading, weave
          and noise are not taken for colours.
        </p>
      )}
    </div>
  );
}
