import { FLAG_NAMES } from '../appearance/readings';
import { LIGHT_NAMES, type JudgingLight } from '../room/facing';
import { lrvOf } from '../colour/lab';
import type { Lab } from '../colour/types';
import { REASON_WORDS, sayBeside } from './reasons';
import { stepsOf } from './affinity';
import type { Advice } from './room-advice';
import type { RoomLight } from './walls';
import { grants, WISH_WORDS, type Wish } from './wish';

/** What a room's things are called. */
export type ThingNames = readonly { readonly name: string; readonly components: readonly { readonly name: string }[] }[];

/** When a kind of light is, in words. */
const IN_LIGHT: Readonly<Record<JudgingLight, string>> = {
  ...LIGHT_NAMES,
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

/**
 * Costs up to which a wish is plainly granted, walls are quiet and the lights leave a colour alone; and steps from which a wish is
 * visibly missed.
 */
const PLAINLY = {
  wish: 0.5,
  granted: 0.75,
  missedHalf: 1,
  missedSteps: 2,
  undertone: 0.2,
  quiet: 0.3,
  turned: 0.15,
  flat: 0.5,
} as const;
/** A cost under which nothing is said to fight a colour. */
const SLIGHT = 0.3;
/**
 * Strength (steps of Munsell chroma) from which a colour on four walls is a matter of dose. Common practice, no source; the figure is own
 * choice.
 */
const STRONG_DOSE = 5.5;

/** The weakest link of a colour as it reads after "weakest:": a little, where it works all the same; undefined where it is slight. */
export function sayHowWeak(
  advice: Pick<Advice<JudgingLight>, 'weakest' | 'verdict' | 'cost'>,
  things: ThingNames,
): string | undefined {
  const weak = advice.cost < SLIGHT ? undefined : sayWeakest(advice, things);
  if (!weak || advice.verdict !== 'works') return weak;
  return `${weak.startsWith('too ') ? 'a little' : 'almost'} ${weak}`;
}

type InRoom = { readonly wish: Wish | null; readonly moreWishes?: readonly Wish[] | undefined; readonly things: ThingNames };

const TIE_WORDS = { undertone: 'shares the undertone of', hue: 'shares the hue of', answers: 'answers' } as const;

/** What is said of a wish: granted, visibly missed, or nothing. */
function sayWish(wish: Wish, { wish: cost, wishMissed }: Advice['walls']): string[] {
  if (cost < PLAINLY.wish) return [`${WISH_WORDS[wish]} as wanted`];
  return cost >= PLAINLY.missedHalf && wishMissed >= PLAINLY.missedSteps ? [`less of “${WISH_WORDS[wish]}” than wanted`] : [];
}

/** What is said of the wishes in their order: of several those that are plainly granted, and the first where it is not. */
function sayWishes(wishes: readonly Wish[], lab: Lab, walls: Advice['walls']): string[] {
  // the cost is that of all of them together
  if (wishes.length === 1) return sayWish(wishes[0]!, walls);
  const granted = wishes.filter((wish) => grants(wish, lab) >= PLAINLY.granted);
  const says = granted.length > 0 ? [`${granted.map((wish) => WISH_WORDS[wish]).join(' and ')} as wanted`] : [];
  return granted.includes(wishes[0]!) ? says : [...says, `less of “${WISH_WORDS[wishes[0]!]}” than wanted`];
}

/** What speaks for a colour, and what the lights do to it, from the model's own figures. */
export function saySpeaks(lab: Lab, { walls, turned }: Advice<JudgingLight>, { wish, moreWishes = [], things }: InRoom): string {
  const parts: string[] = [];
  if (walls.tie) parts.push(`${TIE_WORDS[walls.tie.how]} ${things[walls.tie.stay]!.name}`);
  if (wish) parts.push(...sayWishes([wish, ...moreWishes], lab, walls));
  if (walls.prior < PLAINLY.quiet && wish !== 'more-colour' && wish !== 'deeper') {
    parts.push(lrvOf(lab) >= 50 ? 'quiet, and light enough for four walls' : 'quiet');
  }
  if (walls.flat > PLAINLY.flat) parts.push('a grey without a lean: goes flat and cold');
  if (stepsOf(lab) > STRONG_DOSE) parts.push('strong on four walls: perhaps on one');
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

/** Said of a room of which nothing that stays is recorded. */
const BARE = 'Nothing that stays is recorded: ranked by light, use and wish alone. The first thing recorded ranks it anew.';

type AboutRoom = { readonly dayLux: number; readonly light: RoomLight; readonly inDeck: boolean; readonly bare: boolean };

/** What is to be said of a room itself, once, and what helps. */
export const aboutRoom = (room: AboutRoom): string[] => [...(room.bare ? [BARE] : []), ...aboutLight(room)];

function aboutLight({ dayLux, light, inDeck }: AboutRoom): string[] {
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
