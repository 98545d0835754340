import {
  describeRange,
  dialledMetals,
  findMetal,
  metalTable,
  mm,
  parseQuantity,
  seamKinds,
  seamRow,
  sheetRange,
  understandJoint,
  wireDiameterFor,
  type LegFeed,
  type MetalId,
  type UnderstoodJoint,
} from '@lone-heron/core';
import { plainConditions, wireDiameterMm, wireDiametersMm, type Joint } from '../../joint/joint.js';
import { holeToPropose, legToPropose } from '../../joint/rules/proposedSizes.js';
import { coreMachine } from '../../joint/rules/toCore.js';
import { fieldProblems, type FieldProblem } from '../../wire/problem.js';
import { jobWeldSchema, type JobWeld } from '../jobWeld.js';
import type { WeldLine, WeldLineContext } from './readWeldLines.js';
import { weldLineParts, type WeldLineParts } from './weldLineParts.js';

/** What one line is read by. */
interface LineContext extends WeldLineContext {
  /** The weld before it; null for the first. */
  readonly above: JobWeld | null;
}

/** A gap that fit-up leaves where nobody said one, mm. */
const usualGapMm = 0.1;
/** What is given where a line says nothing of something that it must have. */
export const nothingSaid = 'nothing';

/** How far a closed seam is taken past its start, and the ramp out there: common practice. */
export const usualClosing = { lapMm: 5, rampDownS: 0.3 };

/** What a line may leave to the one above. */
export type LeftToAbove = WeldLine['carried'][number] | 'pose';

/** A weld of one line, with what it says itself of what it could have left to the line above. */
export interface ReadLine extends Omit<WeldLine, 'line' | 'text'> {
  readonly says: readonly LeftToAbove[];
}

/** Reads one weld; everything that is wrong with it is said at once. */
export function readWeldLine(text: string, context: LineContext): ReadLine {
  const reader = new Reader(context);
  const parts = weldLineParts(text);
  const understood = understandJoint(parts.rest);
  const says = saidIn(parts, understood, context);
  if (understood.unknown.length > 0) {
    const allowed =
      'mark, metal, thickness, joint, length, count as x2, sides, gap, wire, leg, stitched 20 every 60, after W1, pose, and a place in “quotation marks”';
    reader.refuse('words', understood.unknown.join(' '), allowed);
  }
  const joint = readJoint(parts, understood, reader);
  const weld = {
    mark: reader.mark(parts.mark),
    ...{ part: context.part, joint: joint ?? {}, wireDiameterMm: reader.wire(understood, joint) },
    lengthMm: reader.seamLength(parts, understood, joint),
    count: parts.count === undefined ? 1 : Number(parts.count),
    closing:
      joint !== null && seamRow(joint.kind).isRound && parts.stitch === undefined ? usualClosing : null,
    ...{ pose: parts.pose ?? context.above?.pose ?? '', where: parts.where ?? '', place: null },
    ...{ after: [...parts.after], mostGapMm: null, mostMisalignmentMm: null, preparation: '' },
    ...{ level: null, tests: [], cardId: null, notes: '' },
  };
  const { problems, carried } = reader;
  if (problems.length > 0) return { weld: null, problems, carried, says };
  const parsed = jobWeldSchema.safeParse(weld);
  if (parsed.success) return { weld: parsed.data, problems, carried, says };
  return { weld: null, problems: fieldProblems(parsed.error, weld), carried, says };
}

function saidIn(
  { pose }: WeldLineParts,
  { metals, thicknesses, kind, wire }: UnderstoodJoint,
  { length }: WeldLineContext,
): readonly LeftToAbove[] {
  const isSaid: Readonly<Record<LeftToAbove, boolean>> = {
    metal: metals.length > 0,
    thickness: thicknesses.some((text) => !isLong(text, length)),
    joint: kind !== undefined,
    wire: wire !== undefined,
    pose: pose !== undefined,
  };
  return (Object.keys(isSaid) as LeftToAbove[]).filter((each) => isSaid[each]);
}

/** Reads the quantities of a line, and notes what is wrong and what was taken from the line above. */
class Reader {
  readonly problems: FieldProblem[] = [];
  readonly carried: WeldLine['carried'][number][] = [];

  constructor(readonly context: LineContext) {}

  refuse(field: string, given: string, allowed: string): null {
    this.problems.push({ field, given, allowed });
    return null;
  }

  carry<Value>(what: WeldLine['carried'][number], value: Value): Value {
    this.carried.push(what);
    return value;
  }

  /** mm, or null once it is noted what is wrong. */
  length(field: string, text: string, metal: MetalId | null = null): number | null {
    const sheet = metal === null ? null : metalTable[metal].sheet;
    const isInches = this.context.length === 'in';
    const small = field === 'gap' ? { smallestBareMm: 0.02 } : {};
    const parsed = parseQuantity(text, 'length', { sheet, ...(isInches ? { bareUnit: 'in' } : small) });
    return parsed.ok ? Math.round(parsed.value * 1e4) / 1e4 : this.refuse(field, text, parsed.fault.allowed);
  }

  mark(typed: string | undefined): string {
    const taken = this.context.there.map(({ mark }) => mark.toLowerCase());
    if (typed === undefined) {
      let next = this.context.there.length + 1;
      while (taken.includes(`w${next}`)) next++;
      return `W${next}`;
    }
    const mark = typed.toUpperCase();
    if (taken.includes(typed.toLowerCase())) this.refuse('mark', mark, 'a mark that no other weld has');
    return mark;
  }

  /** A diameter that is sold; null for none. */
  wire({ wire }: UnderstoodJoint, joint: Joint | null): number | null {
    const { above, machine } = this.context;
    if (wire === null || machine?.profile.wireSpeedMmS === null) {
      if (typeof wire === 'string') this.refuse('wire', wire, 'no wire: this machine has no feeder');
      return null;
    }
    if (wire === undefined) {
      if (above !== null) return this.carry('wire', above.wireDiameterMm);
      return joint === null
        ? null
        : wireDiameterMm(
            wireDiameterFor(
              mm(Math.min(joint.firstThicknessMm, joint.secondThicknessMm)),
              this.context.length,
            ).diameter,
          );
    }
    const parsed = parseQuantity(wire, 'length');
    const typed = parsed.ok ? parsed.value : Number.NaN;
    const sold = wireDiametersMm.find((each) => Math.abs(each - typed) <= 0.03);
    return (
      sold ?? this.refuse('wire', wire, `none, or ${wireDiametersMm.map((each) => `${each} mm`).join(', ')}`)
    );
  }

  /** mm; of a seam that goes round its tube, once round where nobody said. */
  seamLength(parts: WeldLineParts, understood: UnderstoodJoint, joint: Joint | null): number | null {
    const said = [
      ...(parts.length === undefined ? [] : [parts.length]),
      ...longSizes(understood, this.context),
    ];
    const [text, ...more] = said;
    if (more.length > 0)
      return this.refuse(
        'length',
        said.join(' and '),
        'one length; say the tube as “tube 40 mm” and the leg as “leg 2 mm”',
      );
    if (text !== undefined) return this.length('length', text);
    if (joint !== null && 'tubeRadiusMm' in joint && seamRow(joint.kind).isRound)
      return Math.round(2 * Math.PI * joint.tubeRadiusMm * 10) / 10;
    if (joint?.kind === 'plug') return Math.max(1, joint.holeDiameterMm);
    if (joint === null && this.problems.length > 0) return null;
    return this.refuse(
      'length',
      nothingSaid,
      'how long one seam is, such as 240 mm; a short one as “10 mm long”',
    );
  }
}

/** Sizes that no sheet has: they are lengths. */
function longSizes({ thicknesses }: UnderstoodJoint, { length }: WeldLineContext): readonly string[] {
  return thicknesses.filter((text) => isLong(text, length));
}

function isLong(text: string, system: WeldLineContext['length']): boolean {
  const parsed = parseQuantity(text, 'length', system === 'in' ? { bareUnit: 'in' } : {});
  return parsed.ok && parsed.value > sheetRange.max;
}

function readJoint(parts: WeldLineParts, understood: UnderstoodJoint, reader: Reader): Joint | null {
  const { context } = reader;
  const { above } = context;
  const kind =
    understood.kind ??
    (above === null
      ? reader.refuse('joint', nothingSaid, seamKinds.map((each) => seamRow(each).short).join(', '))
      : reader.carry('joint', above.joint.kind));
  const [metal, secondMetal] = metalsOf(understood, reader);
  const [first, second] = sheetsOf(understood, metal, secondMetal, reader);
  const gap = understood.gap === undefined ? usualGapMm : reader.length('gap', understood.gap);
  if (kind === null || metal === null || first === null || second === null || gap === null) return null;
  const row = seamRow(kind);
  const tube = tubeOf(understood, kind, reader);
  if (row.sizes.includes('tubeRadius') && tube === null) return null;
  const sides = parts.sides ?? 1;
  if (sides === 2 && row.secondSide === null)
    return reader.refuse('sides', 'both sides', `one side: ${row.said} has no second one to weld`);
  const sheets = { firstMm: first, secondMm: second, tubeRadiusMm: tube };
  const leg = () =>
    parts.leg === undefined
      ? legToPropose(kind, sheets, sides, feedOf(understood, metal, sheets, reader))
      : reader.length('leg', parts.leg);
  const hole = () => (parts.hole === undefined ? holeToPropose(first) : reader.length('hole', parts.hole));
  const conditions = conditionsOf(parts, sides, reader);
  const own = {
    ...(row.sizes.includes('tubeRadius') ? { tubeRadiusMm: tube } : {}),
    ...(row.sizes.includes('leg') ? { legMm: leg() } : {}),
    ...(row.sizes.includes('holeDiameter') ? { holeDiameterMm: hole() } : {}),
  };
  if (parts.leg !== undefined && !row.sizes.includes('leg'))
    reader.refuse('leg', parts.leg, `no leg: ${row.said} has none`);
  // Kind by kind what its row says, which is more than the compiler follows; the schema holds it.
  return {
    ...{ kind, metal, ...(secondMetal === null ? {} : { secondMetal }) },
    ...{ firstThicknessMm: first, secondThicknessMm: second },
    gapMm: understood.gap === undefined ? Math.min(gap, first, second) : gap,
    ...own,
    ...(sides === 2 ? { sides } : {}),
    ...(conditions === null ? {} : { conditions }),
  } as Joint;
}

function metalsOf({ metals }: UnderstoodJoint, reader: Reader): [MetalId | null, MetalId | null] {
  const { above } = reader.context;
  const [first, second] = metals;
  if (first !== undefined) return [first, second ?? null];
  if (above === null) {
    const allowed = dialledMetals.map((id) => metalTable[id].name).join(', ');
    return [reader.refuse('metal', nothingSaid, allowed), null];
  }
  return reader.carry('metal', [above.joint.metal, above.joint.secondMetal ?? null]);
}

function sheetsOf(
  understood: UnderstoodJoint,
  metal: MetalId | null,
  secondMetal: MetalId | null,
  reader: Reader,
): [number | null, number | null] {
  const { context } = reader;
  const sizes = understood.thicknesses.filter((text) => !isLong(text, context.length));
  const [first, second, third] = sizes;
  if (third !== undefined) {
    const allowed = 'one thickness or two; say how long a short seam is as “10 mm long”';
    return [reader.refuse('thickness', sizes.join(' and '), allowed), null];
  }
  if (first === undefined) {
    if (context.above === null)
      return [reader.refuse('thickness', nothingSaid, `${describeRange(sheetRange)} of sheet`), null];
    const { firstThicknessMm, secondThicknessMm } = context.above.joint;
    return reader.carry('thickness', [firstThicknessMm, secondThicknessMm]);
  }
  const read = reader.length('thickness', first, metal);
  return [read, second === undefined ? read : reader.length('thickness', second, secondMetal ?? metal)];
}

/** Half the outside diameter, mm. */
function tubeOf({ tube }: UnderstoodJoint, kind: Joint['kind'], reader: Reader): number | null {
  const { above } = reader.context;
  if (!seamRow(kind).sizes.includes('tubeRadius')) return null;
  if (tube !== undefined) {
    const diameter = reader.length('tube', tube);
    return diameter === null ? null : diameter / 2;
  }
  if (above !== null && 'tubeRadiusMm' in above.joint) return above.joint.tubeRadiusMm;
  return reader.refuse('tube', nothingSaid, 'its outside diameter, such as “tube 40 mm”');
}

function feedOf(
  understood: UnderstoodJoint,
  metal: MetalId,
  { firstMm, secondMm }: { readonly firstMm: number; readonly secondMm: number },
  { context }: Reader,
): LegFeed | null {
  const { machine, above } = context;
  if (machine === null) return null;
  const parsed = typeof understood.wire === 'string' ? parseQuantity(understood.wire, 'length') : null;
  const usual =
    above === null ? wireDiameterFor(mm(Math.min(firstMm, secondMm)), context.length).diameter : null;
  const wireDiameter =
    understood.wire === null || machine.profile.wireSpeedMmS === null
      ? null
      : parsed?.ok === true
        ? mm(parsed.value)
        : (usual ?? (above?.wireDiameterMm == null ? null : mm(above.wireDiameterMm)));
  return { metal: findMetal(metal), wireDiameter, machine: coreMachine(machine.profile) };
}

function conditionsOf(
  { stitch, position }: WeldLineParts,
  sides: 1 | 2,
  reader: Reader,
): Joint['conditions'] | null {
  if (stitch === undefined && position === undefined) return null;
  const stitches = stitch === undefined ? null : stitchesOf(stitch, sides, reader);
  return { ...plainConditions, ...(position === undefined ? {} : { position }), stitches };
}

function stitchesOf(
  { length, pitch, offset }: NonNullable<WeldLineParts['stitch']>,
  sides: 1 | 2,
  reader: Reader,
): NonNullable<Joint['conditions']>['stitches'] {
  const lengthMm = reader.length('stitch', length);
  const pitchMm = reader.length('pitch', pitch);
  const offsetMm = offset === undefined || sides === 1 ? 0 : reader.length('offset', offset);
  return lengthMm === null || pitchMm === null || offsetMm === null ? null : { lengthMm, pitchMm, offsetMm };
}
