import {
  farFace,
  gapBorne,
  jointThermal,
  ownLeg,
  seamOf,
  seamRow,
  seamSizes,
  takesBevel,
  thinnerSheet,
  type BevelKind,
  type SeamJoint,
  type SeamOf,
} from '../joint/index.js';
import { degree, fraction, inMm, metre, mm, saidLength, type Metre } from '../quantity/index.js';
import { fillersFor, wireDiameterFor, wireName, wireSizes, type WireSize } from '../wire/index.js';
import type { JobChange } from './JobChange.js';
import type { Suggestion } from './suggestSetting.js';
import type { WeldJob } from './WeldJob.js';
import { plainBead } from './meltInputOf.js';

/** A change in the words that offer it. */
export interface PossibleChange {
  readonly words: string;
  readonly change: JobChange;
}

/** Every change that a job's joint, wire and aim allow; whether it helps is for a search to say. */
export function possibleChanges(job: WeldJob, best: Suggestion): readonly PossibleChange[] {
  const seam = seamOf(job.joint);
  return [
    ...wires(job),
    ...closedGap(job),
    ...(job.joint.kind === 'tack' ? [] : sides(job, seam)),
    ...shapes(seam, job.saidIn),
    ...lessOfTheWay(job, best),
  ];
}

function wires({ pair, wireDiameter, machine, joint, shelf, saidIn }: WeldJob): readonly PossibleChange[] {
  if (machine.wireSpeed === null || joint.kind === 'tack') return [];
  if (wireDiameter === null) {
    const { diameter } = wireDiameterFor(thinnerSheet(joint), ...wireShelf(shelf));
    const filler = pair === undefined ? undefined : fillersFor(...pair).options[0];
    const named = filler === undefined ? '' : `, ${filler.filler}: ${filler.why}`;
    return [{ words: `Take wire, ${wireName(diameter)}${named}`, change: { kind: 'wire', diameter } }];
  }
  const others = wireSizes
    .filter(({ system }) => system === (shelf?.system ?? 'mm'))
    .map(({ diameter }) => diameter)
    .filter((diameter) => Math.abs(diameter / wireDiameter - 1) > 0.05)
    .map((diameter) => ({
      words: `Take ${diameter > wireDiameter ? 'thicker' : 'thinner'} wire, ${wireName(diameter)}`,
      change: { kind: 'wire', diameter } as const,
    }));
  const needsWire = pair !== undefined && fillersFor(...pair).withoutWire === 'no';
  if (needsWire) return others;
  const seam = seamOf(joint);
  const own =
    'leg' in seam && ownLeg(seam) < seam.leg ? `: a leg of about ${saidLength(ownLeg(seam), saidIn)}` : '';
  return [...others, { words: `Weld without wire${own}`, change: { kind: 'wire', diameter: null } }];
}

function wireShelf(shelf: WeldJob['shelf']): readonly [WireSize['system'], readonly Metre[]] {
  return [shelf?.system ?? 'mm', shelf?.diameters ?? []];
}

/** Rounded down to what a feeler gauge can tell. */
function closedGap({ joint, wireDiameter, saidIn }: WeldJob): readonly PossibleChange[] {
  const { gap } = seamOf(joint);
  const { bridged, plain } = gapBorne(joint, wireDiameter);
  return [bridged ?? plain, plain, metre(0)]
    .map((length) => mm(Math.floor(inMm(length) * 100 + 1e-6) / 100))
    .filter((length, i, all) => length < gap && all.indexOf(length) === i)
    .map((length) => ({
      words: `Re-fit the parts to a gap of ${saidLength(length, saidIn, 2)}`,
      change: { kind: 'gap', gap: length },
    }));
}

function sides({ runs, saidIn }: WeldJob, seam: SeamJoint): readonly PossibleChange[] {
  if (!seamRow(seam.kind).asksSides) return [];
  if (!('sides' in seam))
    return runs === 2 ? [] : [{ words: 'Weld from both sides', change: { kind: 'bothSides' } }];
  if (seam.sides === 2) return [];
  // Two fillets carry together what one was asked to.
  const leg = tenths(seam.leg / 2);
  const words = `Weld both sides with a leg of ${saidLength(leg, saidIn)} each`;
  return [{ words, change: { kind: 'bothSides', leg } }];
}

/** Shares of a size that are tried. */
const lands = [0.75, 0.5, 0.3];
const legs = [0.85, 0.7, 0.5];
const thickerLegs = [1.5, 2, 3];
const holes = [1.5, 2, 3];
const mostHole = mm(seamSizes.holeDiameter.max);
const mostLeg = mm(seamSizes.leg.max);
const vee = degree(60);

function shapes(seam: SeamJoint, saidIn: WeldJob['saidIn']): readonly PossibleChange[] {
  if (takesBevel(seam)) return bevels(seam, saidIn);
  if ('leg' in seam) return legsOf(seam, saidIn);
  if ('holeDiameter' in seam) return widerHoles(seam, saidIn);
  if (seam.kind !== 'lap' || seam.firstThickness <= seam.secondThickness) return [];
  return [{ words: 'Put the thinner sheet on top', change: { kind: 'swapSheets' } }];
}

function widerHoles(
  seam: Extract<SeamJoint, { holeDiameter: Metre }>,
  saidIn: WeldJob['saidIn'],
): readonly PossibleChange[] {
  return holes.flatMap((by) => {
    const holeDiameter = tenths(Math.min(mostHole, seam.holeDiameter * by));
    if (holeDiameter <= seam.holeDiameter) return [];
    const words = `Make the hole wider, ${saidLength(holeDiameter, saidIn)}, so that the beam sees the sheet below`;
    return [{ words, change: { kind: 'hole', holeDiameter } }];
  });
}

function bevels(seam: SeamOf<BevelKind>, saidIn: WeldJob['saidIn']): readonly PossibleChange[] {
  if (seam.bevel !== undefined) return [];
  const thickness = thinnerSheet(seam);
  return lands
    .map((share) => tenths(Math.max(mm(0.3), thickness * share)))
    .filter((land, i, all) => land < thickness && all.indexOf(land) === i)
    .map((land) => ({
      words: `Bevel the edges to a land of ${saidLength(land, saidIn)} and fill in more passes`,
      change: { kind: 'bevel', land, includedAngle: vee },
    }));
}

function legsOf(
  seam: Extract<SeamJoint, { leg: Metre }>,
  saidIn: WeldJob['saidIn'],
): readonly PossibleChange[] {
  return [...legs, ...thickerLegs]
    .map((by) => tenths(Math.max(mm(0.5), Math.min(mostLeg, seam.leg * by))))
    .filter((leg, i, all) => Math.abs(leg - seam.leg) > 1e-6 && all.indexOf(leg) === i)
    .map((leg) => ({
      words: `Ask for a ${leg < seam.leg ? 'smaller' : 'larger'} leg, ${saidLength(leg, saidIn)}`,
      change: { kind: 'leg', leg },
    }));
}

/** Left between what the machine reaches and what it is asked for, so that the setting need not be at its end. */
const inHand = 0.1;

/** Less than all the way may be enough: the share, in tenths, that the machine reaches with a little in hand. */
function lessOfTheWay(job: WeldJob, { setting, forecast }: Suggestion): readonly PossibleChange[] {
  const share = Math.min(0.9, Math.floor((forecast.expectedReach - inHand) * 10) / 10);
  const { thickness } = jointThermal(forecast.pass.joint);
  const isLeft = thickness >= plainBead(job, setting);
  const isOpen = farFace(job.joint).isOpen;
  if (job.aim.kind === 'share' || job.runs === 2 || share < 0.5 || !isLeft || !isOpen) return [];
  const words = `Ask for ${Math.round(share * 100)} % of the way, where that is strong enough`;
  return [{ words, change: { kind: 'share', share: fraction(share) } }];
}

function tenths(length: number): Metre {
  return mm(Math.round(inMm(metre(length)) * 10) / 10);
}
