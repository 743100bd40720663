'use client';

import { useState } from 'react';
import { v7 } from 'uuid';
import { photographsOf } from '@/core/record/photo';
import { MATERIALS, USUAL_THINGS, type Material, type UsualThing } from '@/core/derived/materials';
import { THING_NAMES } from '@/core/record/thing';
import type { RecordedColour, RecordedComponent } from '@/core/record/recorded-colour';
import type { RecordedStay } from '@/core/record/stay';
import type { Room } from '@/core/record/room';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { StayPattern } from './stay-pattern';
import { ColourEntry } from '../entry/colour-entry';

/** The components of a typical material, with ids of their own. */
const componentsOf = (material: Material): RecordedComponent[] =>
  material.components.map(([name, percent, l, a, b]) => ({
    id: v7(),
    name,
    share: percent / 100,
    colour: { lab: { l, a, b }, source: { kind: 'typical', material: material.name } },
  }));

/** Materials as they are drawn before they are taken. */
const SAMPLES: readonly (Material & { readonly stay: RecordedStay })[] = MATERIALS.map((material) => ({
  ...material,
  stay: {
    id: material.id,
    name: material.name,
    thing: material.of,
    kind: 'fixed',
    school: 'share',
    lies: null,
    cover: 1,
    picture: null,
    revision: 0,
    ordinal: 0,
    components: material.components.map(([name, percent, l, a, b], i) => ({
      id: `${material.id} ${i}`,
      name,
      share: percent / 100,
      colour: { lab: { l, a, b }, source: { kind: 'typical', material: material.name } },
    })),
  },
}));

export type NewStay = Pick<RecordedStay, 'name' | 'thing' | 'kind' | 'lies' | 'cover' | 'components'> &
  Partial<Pick<RecordedStay, 'picture'>>;

/** How a thing of a kind is called after what it is made of; empty where the material says what it is. */
const NOUNS: Readonly<Record<UsualThing, string>> = {
  floor: 'floor',
  worktop: 'worktop',
  tile: '',
  cabinets: 'cabinets',
  'built-in': '',
  trim: 'trim',
  hearth: 'hearth',
  door: '',
  suite: '',
  sofa: 'sofa',
  rug: 'rug',
  curtains: 'curtains',
  art: '',
};
/** "Travertine floor" of a material: its first words, and what the thing is. */
const nameOf = (material: Material): string => [material.name.split(',')[0], NOUNS[material.of]].filter(Boolean).join(' ');

const namesOf = (room: Room) => new Set(room.stays.map((s) => s.name));
/** "Floor", or "Floor 2" when there is one. */
function freeName(room: Room, name: string): string {
  const taken = namesOf(room);
  for (let n = 1; ; n++) {
    const tried = n === 1 ? name : `${name} ${n}`;
    if (!taken.has(tried)) return tried;
  }
}

type Props = { readonly room: Room; readonly onNew: (stay: NewStay) => void };

/** A thing that stays in two taps: what it is, and what it is made of. */
export function NewStayChoice({ room, onNew }: Props) {
  const [kind, setKind] = useState<UsualThing>();
  const [own, setOwn] = useState(false);
  const thing = USUAL_THINGS.find((t) => t.id === kind);
  const make = (components: RecordedComponent[], name?: string) => {
    if (!thing) return;
    const { id, ...usual } = thing;
    onNew({ name: freeName(room, name ?? THING_NAMES[id]), thing: id, ...usual, components });
  };
  const ownColour = (colour: RecordedColour) => make([{ id: v7(), name: 'base', share: 1, colour }]);
  return (
    <div className="grid gap-4">
      <div role="group" aria-label="What is it?" className="flex flex-wrap gap-1.5">
        {USUAL_THINGS.map(({ id }) => (
          <Chip
            key={id}
            large
            on={kind === id}
            onClick={() => {
              setKind(id);
              setOwn(false);
            }}
          >
            {THING_NAMES[id]}
          </Chip>
        ))}
      </div>
      {thing && !own && (
        <>
          <div
            role="group"
            aria-label={`${THING_NAMES[thing.id]}: what of?`}
            className="grid grid-cols-2 gap-x-2 gap-y-3 sm:grid-cols-3 lg:grid-cols-5"
          >
            {SAMPLES.filter((m) => m.of === kind).map((material) => (
              <button
                key={material.id}
                type="button"
                onClick={() => make(componentsOf(material), nameOf(material))}
                className="cursor-pointer text-left"
              >
                <StayPattern small stay={material.stay} className="h-24 w-full" />
                <span className="block min-h-11 pt-1 text-[0.9375rem] leading-5">{material.name}</span>
              </button>
            ))}
          </div>
          <div className="flex flex-wrap items-center gap-4">
            <Button onClick={() => setOwn(true)}>Something else, by its colour</Button>
            <p className="text-sm text-soft">Typical values, from memory: take the nearest, then put it right by eye.</p>
          </div>
        </>
      )}
      {thing && own && <ColourEntry value={null} photos={photographsOf(room)} onChange={ownColour} />}
      {!thing && <p className="text-soft">The large, fixed ones first: floor, worktop, tile. They rule the choice.</p>}
    </div>
  );
}
