import { lrvOf } from '@/core/colour/lab';
import { potCaution, sheenFor, SHEENS, SURFACES, towardWindow, type PaintedSurface } from '@/core/paint/sheen';
import type { Lab } from '@/core/colour/types';
import { Patch } from '@/ui/patch';
import { hexOf, sayColour } from '../words/say-colour';

const SURFACE_WORDS: Readonly<Record<PaintedSurface, string>> = {
  wall: 'walls',
  'feature-wall': 'a dark feature wall',
  trim: 'trim',
  'trim-in-wall-colour': 'trim in the wall colour',
  door: 'doors',
  cabinet: 'cabinets and islands',
  ceiling: 'ceiling',
};

/** What each sheen does toward the window, and which sheen goes where. */
export function Sheens({ lab }: { readonly lab: Lab }) {
  const steam = sheenFor('wall', lrvOf(lab), 'bath');
  return (
    <section>
      <h3 className="mb-1 text-lg font-semibold">Sheen, seen toward the window</h3>
      <p className="mb-2 text-sm text-soft">
        Predicted for a mirrored scene three times as bright as white in the same light; a brighter window does more.
      </p>
      <ul className="flex">
        {SHEENS.map(({ grade, from, to }) => {
          const seen = towardWindow(lab, grade);
          return (
            <li key={grade} className="flex-1 text-xs">
              <Patch hex={hexOf(seen)} label={`${grade}: ${sayColour(seen)}`} className="h-16" />
              <b className="block pt-1">{grade}</b>
              {from}–{to} GU, LRV {Math.round(lrvOf(lab))} → {Math.round(lrvOf(seen))}
            </li>
          );
        })}
      </ul>
      <ul className="mt-2 text-sm">
        {SURFACES.map((surface) => {
          const { sheen, why } = sheenFor(surface, lrvOf(lab));
          return (
            <li key={surface}>
              <b>{SURFACE_WORDS[surface]}</b>: {sheen}, {why}.
            </li>
          );
        })}
        <li>
          <b>Kitchens and bathrooms</b>: {steam.sheen} walls, {steam.why}; {sheenFor('ceiling', 80, 'bath').sheen} ceilings.
        </li>
        <li className="mt-1 text-soft">{potCaution('matte')}</li>
      </ul>
    </section>
  );
}
