import type { UsedLight } from '@/core/engine/used-lights';

/** The light of a moment in which a room is used, as it reads after an hour: "at 10:30 under cloud". */
export const SKY_OR_LAMP_WORDS: Readonly<Record<UsedLight['kind'], string>> = {
  clear: 'under a clear sky',
  broken: 'under broken cloud',
  overcast: 'under cloud',
  lamps: 'by the lamps',
  both: 'by lamps and daylight both',
};
