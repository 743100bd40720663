import type { DayRequest, LookIn } from './light-protocol';
import type { UsedFor, UsedLight } from './used-lights';

/** What a room's lights depend on. */
export type LitRoom = {
  readonly day: Omit<DayRequest, 'skies'>;
  readonly lookIn: LookIn;
  readonly usedFor: UsedFor;
  /** Its lights, where whoever asks has them already from the worker; they are computed otherwise, and are the same. */
  readonly lights?: readonly UsedLight[] | undefined;
};

export type LightsAnswer = { readonly ok: true; readonly lights: readonly UsedLight[] };

/** What a request depends on: its lights are told by the rest of it. */
export const withoutLights = <T extends Pick<LitRoom, 'lights'>>({ lights: _, ...rest }: T): Omit<T, 'lights'> => rest;
