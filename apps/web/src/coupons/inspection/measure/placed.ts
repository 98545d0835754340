import {
  acrossFace,
  belowFace,
  describeFault,
  describeRange,
  fusionLineReadings,
  lengthBetween,
  pictureScale,
  RangeFault,
  type FaceLine,
  type PicturePoint,
  type PictureReading,
  type PictureScale,
} from '@lone-heron/core';
import { sectionRanges, type SectionMeasure, type SectionReadings } from '@lone-heron/contract';
import { spokenLength } from '../../../shared/figures/spoken.js';
import { spokenRange } from '../../../shared/figures/spokenRange.js';
import { z } from 'zod';
import { allTools, measureToolList, type ToolName } from './measureTools.js';

const pointSchema = z.object({ x: z.number(), y: z.number() });

/** Everything that was placed on one picture, in its pixels. */
export const placedSchema = z.object({
  /** Points of each tool, in its order; fewer than it has while it is being placed. */
  points: z.record(z.string(), z.array(pointSchema)),
  /** The traced line, empty where none was. */
  line: z.array(pointSchema),
  /** Whether the traced line ran into the back: it then says nothing of a depth. */
  meetsBack: z.boolean(),
  /** The length between the points of the scale, as typed. */
  knownLength: z.string(),
});
export type Placed = z.infer<typeof placedSchema>;

export const nothingPlaced = (knownLength: string): Placed => ({
  points: {},
  line: [],
  meetsBack: false,
  knownLength,
});

/** Puts a point where its tool wants the next one; a tool that is full starts anew. */
export function placePoint(placed: Placed, tool: ToolName, point: PicturePoint): Placed {
  const wanted = allTools.find(({ name }) => name === tool)?.points.length ?? 1;
  const before = placed.points[tool] ?? [];
  const points = before.length >= wanted ? [point] : [...before, point];
  return { ...placed, points: { ...placed.points, [tool]: points } };
}

export function movePoint(placed: Placed, tool: ToolName, index: number, point: PicturePoint): Placed {
  const points = (placed.points[tool] ?? []).map((each, i) => (i === index ? point : each));
  return { ...placed, points: { ...placed.points, [tool]: points } };
}

/** Takes a point of the traced line along, and its neighbours with it, less the further they are. */
export function bendLine(placed: Placed, index: number, point: PicturePoint, reach: number): Placed {
  const from = placed.line[index];
  if (from === undefined) return placed;
  const line = placed.line.map((each, i) => {
    const share = Math.max(0, 1 - Math.abs(i - index) / reach);
    return { x: each.x + share * (point.x - from.x), y: each.y + share * (point.y - from.y) };
  });
  return { ...placed, line };
}

/** Whether every point of a tool is placed. */
export function isPlaced({ points }: Placed, tool: ToolName): boolean {
  const wanted = allTools.find(({ name }) => name === tool)?.points.length;
  return points[tool]?.length === wanted;
}

export function faceOf({ points }: Placed): FaceLine | null {
  const [one, other] = points['face'] ?? [];
  if (one === undefined || other === undefined) return null;
  // Down is into the sheet where the right of the line is on the right hand.
  return one.x <= other.x ? { left: one, right: other } : { left: other, right: one };
}

/** The scale, or why the two points give none. */
export function scaleOf(
  { points }: Placed,
  lengthMm: number | null,
): { readonly scale: PictureScale | null; readonly fault: string | null } {
  const [from, to] = points['scale'] ?? [];
  if (from === undefined || to === undefined || lengthMm === null) return { scale: null, fault: null };
  try {
    return { scale: pictureScale(from, to, lengthMm, lengthMm * trustedTo), fault: null };
  } catch (fault) {
    if (!(fault instanceof RangeFault)) throw fault;
    return { scale: null, fault: fault.message };
  }
}

/** A sheet's own thickness, or a ruler's lines, are trusted to so much of their length. */
const trustedTo = 0.01;

/** Every length that can be read off what is placed. A point put by hand counts before the traced line. */
export function readingsOf(
  placed: Placed,
  scale: PictureScale | null,
): Readonly<Partial<Record<SectionMeasure, PictureReading>>> {
  const face = faceOf(placed);
  if (scale === null) return {};
  const read: Partial<Record<SectionMeasure, PictureReading>> = {};
  if (placed.line.length > 1 && face !== null) {
    const { depth, width } = fusionLineReadings(placed.line, face, scale);
    Object.assign(read, placed.meetsBack ? { width } : { depth, width });
  }
  for (const tool of measureToolList) {
    const [one, other] = placed.points[tool.name] ?? [];
    if (one === undefined) continue;
    if (tool.reading === 'between' && other !== undefined) read[tool.name] = lengthBetween(one, other, scale);
    if (face === null) continue;
    if (tool.reading === 'belowFace') read[tool.name] = belowFace(one, face, scale);
    if (tool.reading === 'aboveFace') {
      const { mm, sdMm } = belowFace(one, face, scale);
      read[tool.name] = { mm: -mm, sdMm };
    }
    if (tool.reading === 'acrossFace' && other !== undefined)
      read[tool.name] = acrossFace(one, other, face, scale);
  }
  return read;
}

/** The readings as the record takes them; null while one of them lies where it cannot. */
export function recordedReadings(
  readings: Readonly<Partial<Record<SectionMeasure, PictureReading>>>,
): SectionReadings | null {
  const record: SectionReadings = {};
  for (const { name } of measureToolList) {
    const reading = readings[name];
    if (reading === undefined) continue;
    const { min, max } = sectionRanges[name];
    if (reading.mm < min || reading.mm > max) return null;
    record[name] = { mm: rounded(reading.mm), giveMm: rounded(reading.sdMm) };
  }
  return record;
}

/** A length that lies where it cannot, with what is allowed; null where all are well. */
export function readingFault(
  readings: Readonly<Partial<Record<SectionMeasure, PictureReading>>>,
): string | null {
  for (const { name } of measureToolList) {
    const mm = readings[name]?.mm;
    const range = sectionRanges[name];
    if (mm === undefined || (mm >= range.min && mm <= range.max)) continue;
    const allowed = describeRange(spokenRange(range));
    return describeFault({ quantity: range.quantity, given: spokenLength(mm), allowed });
  }
  return null;
}

function rounded(mm: number): number {
  return Math.round(mm * 1000) / 1000;
}
