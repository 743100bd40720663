/** Windows of a room that is drawn: the sky by day, and the dark. */
export const SKY_HEX = '#dbe5ec';
export const NIGHT_GLASS_HEX = '#1d1f22';
