import { readFileSync, writeFileSync } from 'node:fs';

/** Everything small and once, to see that every figure can be measured; no budgets. */
export const SMOKE = process.argv.includes('--smoke');
export const sized = (whole: number, small: number): number => (SMOKE ? small : whole);

/** Median seconds of `runs` calls, after one that is not counted. */
export function medianSeconds(work: () => void, runs = 7): number {
  work();
  const times = Array.from({ length: sized(runs, 1) }, () => {
    const start = process.hrtime.bigint();
    work();
    return Number(process.hrtime.bigint() - start) / 1e9;
  });
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
}

type Unit = 'ms' | 's' | 'MB' | 'kB' | '×' | 'of a bare loop';
type Figure = { readonly name: string; readonly value: number; readonly unit: Unit; readonly budget?: number };
const figures: Figure[] = [];

function tell(figure: Figure, detail: string, word: string): void {
  if (!Number.isFinite(figure.value)) throw new Error(`${figure.name} was not measured: ${figure.value}`);
  figures.push(figure);
  const { name, value, unit } = figure;
  const shown = `${name}${detail && ` (${detail})`}`;
  process.stdout.write(`${shown.padEnd(72)} ${value.toFixed(3).padStart(10)} ${unit}${SMOKE ? '' : `  ${word}`}\n`);
}

/** A figure beside its budget, the less the better; it is printed, not enforced. `name` stays the same from run to run. */
export function against(name: string, value: number, budget: number, unit: Unit, detail = ''): void {
  tell({ name, value, unit, budget }, detail, `(${value <= budget ? 'within' : 'OVER'} ${budget} ${unit})`);
}

/** How many times as fast as another, measured in the same run. */
export function ratio(name: string, own: number, other: number, { than, least }: { than: string; least?: number }): void {
  const times = other / own;
  const word = least === undefined ? '' : `(${times >= least ? 'within' : 'UNDER'} ${least})`;
  tell({ name: `${name}, as fast as ${than}`, value: times, unit: '×' }, '', word);
}

/** How near the product is to the arithmetic itself: a bare loop in the same run is 1. */
export function nearness(name: string, own: number, bare: number, least: number): void {
  const share = bare / own;
  tell({ name, value: share, unit: 'of a bare loop' }, '', `(${share >= least ? 'within' : 'UNDER'} ${least})`);
}

/** What this machine takes for a fixed piece of arithmetic, seconds: what times are told in from one machine to another. */
function machineSeconds(): number {
  let sink = 0;
  const seconds = medianSeconds(() => {
    for (let k = 1; k < 3_000_000; k++) sink += Math.sqrt(k) * Math.cos(k);
  });
  if (!Number.isFinite(sink)) throw new Error('a sum was not a number');
  return seconds;
}

const SECONDS: Readonly<Partial<Record<Unit, number>>> = { s: 1, ms: 1e-3 };
/** A figure as something that falls when it gets worse, the same on machines of any speed. */
function speedOf({ value, unit }: Figure, machine: number): number {
  if (unit === '×' || unit === 'of a bare loop') return value;
  const seconds = SECONDS[unit];
  return seconds === undefined ? 1 / Math.max(value, 1e-9) : machine / Math.max(value * seconds, 1e-5);
}

/** A speed that fell by so much is named. */
const FELL = 0.2;
const optionOf = (name: string): string | undefined => {
  const at = process.argv.indexOf(name);
  return at < 0 ? undefined : process.argv[at + 1];
};

/** Writes the figures as JSON lines (`--json FILE`), and names what got slower than in lines kept before (`--against FILE`). */
export function finish(): void {
  const machine = machineSeconds();
  const lines = figures.map((figure) => ({ ...figure, speed: Number(speedOf(figure, machine).toPrecision(4)) }));
  const to = optionOf('--json');
  if (to) writeFileSync(to, lines.map((line) => `${JSON.stringify(line)}\n`).join(''));
  const before = optionOf('--against');
  if (!before) return;
  const kept = new Map(
    readFileSync(before, 'utf8')
      .split('\n')
      .filter(Boolean)
      .map((line) => JSON.parse(line) as Figure & { readonly speed: number })
      .map((line) => [line.name, line] as const),
  );
  const fell = lines.filter(({ name, speed }) => kept.has(name) && speed < (1 - FELL) * kept.get(name)!.speed);
  const gone = [...kept.keys()].filter((name) => !lines.some((line) => line.name === name));
  for (const { name, value, unit, speed } of fell) {
    const was = kept.get(name)!;
    process.stdout.write(
      `SLOWER: ${name}: ${value} ${unit}, was ${was.value}; ${(100 * (speed / was.speed - 1)).toFixed(0)} %\n`,
    );
  }
  for (const name of gone) process.stdout.write(`NOT MEASURED: ${name}\n`);
  process.stdout.write(`${fell.length} of ${lines.length} figures fell by a fifth against ${before}\n`);
  if (fell.length + gone.length > 0) process.exitCode = 1;
}
