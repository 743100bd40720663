/** An expected failure is a value: `reason` is one of a closed union, prose belongs to the interface. */
export type Ok<T> = { readonly ok: true; readonly value: T };
export type Refused<R extends string, D = object> = { readonly ok: false; readonly reason: R } & D;

export const ok = <T>(value: T): Ok<T> => ({ ok: true, value });
