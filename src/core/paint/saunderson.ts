/** Surface constants of a paint film, n = 1.5: k1 reflected outside (Fresnel, normal), k2 inside (diffuse). Saunderson 1942. */
export type SurfaceConstants = { readonly k1: number; readonly k2: number };
export const SURFACE: SurfaceConstants = { k1: 0.04, k2: 0.6 };

/** Internal reflectance of a measured one (both 0–1). Saunderson 1942; negative when the measurement lies below k1. */
export const internalReflectance = (measured: number, { k1, k2 }: SurfaceConstants = SURFACE): number =>
  (measured - k1) / (1 - k1 - k2 + k2 * measured);

/** Measured reflectance (specular included) of an internal one. Inverse of {@link internalReflectance}. */
export const measuredReflectance = (internal: number, { k1, k2 }: SurfaceConstants = SURFACE): number =>
  k1 + ((1 - k1) * (1 - k2) * internal) / (1 - k2 * internal);

/** Share of the lowest reflectance that k1 may take where a dark film measures below the usual surface reflection. */
const ROOM_BELOW = 0.9;

/**
 * Surface constants that suit all the given reflectances: the usual ones, or a lower k1 where some sample reads darker than the usual
 * surface reflection (instruments that exclude gloss). `lowered` says so; nothing is clamped.
 */
export function surfaceFor(...curves: readonly ArrayLike<number>[]): SurfaceConstants & { readonly lowered: boolean } {
  const darkest = Math.min(...curves.map((curve) => Math.min(...Array.from(curve))));
  const lowered = darkest * ROOM_BELOW < SURFACE.k1;
  return { k1: lowered ? darkest * ROOM_BELOW : SURFACE.k1, k2: SURFACE.k2, lowered };
}
