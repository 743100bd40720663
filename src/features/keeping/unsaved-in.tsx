'use client';

import { Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import { counted } from '@/core/base/words';
import { Button } from '@/ui/button';
import { browserSession } from '../session/browser-session';

/** Such a file is text of a few entries; a larger one is another, bytes. */
const MOST = 16 * 1024 * 1024;

/** Takes in a file of what a page could not save. */
export function TakeUnsavedIn() {
  const input = useRef<HTMLInputElement>(null);
  const [says, setSays] = useState('');
  const take = async (file: File) => {
    const count = file.size > MOST ? undefined : browserSession().session.takeIn(await file.text());
    if (count === undefined) return setSays(`${file.name} is no file of what was not saved. Nothing was changed.`);
    setSays(count === 0 ? `Nothing waited in ${file.name}.` : `${counted(count, 'entry', 'entries')} of ${file.name} taken in.`);
  };
  return (
    <div className="grid justify-items-start gap-3">
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        aria-label="A file of what was not saved"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) void take(file);
        }}
      />
      <Button onClick={() => input.current?.click()}>
        <Upload aria-hidden size={18} /> Take it in…
      </Button>
      <p role="status">{says}</p>
    </div>
  );
}
