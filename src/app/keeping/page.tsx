import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { KeepingPage } from '@/features/keeping/keeping-page';
import { whatIsKept } from '@/server/keeping/kept';

export const metadata: Metadata = { title: 'Keeping' };

export default async function Keeping() {
  return <KeepingPage kept={await whatIsKept((await headers()).get('x-elm-device'))} />;
}
