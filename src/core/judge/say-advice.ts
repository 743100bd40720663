import { FLAG_NAMES } from '../appearance/readings';
import { LIGHT_NAMES, type JudgingLight } from '../room/facing';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { REASON_WORDS, sayBeside } from './reasons';
import type { Advice } from './room-advice';
import type { RoomLight } from './walls';
import { WISH_WORDS, type Wish } from './wish';

/** What a room's things are called. */
export type ThingNames = readonly { readonly name: string; readonly components: readonly { readonly name: string }[] }[];

/** When a kind of light is, in words. */
const IN_LIGHT: Readonly<Record<JudgingLight, string>> = {
  'window-day': 'by day',
  overcast: 'under cloud',
  lamps: 'under the lamps',
};

/** Where a colour is weakest, in words: "too close beside Trim, under the lamps"; undefined where nothing is against it. */
export function sayWeakest({ weakest }: Pick<Advice<JudgingLight>, 'weakest'>, things: ThingNames): string | undefined {
  if (!weakest) return undefined;
  const { stay, component, kind, reason, flag } = weakest;
  if (flag) return `a white that reads ${FLAG_NAMES[flag]} in so little light`;
  if (!reason) return undefined;
  if (stay === null) return `${REASON_WORDS[reason]} for this room`;
  const { name, components } = things[stay]!;
  const part = components.length > 1 && component !== null ? ` (${components[component]!.name})` : '';
  return `${sayBeside(reason, `${name}${part}`)}${kind ? `, ${IN_LIGHT[kind]}` : ''}`;
}

/** Why a colour was dropped, whatever the component and the light: "too green beside Hearth stone". */
export function sayDrop({ weakest, ...advice }: Pick<Advice<JudgingLight>, 'weakest'>, things: ThingNames): string | undefined {
  return sayWeakest({ ...advice, weakest: weakest && { ...weakest, component: null, kind: null } }, things);
}

/** Share of a wish that is granted plainly, and of an undertone that is shared plainly, as costs. */
const PLAINLY = { wish: 0.5, undertone: 0.2, quiet: 0.3, turned: 0.15 } as const;

const listed = new Intl.ListFormat('en-GB');

/** Lights that a room is judged in, in words. */
export const sayLights = (lights: readonly JudgingLight[]): string => listed.format(lights.map((l) => LIGHT_NAMES[l]));

/** The weakest link of a colour as it reads after "weakest:": a little, where it works all the same. */
export function sayHowWeak(advice: Pick<Advice<JudgingLight>, 'weakest' | 'verdict'>, things: ThingNames): string | undefined {
  const weak = sayWeakest(advice, things);
  if (!weak || advice.verdict !== 'works') return weak;
  return `${weak.startsWith('too ') ? 'a little' : 'almost'} ${weak}`;
}

type InRoom = { readonly wish: Wish | null; readonly things: ThingNames };

/** What speaks for a colour, and what the lights do to it, from the model's own figures. */
export function saySpeaks(lab: Lab, { walls, turned }: Advice<JudgingLight>, { wish, things }: InRoom): string {
  const parts: string[] = [];
  if (walls.sharesWith !== undefined) parts.push(`shares the undertone of ${things[walls.sharesWith]!.name}`);
  else if (walls.undertone < PLAINLY.undertone) parts.push('shares the undertone of what stays');
  if (wish) parts.push(walls.wish < PLAINLY.wish ? `${WISH_WORDS[wish]} as wanted` : `less of “${WISH_WORDS[wish]}” than wanted`);
  if (walls.prior < PLAINLY.quiet && wish !== 'more-colour' && wish !== 'deeper') {
    parts.push(lrvOf(lab) >= 50 ? 'quiet, and light enough for four walls' : 'quiet');
  }
  if (turned > PLAINLY.turned) parts.push('the lights turn it');
  return parts.join(', ') || 'little speaks for it';
}

/** Why a colour stands where it does in the list: one sentence. */
export function sayAdvice(lab: Lab, advice: Advice<JudgingLight>, room: InRoom): string {
  const weak = sayHowWeak(advice, room.things);
  return `${saySpeaks(lab, advice, room)}; ${weak ? `weakest: ${weak}` : 'nothing fights it'}`;
}

/** Share from which a room is called dim, or very bright. */
const PLAIN_LIGHT = 0.5;

type AboutRoom = { readonly dayLux: number; readonly light: RoomLight; readonly inDeck: boolean };

/** What is to be said of a room itself, once, and what helps. */
export function aboutRoom({ dayLux, light, inDeck }: AboutRoom): string[] {
  if (inDeck) return ['Neither a window nor a lamp is recorded here yet: judged in the light of the deck.'];
  if (dayLux === 0) return ['No daylight is judged in: it is a room of lamps.'];
  const says = [`By day about ${Number(dayLux.toPrecision(2))} lx on this wall.`];
  if (light.dim > PLAIN_LIGHT) {
    says.push(
      'A dim room: every colour is duller here, whites most. More light, a lamp by day, or more warmth and chroma helps.',
    );
  }
  if (light.bright > PLAIN_LIGHT) says.push('A very bright room: light weak colours wash out; a clean white beside them helps.');
  return says;
}
