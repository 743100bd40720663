'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import { stillsOf, type Photo } from '@/core/record/photo';
import type { Room } from '@/core/record/room';
import { TextField } from '@/ui/field';
import { takeAway } from '../session/take-away';
import { usePictureUrl } from '../session/use-picture-url';
import { useVisitWrite } from '../session/visit-context';

function Still({ roomId, still }: { readonly roomId: string; readonly still: Photo }) {
  const write = useVisitWrite();
  const src = usePictureUrl(still);
  const [caption, setCaption] = useState(still.caption);
  const keep = () => {
    const said = caption.trim();
    if (said === still.caption) return;
    const { settings, white } = still;
    void write({ name: 'photo.edit', roomId, photoId: still.id, caption: said, settings, white });
  };
  const retire = () =>
    takeAway(
      (retired) => write({ name: 'photo.retire', roomId, photoId: still.id, retired }, { answers: true }).result,
      'Picture taken away',
    );
  return (
    <li className="grid content-start gap-2" data-still={still.id}>
      {/* from this server's own store */}
      {/* eslint-disable-next-line @next/next/no-img-element */}
      <img src={src} alt={`Predicted: ${still.predicted}`} className="w-full border border-dashed border-line-strong" />
      <p className="flex items-start gap-2 text-sm">
        <span className="flex-1">Predicted: {still.predicted}</span>
        <button
          type="button"
          aria-label={`Take away the picture of ${still.predicted}`}
          title="Take this picture away"
          onClick={retire}
          className="grid size-11 shrink-0 cursor-pointer place-items-center hover:bg-raised print:hidden"
        >
          <X aria-hidden size={18} />
        </button>
      </p>
      <TextField
        label="What to say of it on the client’s sheet"
        value={caption}
        maxLength={200}
        onChange={(e) => setCaption(e.target.value)}
        onBlur={keep}
      />
    </li>
  );
}

/** Pictures of the room that were computed here: on the client's sheet, and never taken for photographs. */
export function Stills({ room }: { readonly room: Room }) {
  const stills = stillsOf(room);
  if (stills.length === 0) return null;
  return (
    <section aria-labelledby="stills" className="mt-8">
      <h3 id="stills" className="mb-2 font-semibold">
        Predicted pictures, on the client’s sheet
      </h3>
      <ul className="grid gap-x-5 gap-y-8 sm:grid-cols-2">
        {stills.map((still) => (
          <Still key={still.id} roomId={room.id} still={still} />
        ))}
      </ul>
    </section>
  );
}
