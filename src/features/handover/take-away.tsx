'use client';

import { FileSpreadsheet, FileText } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import type { PaperName } from '@/core/handover/hand-over';
import { Button, buttonClass } from '@/ui/button';
import { useVisit } from '../session/visit-context';

const SIZES = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const;

/** The name a response gives its file. */
const nameOf = (response: Response, otherwise: string) =>
  decodeURIComponent(/filename\*=UTF-8''([^;]+)/.exec(response.headers.get('content-disposition') ?? '')?.[1] ?? otherwise);

/** Makes a PDF on this machine and gives it to be kept; says that it is being made. */
function usePdf() {
  const [making, setMaking] = useState<string>();
  const make = async (href: string, file: string) => {
    setMaking(file);
    try {
      const response = await fetch(href);
      if (!response.ok) throw new Error(`${file}: ${response.status}`);
      const link = document.createElement('a');
      link.href = URL.createObjectURL(await response.blob());
      link.download = nameOf(response, file);
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
    } catch {
      toast.error('The PDF could not be made. What is saved is not touched: try again.');
    } finally {
      setMaking(undefined);
    }
  };
  return { making, make };
}

/** A paper as a file: PDF in two sizes, CSV. */
export function TakeAway({ name, rooms }: { readonly name: PaperName; readonly rooms: number }) {
  const { visit } = useVisit();
  const { making, make } = usePdf();
  const href = (file: string) => `/api/visits/${visit.id}/papers/${file}`;
  return (
    <>
      {SIZES.map(([size, says]) => {
        const file = `${name}-${size}.pdf`;
        return (
          <Button
            key={size}
            disabled={making !== undefined}
            aria-busy={making === file}
            onClick={() => void make(href(file), file)}
          >
            <FileText aria-hidden size={18} />{' '}
            {making === file ? `Making ${rooms === 1 ? '1 room' : `${rooms} rooms`}…` : `PDF, ${says}`}
          </Button>
        );
      })}
      <a className={buttonClass()} href={href(`${name}.csv`)} download>
        <FileSpreadsheet aria-hidden size={18} /> CSV
      </a>
    </>
  );
}
