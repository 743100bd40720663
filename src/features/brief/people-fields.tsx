'use client';

import type { People } from '@/core/record/people';
import { TickRow } from '@/ui/tick-row';
import { SelfField } from '../entry/self-field';
import { addressOf } from '../session/address';
import { useVisit, useVisitWrite } from '../session/visit-context';

type TextOf = Exclude<keyof People, 'clientToPainter'>;
const FIELDS: readonly { readonly of: TextOf; readonly label: string; readonly placeholder?: string }[] = [
  { of: 'clientName', label: 'Client’s name' },
  { of: 'clientAddress', label: 'Address', placeholder: '14 Quay Row, Bristol' },
  { of: 'clientTelephone', label: 'Client’s telephone' },
  { of: 'clientEmail', label: 'Client’s e-mail' },
  { of: 'painterTelephone', label: 'Painter’s telephone' },
  { of: 'painterEmail', label: 'Painter’s e-mail' },
  { of: 'counterEmail', label: 'Paint counter’s e-mail' },
];

/** Who is to be reached: on the papers, and where mails go. Every field saves itself. */
export function PeopleFields() {
  const visit = useVisit();
  const write = useVisitWrite();
  const { people } = visit;
  const href = addressOf({ visitId: visit.id, roomId: visit.rooms[0]!.id, step: 'brief' });
  const say = (said: Partial<People>) => ({ name: 'visit.people' as const, visitId: visit.id, ...said });
  return (
    <details className="min-w-0" open={FIELDS.some(({ of }) => people[of] !== '')}>
      <summary className="min-h-11 cursor-pointer content-center font-semibold">Names, addresses, telephones</summary>
      <div className="grid gap-4 pt-2 sm:grid-cols-2">
        {FIELDS.map(({ of, label, placeholder }) => (
          <SelfField
            key={of}
            id={`${visit.id}.${of}`}
            where="the home"
            href={href}
            label={label}
            {...(placeholder ? { placeholder } : {})}
            saved={people[of]}
            toWrite={(text) => say({ [of]: text })}
          />
        ))}
      </div>
      <div className="mt-4">
        <TickRow
          label="The painter is given the client’s name, address and telephone"
          checked={people.clientToPainter}
          onChange={(clientToPainter) => void write(say({ clientToPainter }) as Parameters<typeof write>[0])}
        />
      </div>
    </details>
  );
}
