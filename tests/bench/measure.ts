/** Median seconds of `runs` calls, after one that is not counted. */
export function medianSeconds(work: () => void, runs = 7): number {
  work();
  const times = Array.from({ length: runs }, () => {
    const start = process.hrtime.bigint();
    work();
    return Number(process.hrtime.bigint() - start) / 1e9;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

/** A figure beside its budget; it is printed, not enforced. */
export function against(name: string, value: number, budget: number, unit: string): void {
  const word = value <= budget ? 'within' : 'OVER';
  process.stdout.write(`${name.padEnd(58)} ${value.toFixed(3).padStart(10)} ${unit}  (${word} ${budget} ${unit})\n`);
}

/** How many times as fast as another, measured in the same run. */
export function ratio(name: string, own: number, other: number, otherName: string): void {
  process.stdout.write(`${name.padEnd(58)} ${(other / own).toFixed(2).padStart(10)} × as fast as ${otherName}\n`);
}
