/** Radians in a degree. */
export const RAD = Math.PI / 180;
