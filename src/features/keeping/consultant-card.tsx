'use client';

import { useRef, useState } from 'react';
import { toast } from 'sonner';
import type { ConsultantCard } from '@/core/record/consultant-card';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { checkWrite } from '../session/check-write';
import { hashOfFile } from '../session/pictures';
import { useSelfSaving } from '../session/use-drafts';
import { useWrite } from '../session/use-session';
import { sayRefusal } from '../words/words';

type TextOf = Exclude<keyof ConsultantCard, 'logo'>;
const FIELDS: readonly { readonly of: TextOf; readonly label: string; readonly hint?: string }[] = [
  { of: 'consultantName', label: 'Your name' },
  { of: 'business', label: 'Business' },
  { of: 'address', label: 'Address' },
  { of: 'telephone', label: 'Telephone' },
  { of: 'email', label: 'E-mail', hint: 'Where clients’ answers go' },
  { of: 'footer', label: 'At the foot of every sheet' },
];

type FieldProps = {
  readonly of: TextOf;
  readonly label: string;
  readonly hint?: string;
  readonly saved: string;
  readonly onSaved: (text: string) => void;
};

function CardField({ of, label, hint, saved, onSaved }: FieldProps) {
  const write = useWrite();
  const { value, error, onChange, onBlur } = useSelfSaving({
    id: `card.${of}`,
    saved,
    where: `${label} · your card`,
    href: '/keeping',
    keep: (text) => {
      const checked = checkWrite({ name: 'consultant.card', [of]: text });
      if (!checked.ok) return Object.values(checked.errors)[0];
      return write(checked.write, { answers: true }).result.then((result) => {
        if (result.ok) onSaved(text.trim());
        return result;
      });
    },
    says: sayRefusal,
  });
  return (
    <TextField label={label} hint={hint} value={value} error={error} onChange={(e) => onChange(e.target.value)} onBlur={onBlur} />
  );
}

/** Hands a logo in and says that it is the card's. */
function useLogo(onKept: (logo: string | null) => void) {
  const write = useWrite();
  const say = async (logo: string | null) => {
    const result = await write({ name: 'consultant.card', logo }, { answers: true }).result;
    if (result.ok) onKept(logo);
    else toast.error(sayRefusal(result));
  };
  const take = async (file: File) => {
    try {
      const hash = await hashOfFile(file);
      const response = await fetch(`/api/pictures/${hash}`, { method: 'PUT', body: file });
      if (!response.ok) return void toast.error('It is not a picture that can be read (JPEG, PNG, WebP, AVIF or TIFF).');
      await say(hash);
    } catch {
      toast.error('The logo could not be handed in. Try again.');
    }
  };
  return { take, drop: () => say(null) };
}

/** Who hands papers over: the name, card, logo and footer that stand on every paper. Every field saves itself. */
export function ConsultantCardForm({ card }: { readonly card: ConsultantCard }) {
  const [said, setSaid] = useState(card);
  const file = useRef<HTMLInputElement>(null);
  const logo = useLogo((kept) => setSaid((now) => ({ ...now, logo: kept })));
  return (
    <div className="grid gap-4">
      <div className="grid gap-4 sm:grid-cols-2">
        {FIELDS.map(({ of, ...field }) => (
          <CardField
            key={of}
            of={of}
            {...field}
            saved={said[of]}
            onSaved={(text) => setSaid((now) => ({ ...now, [of]: text }))}
          />
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-3">
        {said.logo && (
          // a picture of the person's own, of any size
          // eslint-disable-next-line @next/next/no-img-element
          <img src={`/api/pictures/${said.logo}`} alt="Your logo" className="h-14 max-w-48 bg-white object-contain p-1" />
        )}
        <input
          ref={file}
          type="file"
          accept="image/*"
          className="sr-only"
          aria-label="Logo file"
          tabIndex={-1}
          onChange={(e) => {
            const [chosen] = e.target.files ?? [];
            if (chosen) void logo.take(chosen);
            e.target.value = '';
          }}
        />
        <Button onClick={() => file.current?.click()}>{said.logo ? 'Another logo' : 'Add a logo'}</Button>
        {said.logo && (
          <Button look="quiet" onClick={() => void logo.drop()}>
            Without a logo
          </Button>
        )}
      </div>
    </div>
  );
}
