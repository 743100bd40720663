'use client';

import { FileSpreadsheet, FileText, FolderDown, Mail } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { saveFile } from '@/ui/save-file';
import type { HandOver, PaperName } from '@/core/handover/hand-over';
import { SHEET_NAMES, sheetsOf } from '@/core/units/habits';
import { useSay } from '@/speech/local-words';
import { Button, buttonClass } from '@/ui/button';
import { useHome } from '../session/visit-context';
import { mailOf } from './mail';

/** The name a response gives its file. */
const nameOf = (response: Response, otherwise: string) =>
  decodeURIComponent(/filename\*=UTF-8''([^;]+)/.exec(response.headers.get('content-disposition') ?? '')?.[1] ?? otherwise);

/** Makes a file on this machine and gives it to be kept; says that it is being made. Its name, or undefined where it could not be made. */
function usePdf() {
  const [making, setMaking] = useState<string>();
  const make = async (href: string, file: string): Promise<string | undefined> => {
    // the button keeps the focus, and does nothing twice
    if (making !== undefined) return undefined;
    setMaking(file);
    try {
      const response = await fetch(href);
      if (!response.ok) throw new Error(`${file}: ${response.status}`);
      const name = nameOf(response, file);
      saveFile(await response.blob(), name);
      return name;
    } catch {
      toast.error('It could not be made. What is saved is not touched: try again.');
      return undefined;
    } finally {
      setMaking(undefined);
    }
  };
  return { making, make };
}

/** A paper as a file: PDF in two sizes, CSV; all of them in one, and a mail with this one. */
export function TakeAway({ name, made }: { readonly name: PaperName; readonly made: HandOver }) {
  const visit = useHome();
  const { making, make } = usePdf();
  const say = useSay();
  const rooms = made.rooms.length;
  const href = (file: string) => `/api/visits/${visit.id}/papers/${file}`;
  const [size] = sheetsOf(visit);
  const mail = async () => {
    const file = `${name}-${size}.pdf`;
    const kept = await make(href(file), file);
    if (!kept) return;
    window.location.href = mailOf(name, made, visit.people, { file: kept, say });
    toast(`${kept} is in your downloads: add it to the mail.`);
  };
  const all = `all-${size}.zip`;
  return (
    <>
      {sheetsOf(visit).map((paper) => {
        const file = `${name}-${paper}.pdf`;
        return (
          <Button
            key={paper}
            aria-disabled={making !== undefined}
            aria-busy={making === file}
            onClick={() => void make(href(file), file)}
          >
            <FileText aria-hidden size={18} />{' '}
            {making === file ? `Making ${rooms === 1 ? '1 room' : `${rooms} rooms`}…` : `PDF, ${SHEET_NAMES[paper]}`}
          </Button>
        );
      })}
      <a className={buttonClass()} href={href(`${name}.csv`)} download>
        <FileSpreadsheet aria-hidden size={18} /> CSV
      </a>
      <Button aria-disabled={making !== undefined} onClick={() => void mail()}>
        <Mail aria-hidden size={18} /> Mail
      </Button>
      <Button
        look="main"
        aria-disabled={making !== undefined}
        aria-busy={making === all}
        onClick={() => void make(href(all), all)}
      >
        <FolderDown aria-hidden size={18} /> {making === all ? 'Making all…' : 'All papers'}
      </Button>
    </>
  );
}
