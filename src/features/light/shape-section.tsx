'use client';

import { useState } from 'react';
import { X } from 'lucide-react';
import { v7 } from 'uuid';
import { sizeOf } from '@/core/derived/describe-room';
import { USUAL_WINDOW } from '@/core/light/measures';
import type { Room } from '@/core/record/room';
import type { RoomShape } from '@/core/record/shape';
import { withAlcove, withBay, withCornerCut, withoutCorner, withWallLength, type ChangedPlan } from '@/core/room/change-plan';
import { wallName } from '@/core/room/facing';
import { floorArea, middleOf, planOf, wallLine, type Plan } from '@/core/room/plan';
import { sayArea } from '@/core/units/area';
import { Button } from '@/ui/button';
import { ChoiceField, FieldError } from '@/ui/field';
import { useHome } from '../session/visit-context';
import { readBearing } from './bearing-field';
import { MeasureField } from './measure-field';
import { asBox, plainShape } from './reshape';
import { BoxRows, RoofWindowRows, SlopeRows } from './shape-rows';
import { Section, type SectionProps } from './section';

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Ready pieces, by what they do to a wall: measures that are put right afterwards by hand. */
const PIECES: Readonly<Record<string, { readonly says: string; readonly put: (plan: Plan, wall: number) => ChangedPlan }>> = {
  corner: {
    says: 'cut its right corner (an L)',
    put: (plan, wall) => {
      const [here, next] = [wallLine(plan, wall), wallLine(plan, (wall + 1) % plan.length)];
      return withCornerCut(plan, wall, rounded(here.length * 0.4), rounded(next.length * 0.4));
    },
  },
  arm: {
    says: 'an arm out of its middle (a T)',
    put: (plan, wall) => {
      const { length } = wallLine(plan, wall);
      return withAlcove(plan, wall, { ...middlePiece(plan, wall, 0.4), depthM: rounded(length * 0.4) });
    },
  },
  bay: {
    says: 'a bay in it',
    put: (plan, wall) => {
      const piece = middlePiece(plan, wall, 0.75);
      return withBay(plan, wall, { ...piece, depthM: Math.min(0.6, piece.widthM / 4) });
    },
  },
  alcove: {
    says: 'an alcove in it',
    put: (plan, wall) => withAlcove(plan, wall, { ...middlePiece(plan, wall, 0.35), depthM: 0.4 }),
  },
  breast: {
    says: 'a chimney breast before it',
    put: (plan, wall) => withAlcove(plan, wall, { ...middlePiece(plan, wall, 0.35), depthM: -0.4 }),
  },
};
const rounded = (metres: number): number => Math.max(0.3, Math.round(metres * 20) / 20);
/** A piece in the middle of a wall, as wide as so much of it; a bay's panes need room. */
function middlePiece(plan: Plan, wall: number, share: number) {
  const { length } = wallLine(plan, wall);
  const widthM = Math.min(Math.max(1.6, rounded(length * share)), length - 0.2);
  return { leftM: (length - widthM) / 2, widthM };
}

type Props = SectionProps & {
  readonly room: Room;
  /** Everything that stands in walls goes with them. */
  readonly onReshape: (changed: ChangedPlan, before: Plan) => void;
};

/** The walls by their lengths; a corner can be taken out again. */
function Walls({
  draft,
  errors,
  shape,
  names,
  onReshape,
}: Props & { readonly shape: RoomShape; readonly names: readonly string[] }) {
  return (
    <ol className="grid gap-1" aria-label="Walls, as they are met turning right">
      {shape.plan.map((_, wall) => {
        const straight = withoutCorner(shape.plan, wall);
        return (
          <li key={`${draft.shape!.plan.length} ${wall}`} className="flex flex-wrap items-end gap-2">
            <MeasureField
              className="w-44"
              label={`${capital(names[wall]!)}, how long`}
              valueM={wallLine(shape.plan, wall).length}
              error={errors[`shape.plan.${wall}`]}
              onChange={(metres) => onReshape(withWallLength(shape.plan, wall, metres), shape.plan)}
            />
            {straight && (
              <Button
                aria-label={`Take out the right corner of the ${names[wall]}`}
                onClick={() => onReshape(straight, shape.plan)}
              >
                take out its right corner
              </Button>
            )}
          </li>
        );
      })}
    </ol>
  );
}

/** What of a decision hangs on walls by their numbers. */
const decidedByWall = ({ decisions }: Room): boolean =>
  decisions.some((d) => !d.undone && d.surfaces.some((s) => s.startsWith('wall-')));

type PiecesProps = Props & {
  readonly plan: Plan;
  readonly names: readonly string[];
  readonly shape: RoomShape;
  readonly set: (change: Partial<RoomShape>) => void;
};

/** Ready pieces, put at a wall that is chosen or in the middle, and the way back to a box. */
function Pieces({ draft, onChange, onReshape, plan, names, shape, set }: PiecesProps) {
  const { units } = useHome();
  const [at, setAt] = useState(0);
  const wall = Math.min(at, plan.length - 1);
  return (
    <>
      <div className="flex flex-wrap items-end gap-2">
        <ChoiceField className="w-44" label="The wall" value={String(wall)} onChange={(chosen) => setAt(Number(chosen))}>
          {names.map((name, k) => (
            <option key={k} value={k}>
              {name}
            </option>
          ))}
        </ChoiceField>
        {Object.entries(PIECES).map(([id, { says, put }]) => (
          <Button key={id} onClick={() => onReshape(put(plan, wall), plan)}>
            {says}
          </Button>
        ))}
        <Button onClick={() => set({ slopes: [...shape.slopes, { wall, kneeM: 1.2, pitchDeg: 40 }] })}>a slope over it</Button>
      </div>
      <div className="flex flex-wrap gap-2">
        <Button
          onClick={() => {
            const [x, y] = middleOf(plan);
            const slope = shape.slopes.length > 0 ? 0 : null;
            const place = slope === null ? { leftM: x - 0.4, upM: y - 0.5 } : { leftM: 0.6, upM: 0.4 };
            const window = { id: v7(), slope, ...place, widthM: 0.78, heightM: 0.98, ...USUAL_WINDOW };
            set({ roofWindows: [...shape.roofWindows, window] });
          }}
        >
          a roof window
        </Button>
        <Button
          onClick={() => {
            const [x, y] = middleOf(plan);
            const box = {
              id: v7(),
              name: 'Island',
              xM: x - 0.9,
              yM: y - 0.45,
              widthM: 1.8,
              depthM: 0.9,
              heightM: 0.92,
              colour: null,
            };
            set({ boxes: [...shape.boxes, box] });
          }}
        >
          something that stands in it
        </Button>
        {draft.shape && (
          <Button onClick={() => onChange(asBox(draft, units))}>
            <X aria-hidden size={18} /> a box again
          </Button>
        )}
      </div>
    </>
  );
}

/** The room as it is: a box, or walls of any plan, with slopes, roof windows, and what stands in it. */
export function ShapeSection(props: Props) {
  const { draft, errors, onChange, room } = props;
  const { units } = useHome();
  const plan = draft.shape?.plan ?? planOf(sizeOf(room));
  const bearing = readBearing(draft.bearing);
  const facing = { bearingDeg: bearing, windows: draft.windows, shape: { plan } };
  const names = plan.map((_, wall) => wallName(draft.shape ? facing : { ...facing, shape: null }, wall));
  const shape = draft.shape ?? plainShape(plan);
  const set = (change: Partial<RoomShape>) => onChange({ ...draft, shape: { ...shape, ...change } });
  const own = Object.entries(errors).filter(([path]) => path === 'shape' || path === 'shape.plan');
  return (
    <Section title="Shape">
      <p className="text-sm text-soft">
        {draft.shape
          ? `${plan.length} walls, ${sayArea(floorArea(plan), units)} of floor. Drag the circles outside of the plan, or type lengths.`
          : 'A box, until it is said otherwise: choose a wall and what it has.'}
      </p>
      {own.map(([path, says]) => (
        <FieldError key={path}>{says}</FieldError>
      ))}
      <Pieces {...props} {...{ plan, names, shape, set }} />
      {draft.shape && decidedByWall(room) && (
        <p role="note" className="border-l-8 border-ink bg-raised px-3 py-2 text-sm">
          Something was decided for single walls. With a wall more or less they are counted anew: look at Decide after it.
        </p>
      )}
      {draft.shape && (
        <>
          <Walls {...props} shape={draft.shape} names={names} />
          <SlopeRows {...{ shape: draft.shape, names, errors, set }} />
          <RoofWindowRows {...{ shape: draft.shape, names, errors, set }} />
          <BoxRows {...{ shape: draft.shape, names, errors, set }} />
        </>
      )}
    </Section>
  );
}
