/** The steps of a visit as they stand in its addresses, in the order of the work. What each is stands in src/features/registry. */
export const STEPS = [
  'brief',
  'light',
  'stays',
  'deck',
  'bench',
  'record',
  'schemes',
  'looks',
  'samples',
  'decide',
  'handover',
] as const;
/** Pages beside the steps: opened from within one, about what is looked at there, and left for any. */
export const BESIDE = ['with', 'house'] as const;
export type Step = (typeof STEPS)[number] | (typeof BESIDE)[number];
/** Everything that a room has an address for. */
export const PAGES: readonly Step[] = [...STEPS, ...BESIDE];

export type Place = {
  readonly visitId: string;
  readonly roomId?: string | undefined;
  readonly step?: Step | undefined;
  /** What is looked at there: `{ colour, stay }`. */
  readonly at?: Readonly<Record<string, string>>;
};

/** The list of visits, and where one is started. */
export const VISITS = '/visits';
export const NEW_VISIT = `${VISITS}/new`;
export const KEEPING = '/keeping';
export const PRACTICE = '/practice';

/** The address of a visit, of a room in it, of a step there: the one function that makes them. */
export function addressOf({ visitId, roomId, step, at }: Place): `/visits/${string}` {
  const path = [visitId, roomId, roomId && step].filter((part) => part !== undefined).join('/');
  return `/visits/${path}${at ? `?${new URLSearchParams(at)}` : ''}`;
}

/** The room and step of an address, as they are written. */
export function readAddress(pathname: string): { readonly roomId: string | undefined; readonly step: string | undefined } {
  const [, , , roomId, step] = pathname.split('/');
  return { roomId, step };
}
