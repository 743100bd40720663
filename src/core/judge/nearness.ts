/** How much two colours of different depth still touch: far apart in lightness, colours are easy. */
export const nearness = (apart: number, halfAt: number) => 1 / (1 + (apart / halfAt) * (apart / halfAt));
