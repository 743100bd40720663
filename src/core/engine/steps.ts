/** Work in small steps: yields the share that is done, 0–1, so that whoever runs it can stop or let others in. */
export type Steps<T> = Generator<number, T>;

/** Steps as a part of something longer. */
export function* inPart<T>(steps: Steps<T>, from: number, to: number): Steps<T> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield from + step.value * (to - from);
  }
}

/** Does all of it at once, for whoever has nothing else to do. */
export function toTheEnd<T>(steps: Steps<T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
