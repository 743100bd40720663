'use client';

import { Image as PictureIcon } from 'lucide-react';
import { useState, type RefObject } from 'react';
import { toast } from 'sonner';
import { Button } from '@/ui/button';
import { saveFile } from '@/ui/save-file';

/** Twice as fine as the page, so that it may be looked at large. */
const PIXELS = 2;
/** What is a control or is not on paper is not in the picture either. */
const isShown = (node: HTMLElement): boolean =>
  !(node instanceof Element) ||
  !(
    node.classList.contains('print:hidden') ||
    (['BUTTON', 'SELECT', 'PROGRESS'].includes(node.tagName) && !node.querySelector('[role=img]'))
  );

/** Saves what is shown as one picture (PNG), to send. */
export function PictureButton({ of, name }: { readonly of: RefObject<HTMLElement | null>; readonly name: string }) {
  const [busy, setBusy] = useState(false);
  const save = async () => {
    if (!of.current) return;
    setBusy(true);
    try {
      const { toBlob } = await import('html-to-image');
      const blob = await toBlob(of.current, { pixelRatio: PIXELS, filter: isShown, skipFonts: false });
      if (!blob) throw new Error('no picture');
      saveFile(blob, `${name}.png`);
    } catch {
      toast.error('The picture could not be made here. Print to a file instead.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <Button onClick={() => void save()} disabled={busy} aria-busy={busy}>
      <PictureIcon aria-hidden size={18} /> {busy ? 'Making…' : 'As a picture'}
    </Button>
  );
}
