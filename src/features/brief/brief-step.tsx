'use client';

import { useVisit } from '../session/visit-context';
import { SchoolFields } from '../entry/school-fields';
import { StepTitle } from '@/ui/step-title';
import { HomeSection } from './home-section';
import { RoomsSection } from './rooms-section';

/** The visit itself: the rooms with what the client wants of each, and what is agreed for the whole home. All of it may be left out. */
export function BriefStep({ roomId }: { readonly roomId: string }) {
  const visit = useVisit();
  return (
    <div className="p-5">
      <StepTitle
        title={visit.label}
        aside={`${visit.place.name} · ${visit.rooms.length} ${visit.rooms.length === 1 ? 'room' : 'rooms'} · say what you know, leave out what you do not`}
      />
      <div className="grid grid-cols-1 items-start gap-10 xl:grid-cols-[minmax(0,1.2fr)_minmax(24rem,0.8fr)]">
        <RoomsSection roomId={roomId} />
        <div className="grid min-w-0 grid-cols-1 gap-8">
          <HomeSection />
          <section aria-labelledby="schools">
            <h2 id="schools" className="mb-2 text-lg font-semibold">
              Where good consultants disagree
            </h2>
            <div className="flex flex-wrap gap-3">
              <SchoolFields />
            </div>
            <p className="mt-2 max-w-xl text-sm text-soft">
              Followed when the deck is searched for what could work. The predicted look is shown whatever is chosen.
            </p>
          </section>
        </div>
      </div>
    </div>
  );
}
