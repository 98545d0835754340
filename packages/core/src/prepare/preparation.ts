import { tackSpacing } from '../plan/index.js';
import { usualPractice } from '../practice/index.js';
import {
  backingFor,
  gapAsKnob,
  gapBorne,
  type WeldingPosition,
  seamOf,
  seamRow,
  takesBevel,
  thinnerSheet,
  type JointConditions,
} from '../joint/index.js';
import { coveredUntil, type Metal } from '../metal/index.js';
import { inMm, metre, mm, saidLength, saidTemperature, type SaidUnits } from '../quantity/index.js';
import type { WeldJob } from '../settings/index.js';

/** What a joint asks before light, by what it is about. */
export interface PreparationStep {
  readonly about: 'clean' | 'edges' | 'fit' | 'tacks' | 'hold' | 'backing' | 'gun' | 'wire';
  readonly words: string;
}

/**
 * What this joint asks before light, in the order it is done: clean, edges, fit, tacks and where, clamps, backing, gun
 * and wire. Common practice and the shop's own schools; nothing here enters the computed depth.
 *
 * @example
 * preparation(sampleJob(), { backing: 'none', surface: 'oil', position: 'flat', run: { kind: 'continuous' } })[0].about // => 'clean'
 */
export function preparation(job: WeldJob, conditions: JointConditions): readonly PreparationStep[] {
  return [
    { about: 'clean', words: cleanWords(job, conditions) },
    ...edgeSteps(job),
    { about: 'fit', words: fitWords(job) },
    { about: 'tacks', words: tackWords(job) },
    { about: 'hold', words: holdWords(job) },
    ...backingSteps(job, conditions),
    { about: 'gun', words: gunWords(job, conditions) },
    ...wireSteps(job),
  ];
}

const dirtWords = (bare: string) => ({
  clean: 'Wipe the edges and the wire with a clean cloth; no fingers afterwards.',
  millScale: `Grind the scale off ${bare} either side, both faces.`,
  oil: 'Degrease the edges and the wire, let them dry: oil turns to soot and dirties the window.',
  oxide: 'Brush the oxide off just before welding.',
  coated: `Take the coat off ${bare} either side, both faces.`,
});

function cleanWords({ metal, wireDiameter, saidIn }: WeldJob, { surface }: JointConditions): string {
  const bare = saidIn?.length === 'in' ? '0.4 in' : '10 mm';
  if (metal.id === 'galvanised')
    return `Grind the zinc off ${bare} either side: it boils long before the steel melts.`;
  if (metal.family === 'aluminium') {
    return 'Degrease, then brush with a stainless brush kept for aluminium, within the hour; the wire too.';
  }
  if (metal.family === 'titanium')
    return 'Pickle or file bright, wipe with a lint-free cloth, clean gloves from here on.';
  const words = dirtWords(bare)[surface];
  return wireDiameter === null ? words.replace(' and the wire', '') : words;
}

function edgeSteps({ joint, wireDiameter, saidIn }: WeldJob): readonly PreparationStep[] {
  const seam = seamOf(joint);
  const edges = (words: string): PreparationStep[] => [{ about: 'edges', words }];
  if (takesBevel(seam) && seam.bevel !== undefined) {
    return edges(
      `Bevel both edges and leave ${saidLength(seam.bevel.land, saidIn)} of land, the same all along.`,
    );
  }
  if (seam.kind === 'edge' && wireDiameter !== null)
    return edges('Break the edges a little: wire needs a groove to follow.');
  if (seam.kind === 'outsideCorner') {
    return edges(
      wireDiameter === null
        ? 'Meet at the inner edges: a bare mitre has little metal to melt and wants wire.'
        : 'Meet at the inner edges, open and even.',
    );
  }
  if (seam.kind === 'plug') return edges('Deburr the hole; its foot must lie on the sheet below.');
  return edges('Deburr; sheared edges straight, laser-cut edges free of dross.');
}

function fitWords({ joint, wireDiameter, practice = usualPractice, saidIn }: WeldJob): string {
  const { plain, bridged } = gapBorne(joint, wireDiameter);
  const most = metre(Math.max(plain, bridged ?? 0));
  const knob = practice.gap === 'slightlyOpen' ? gapAsKnob(joint) : null;
  const borne = saidLength(plain, saidIn, 2);
  const fit =
    most > plain
      ? `Fit it along its whole length: ${borne} of gap does not show, ${saidLength(most, saidIn, 2)} is the most to weld over.`
      : `Fit it along its whole length: ${borne} of gap is the most to weld over.`;
  return knob === null ? fit : `${fit} ${knob}`;
}

function tackWords({ joint, practice = usualPractice, saidIn }: WeldJob): string {
  if (joint.kind === 'tack') return 'This is the tack: keep the holding hand out of the line of the beam.';
  if (practice.tacks === 'none')
    return 'No tacks, as the shop does: clamps close on both sides, then the run at once.';
  const { tacks } = seamRow(seamOf(joint).kind);
  if (tacks === 'fourRound') return 'Four tacks, opposite pairs first; start the run between two.';
  if (tacks === 'none') return 'No tacks: clamp the sheets together beside the hole.';
  const pitch = inMm(tackSpacing(thinnerSheet(joint)));
  return `Tack both ends, then the middle, then every ${tackEvery(pitch, saidIn)}; work away from the holding hand.`;
}

/** To five millimetres, or a quarter of an inch: no hand sets tacks finer. */
function tackEvery(pitchMm: number, saidIn?: SaidUnits): string {
  const step = saidIn?.length === 'in' ? 6.35 : 5;
  return saidLength(mm(Math.round(pitchMm / step) * step), saidIn);
}

function holdWords({ joint, practice = usualPractice }: WeldJob): string {
  const clamp =
    seamRow(seamOf(joint).kind).clamped === 'onEachOther'
      ? 'Clamp the sheets flat on each other, beside the seam.'
      : 'Clamp both sides near the seam; the work clamp on the work itself.';
  return practice.smallParts === 'byHand'
    ? `${clamp} Small parts belong in a fixture: a holding finger is the usual injury.`
    : `${clamp} Small parts in a fixture, fingers away.`;
}

function backingSteps(job: WeldJob, { backing }: JointConditions): readonly PreparationStep[] {
  const advised = backingFor(job.metal);
  if (backing === 'none')
    return needsBackGas(job.metal) ? [{ about: 'backing', words: backGasWords(job.saidIn) }] : [];
  const suits =
    backing === advised.backing
      ? advised.why
      : `for ${job.metal.name} ${advised.backing} suits better: ${advised.why}`;
  return [{ about: 'backing', words: `A ${backing} bar tight behind the seam: ${suits}.` }];
}

const backGasWords = (saidIn?: SaidUnits): string =>
  `Argon behind as well as in front, trailing until the seam is below ${saidTemperature(coveredUntil, saidIn)}.`;

function needsBackGas(metal: Metal): boolean {
  return metal.family === 'titanium';
}

/** What the gun does differently in a position; empty where nothing. */
const gunInPosition: Readonly<Record<WeldingPosition, string>> = {
  flat: '',
  horizontal: 'Horizontal: point a little upwards, the melt hangs to the lower side.',
  verticalUp: 'Upwards: keep it narrow, the melt runs back under the beam.',
  verticalDown: 'Downwards: keep ahead of the melt, or it shields the root.',
  overhead: 'Overhead: keep it small, and nobody below.',
};

function gunWords({ practice = usualPractice, joint }: WeldJob, { position }: JointConditions): string {
  const angle =
    practice.gunAngle === 'fortyFive' ? 'about 45 degrees' : 'lower than 45 degrees, as the shop does';
  const reach = seamRow(seamOf(joint).kind).secondStands
    ? ' See that the nozzle gets into the corner at that angle.'
    : '';
  const gun = gunInPosition[position];
  const turned = gun === '' ? '' : ` ${gun}`;
  return `Gun at ${angle}, never square to the sheet, facing the barrier.${reach}${turned}`;
}

function wireSteps({ wireDiameter }: WeldJob): readonly PreparationStep[] {
  if (wireDiameter === null) return [];
  return [
    { about: 'wire', words: 'Trim the wire to the pointer before each start; guide and rolls to match it.' },
  ];
}
