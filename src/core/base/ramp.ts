/** 0 up to `from`, 1 from `full` on, straight between; `full` may lie below `from`. The two must differ. */
export const ramp = (v: number, from: number, full: number): number => Math.min(1, Math.max(0, (v - from) / (full - from)));
