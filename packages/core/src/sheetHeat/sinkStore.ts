import type { SheetProblem, SheetSink } from './SheetProblem.js';

/** A sink, where it touches, and how warm it has become there. */
export interface SinkStore {
  readonly sink: SheetSink;
  readonly places: Int32Array;
  /** K over the start at each place. */
  readonly rise: Float64Array;
}

/** Finds the places whose middle lies under a sink. */
export function sinkStore({ x, y, metal }: SheetProblem, sink: SheetSink): SinkStore {
  const places: number[] = [];
  const isUnder = (place: number, a: number, b: number) => place >= Math.min(a, b) && place <= Math.max(a, b);
  y.centres.forEach((down, row) => {
    if (!isUnder(down, sink.from[1], sink.to[1])) return;
    x.centres.forEach((across, column) => {
      const at = row * x.centres.length + column;
      if (metal[at] === 1 && isUnder(across, sink.from[0], sink.to[0])) places.push(at);
    });
  });
  return { sink, places: Int32Array.from(places), rise: new Float64Array(places.length).fill(sink.rise) };
}
