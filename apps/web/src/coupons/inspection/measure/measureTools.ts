import { sectionRanges, type SectionMeasure } from '@lone-heron/contract';
import { sentenceStart } from '../../../shared/sentences/sentenceStart.js';

/** How a length is read off its points. */
type Reading = 'belowFace' | 'aboveFace' | 'between' | 'acrossFace';

/** What is placed on the picture, and what its points are called. */
export interface MeasureTool {
  readonly name: ToolName;
  readonly label: string;
  readonly points: readonly string[];
  readonly reading: Reading | null;
}
export type ToolName = 'scale' | 'face' | 'white' | 'seam' | SectionMeasure;

const readings: Readonly<Record<SectionMeasure, readonly [Reading, ...string[]]>> = {
  depth: ['belowFace', 'the deepest point of the melt'],
  width: ['between', 'the melt at the face, left', 'and right'],
  depthLeft: ['belowFace', 'the deepest point in the left sheet'],
  depthRight: ['belowFace', 'the deepest point in the right sheet'],
  rootWidth: ['between', 'the melt at the back, left', 'and right'],
  throat: ['between', 'the root', 'the face nearest to it'],
  legOne: ['between', 'the corner', 'where the leg ends on the first sheet'],
  legTwo: ['between', 'the corner', 'where the leg ends on the second sheet'],
  gap: ['between', 'one edge of the gap', 'the other'],
  undercut: ['belowFace', 'the bottom of the undercut'],
  crown: ['aboveFace', 'the top of the crown'],
  misalignment: ['acrossFace', 'the face of the left sheet', 'the face of the right sheet'],
};

const scaleTool: MeasureTool = {
  name: 'scale',
  label: 'Scale',
  points: ['one end of the known length', 'the other end'],
  reading: null,
};

/** What a reading of colours asks. */
export const tintTools: readonly MeasureTool[] = [
  { name: 'white', label: 'White', points: ['something white or grey: paper, a card'], reading: null },
  {
    name: 'seam',
    label: 'Joint’s line',
    points: ['the joint’s line where the seam begins', 'where it ends'],
    reading: null,
  },
  scaleTool,
];

/** Scale and face first: everything else is read by them. */
export const setTools: readonly MeasureTool[] = [
  scaleTool,
  {
    name: 'face',
    label: 'Face of the sheet',
    points: ['the face far to the left of the melt', 'the face far to the right'],
    reading: null,
  },
];

export const measureToolList: readonly (MeasureTool & { readonly name: SectionMeasure })[] = (
  Object.keys(readings) as SectionMeasure[]
).map((name) => {
  const [reading, ...points] = readings[name];
  return { name, label: sentenceStart(sectionRanges[name].quantity), points, reading };
});

export const allTools: readonly MeasureTool[] = [...new Set([...setTools, ...measureToolList, ...tintTools])];
