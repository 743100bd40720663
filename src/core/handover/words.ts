const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });
/** "24 September 2026" of a calendar date. */
export const sayDay = (date: string): string => days.format(new Date(`${date}T12:00Z`));
