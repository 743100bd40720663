import Link from 'next/link';
import { buttonClass } from '@/ui/button';

export default function NotFound() {
  return (
    <main className="mx-auto grid max-w-xl justify-items-start gap-4 px-5 py-16">
      <h1 className="text-2xl font-semibold">Nothing is kept here</h1>
      <p className="text-soft">The visit or room this address names does not exist, or the address was mistyped.</p>
      <Link href="/visits" className={buttonClass('main')}>
        All visits
      </Link>
    </main>
  );
}
