import tzLookup from '@photostructure/tz-lookup';

/** The IANA time zone of a place on land or sea, degrees. */
export const timeZoneAt = (latitude: number, longitude: number): string => tzLookup(latitude, longitude);
