import Link from 'next/link';
import type { ConsultantCard } from '@/core/record/consultant-card';

/** Who hands it over: their name, how they are reached, their logo; and where to say so, while nothing is said. */
export function PaperCard({ from }: { readonly from: ConsultantCard }) {
  const who = [from.consultantName, from.business].filter(Boolean).join(', ');
  const reached = [from.address, from.telephone, from.email].filter(Boolean).join(' · ');
  if (!who && !reached && !from.logo)
    return (
      <p className="mb-3 text-sm text-[#333] print:hidden">
        Nobody’s name stands on it yet:{' '}
        <Link href="/keeping" className="inline-flex min-h-11 items-center underline underline-offset-4">
          your card
        </Link>
      </p>
    );
  return (
    <div className="mb-4 flex items-center gap-4">
      {/* a picture of the person's own, of any size */}
      {/* eslint-disable-next-line @next/next/no-img-element */}
      {from.logo && <img src={`/api/pictures/${from.logo}`} alt="" className="h-12 max-w-40 object-contain" />}
      <p>
        <b className="block">{who}</b>
        <span className="text-sm text-[#333]">{reached}</span>
      </p>
    </div>
  );
}
