export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A number with its thousands parted: "2,700". */
export const grouped = (n: number): string => n.toLocaleString('en-GB');

/** "1 look", "3 looks", "1,200 colours". */
export const counted = (n: number, one: string, many = `${one}s`): string => `${grouped(n)} ${n === 1 ? one : many}`;

const list = new Intl.ListFormat('en-GB');
/** "one, two and three". */
export const listed = (all: Iterable<string>): string => list.format(all);

/** A share of 1 as whole percent: "75 %". */
export const percent = (share: number): string => `${Math.round(100 * share)} %`;
