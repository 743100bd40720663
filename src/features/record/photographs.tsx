'use client';

import { Camera, ImageUp } from 'lucide-react';
import { useId } from 'react';
import { photographsOf, type Photo } from '@/core/record/photo';
import type { Room } from '@/core/record/room';
import { buttonClass } from '@/ui/button';
import { ChoiceRow } from '@/ui/choice-row';
import { FieldError } from '@/ui/field';
import { EmptyState } from '@/ui/step-title';
import { useKept } from '@/ui/use-kept';
import { PhotoCard } from './photo-card';
import { Stills } from './stills';
import { useUpload, type Upload } from './use-upload';

const SETTINGS = ['locked', 'automatic', 'unknown'] as const;

type PickProps = {
  readonly label: string;
  readonly camera: boolean;
  readonly icon: React.ReactNode;
  readonly onFiles: (files: readonly File[]) => void;
};

/** A button that opens the camera or the file chooser. */
function PickFiles({ label, camera, icon, onFiles }: PickProps) {
  const id = useId();
  return (
    <>
      <input
        id={id}
        type="file"
        accept="image/*"
        className="peer sr-only"
        {...(camera ? { capture: 'environment' as const } : { multiple: true })}
        onChange={(e) => {
          onFiles([...(e.target.files ?? [])]);
          e.target.value = '';
        }}
      />
      <label
        htmlFor={id}
        className={buttonClass(camera ? 'main' : 'plain', 'peer-focus-visible:outline-3 peer-focus-visible:outline-offset-2')}
      >
        {icon} {label}
      </label>
    </>
  );
}

function Progress({ upload }: { readonly upload: Upload }) {
  return (
    <div role="status">
      {upload.left > 0 && (
        <p className="mt-2 text-sm">
          {upload.left} {upload.left === 1 ? 'picture' : 'pictures'} on the way…
        </p>
      )}
      {upload.problems.map((problem) => (
        <FieldError key={problem}>{problem}</FieldError>
      ))}
    </div>
  );
}

/** Photographs of a room: from the camera or a file, each with how it was taken and where white paper lies in it. */
export function Photographs({ room }: { readonly room: Room }) {
  const [settings, setSettings] = useKept<Photo['settings']>('photo.settings', 'unknown', SETTINGS);
  const photos = photographsOf(room);
  const upload = useUpload(room.id);
  const send = (files: readonly File[]) => (files.length > 0 ? void upload.send(files, settings) : undefined);
  return (
    <section aria-labelledby="photographs" className="min-w-0">
      <h2 id="photographs" className="mb-2 text-lg font-semibold">
        Photographs
      </h2>
      <div className="flex flex-wrap items-center gap-2 print:hidden">
        <ChoiceRow
          label="Exposure and white balance"
          value={settings}
          onChange={setSettings}
          options={[
            { value: 'locked', label: 'Locked' },
            { value: 'automatic', label: 'Automatic' },
            { value: 'unknown', label: 'Not known' },
          ]}
        />
        <PickFiles label="Take one" camera icon={<Camera aria-hidden size={18} />} onFiles={send} />
        <PickFiles label="From files" camera={false} icon={<ImageUp aria-hidden size={18} />} onFiles={send} />
      </div>
      <p className="mt-2 text-sm text-soft print:hidden">
        Lock exposure and white balance before the first picture and lay a sheet of white paper in it, or it proves nothing about
        colour. Place, camera and time that a picture carries are left out when it is kept.
      </p>
      <Progress upload={upload} />
      {photos.length === 0 ? (
        <div className="mt-4">
          <EmptyState title="No photograph yet">The boards beside what stays, in the light they were judged in.</EmptyState>
        </div>
      ) : (
        <ul aria-label="Photographs" className="mt-4 grid gap-x-5 gap-y-8 sm:grid-cols-2">
          {photos.map((photo, i) => (
            <PhotoCard key={photo.id} roomId={room.id} photo={photo} number={i + 1} />
          ))}
        </ul>
      )}
      <Stills room={room} />
    </section>
  );
}
