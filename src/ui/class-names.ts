/** Joins class names, leaving out what is false. */
export const classNames = (...names: (string | false | null | undefined)[]): string => names.filter(Boolean).join(' ');
