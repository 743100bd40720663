'use client';

import { roomsBeside } from '@/core/derived/describe-joined';
import { listed } from '@/core/base/words';
import type { Room } from '@/core/record/room';
import { TickRow } from '@/ui/tick-row';
import { useVisit } from '../session/visit-context';
import { Section, type SectionProps } from './section';

/** Whether light through open doors counts: shown where a door to a room of the visit is open and its place is known in both. */
export function BorrowedLight({ draft, onChange, room }: SectionProps & { readonly room: Room }) {
  const { rooms } = useVisit();
  const names = [...new Set(roomsBeside(room, rooms).map((b) => b.room.name))];
  if (names.length === 0 && !draft.borrows) return null;
  return (
    <Section title="Through the doors">
      <TickRow
        label={names.length > 0 ? `Light from ${listed(names)} counts` : 'Light from next door counts'}
        checked={draft.borrows}
        onChange={(borrows) => onChange({ ...draft, borrows })}
      />
      <p className="text-sm text-soft">
        {names.length > 0
          ? 'Its walls as they are today tint what comes through. It is computed longer: some seconds for a day.'
          : 'No door of it stands open to a room of the visit, with its place known on both sides.'}
      </p>
    </Section>
  );
}
