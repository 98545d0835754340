import { gapBorne, seamOf, thinnerSheet, type SeamJoint } from '../joint/index.js';
import type { MachineLimits } from '../machine/index.js';
import {
  degree,
  fraction,
  inMm,
  inMmPerSecond,
  metre,
  mm,
  watt,
  type Metre,
  type Watt,
} from '../quantity/index.js';
import type { Remedy } from './JobChange.js';
import { solvePower, type Candidate } from './solveStrength.js';
import { fillersFor, wireDiameterFor, wireDiameters } from '../wire/index.js';
import type { WeldJob } from './WeldJob.js';

/** Why the best setting of a machine does not land, and what would. */
export interface Shortfall {
  /** What stands in the way, in one sentence. */
  readonly obstacle: string;
  /** What would make it possible, most direct first. */
  readonly remedies: readonly Remedy[];
}

/** Powers beyond this are no handheld machine's. */
const strongest = 6000;

/** Sheet from here on is worth bevelling. */
const worthBevelling = mm(2.5);

/**
 * What stands in the way where the expected depth lies outside the wanted window, or a gap cannot be bridged; null
 * where nothing does.
 */
export function findShortfall(job: WeldJob, best: Candidate): Shortfall | null {
  const { prediction, expectedReach, window } = best.forecast;
  const pair = pairInTheWay(job);
  if (pair !== null) return pair;
  const gap = gapInTheWay(job, best);
  if (gap !== null) return gap;
  if (prediction.wireShare >= 1) return wireTooCold(best);
  if (expectedReach < window.from) return tooShallow(job, best);
  if (expectedReach > window.to) return tooHot(job, best);
  return null;
}

/** A remedy that changes nothing that is said here. */
function onTheBench(words: string): Remedy {
  return { words, change: null };
}

/** Two metals that no wire joins, or that need one. */
function pairInTheWay({ pair, wireDiameter, joint }: WeldJob): Shortfall | null {
  if (pair === undefined) return null;
  const advice = fillersFor(...pair);
  const [first, second] = pair;
  if (advice.options.length === 0) {
    return {
      obstacle: advice.warnings[0] ?? `${first.name} and ${second.name} do not weld by melting.`,
      remedies: [onTheBench('Braze, screw or rivet.'), onTheBench('Make both sides of one metal.')],
    };
  }
  if (wireDiameter !== null || advice.withoutWire !== 'no') return null;
  const filler = advice.options[0];
  return {
    obstacle: `${first.name} and ${second.name} without wire turn hard or crack where they mix.`,
    remedies: [
      {
        words: `Take wire${filler === undefined ? '' : `, ${filler.filler}: ${filler.why}`}.`,
        change: { kind: 'wire', diameter: wireDiameterFor(thinnerSheet(joint)).diameter },
      },
    ],
  };
}

function gapInTheWay(job: WeldJob, { forecast }: Candidate): Shortfall | null {
  const { gap } = seamOf(job.joint);
  const said = `A gap of ${inMm(gap).toFixed(2)} mm`;
  const { bridged, plain } = gapBorne(job.joint, job.wireDiameter);
  const refit = (to: Metre): Remedy => ({
    words: `Re-fit the parts to a gap of ${inMm(to).toFixed(2)} mm.`,
    change: { kind: 'gap', gap: to },
  });
  if (forecast.window.to <= forecast.window.from) {
    return {
      obstacle: `${said} is half the sheet or more: it opens into a hole before it closes.`,
      remedies: [
        refit(hundredths(bridged ?? plain)),
        { words: 'Put a backing bar behind the seam.', change: { kind: 'backing', backing: 'copper' } },
      ],
    };
  }
  if (job.aim.kind !== 'fillGap' || job.wireDiameter === null) return null;
  if (bridged !== null && gap <= bridged) return null;
  const thicker = wireDiameters.find((diameter) => diameter > (job.wireDiameter ?? 0));
  return {
    obstacle: `${said} is more than this wire carries across${bridged === null ? '' : ` (${inMm(bridged).toFixed(2)} mm)`}.`,
    remedies: [
      ...(thicker === undefined
        ? []
        : [
            {
              words: `Take thicker wire, ${inMm(thicker).toFixed(1)} mm.`,
              change: { kind: 'wire', diameter: thicker } as const,
            },
          ]),
      refit(hundredths(bridged ?? plain)),
    ],
  };
}

/** Rounded down to what a feeler gauge can tell. */
function hundredths(length: Metre): Metre {
  return mm(Math.floor(inMm(length) * 100 + 1e-6) / 100);
}

function wireTooCold({ setting }: Candidate): Shortfall {
  const diameter = setting.pace.by === 'wire' ? setting.pace.diameter : null;
  const thinner = wireDiameters.findLast((each) => diameter !== null && each < diameter);
  return {
    obstacle: 'The cold wire takes all the heat this machine gives: nothing is left for the sheets.',
    remedies: [
      ...(thinner === undefined
        ? []
        : [
            {
              words: `Take thinner wire, ${inMm(thinner).toFixed(1)} mm.`,
              change: { kind: 'wire', diameter: thinner } as const,
            },
          ]),
      { words: 'Weld without wire.', change: { kind: 'wire', diameter: null } },
    ],
  };
}

function tooShallow(job: WeldJob, best: Candidate): Shortfall {
  const { prediction, expectedReach } = best.forecast;
  const needed = powerNeeded(job, best);
  const percent = Math.round(expectedReach * 100);
  const depth = inMm(prediction.depth) * (expectedReach / prediction.reach);
  return {
    obstacle: `At its full ${job.machine.power.most} W this machine melts ${depth.toFixed(1)} mm, ${percent} % of the way through.`,
    remedies: [
      ...(needed === null ? [] : [strongerMachine(needed)]),
      ...remediesByJoint(seamOf(job.joint)),
      ...enoughShare(job, expectedReach),
    ],
  };
}

function strongerMachine(needed: Watt): Remedy {
  const power = watt(roundUp(needed, 100));
  return { words: `A machine of about ${power} W.`, change: { kind: 'machine', power } };
}

/** Left between what the machine reaches and what it is asked for, so that the setting need not be at its end. */
const inHand = 0.1;

/** Less than all the way may be enough: the share, in tenths, that the machine reaches with a little in hand. */
function enoughShare({ aim }: WeldJob, expectedReach: number): readonly Remedy[] {
  const share = Math.min(0.9, Math.floor((expectedReach - inHand) * 10) / 10);
  if (aim.kind === 'share' || share < 0.5) return [];
  return [
    {
      words: `Ask for ${Math.round(share * 100)} % of the way, where that is strong enough.`,
      change: { kind: 'share', share: fraction(share) },
    },
  ];
}

const bothSides: Remedy = { words: 'Weld from both sides.', change: { kind: 'bothSides' } };

function smallerLeg(leg: Metre, words: string): Remedy {
  return { words, change: { kind: 'leg', leg: mm(Math.max(0.5, Math.round(inMm(leg) * 7) / 10)) } };
}

/** The land that is left of a bevelled edge: half the sheet, where that is enough to bevel. */
function bevelFor(thickness: Metre, words: string): Remedy {
  const land = mm(Math.max(0.5, Math.round(inMm(thickness) * 5) / 10));
  return { words, change: { kind: 'bevel', land, includedAngle: degree(60) } };
}

function remediesByJoint(seam: SeamJoint): readonly Remedy[] {
  const isThick = thinnerSheet(seam) >= worthBevelling;
  switch (seam.kind) {
    case 'butt':
      return [
        bothSides,
        ...(seam.bevel === undefined
          ? [
              bevelFor(
                thinnerSheet(seam),
                'Bevel the edges, so that there is less to melt through, and fill in more passes.',
              ),
            ]
          : []),
        ...(isThick ? [onTheBench('Leave a small even gap, where coupons bear it out.')] : []),
      ];
    case 'tubeButt':
      return seam.bevel === undefined
        ? [bevelFor(thinnerSheet(seam), 'Bevel the ends and fill in more passes.')]
        : [];
    case 'tee':
      return [
        ...(seam.sides === 1 ? [{ ...bothSides, words: 'Weld both sides with a smaller leg.' }] : []),
        smallerLeg(seam.leg, 'Ask for a smaller leg, in more passes.'),
      ];
    case 'insideCorner':
    case 'flareGroove':
    case 'tubeToPlate':
      return [smallerLeg(seam.leg, 'Ask for a smaller leg, in more passes.')];
    case 'lap':
      return [
        ...(seam.firstThickness > seam.secondThickness
          ? [{ words: 'Put the thinner sheet on top.', change: { kind: 'swapSheets' } } as const]
          : []),
        onTheBench('Weld the edge of the lap as a fillet instead of through it.'),
      ];
    case 'plug':
      return [
        {
          words: 'Make the hole wider, so that the beam sees the sheet below.',
          change: { kind: 'hole', holeDiameter: metre(seam.holeDiameter * 1.5) },
        },
      ];
    case 'outsideCorner':
    case 'edge':
      return [bothSides];
  }
}

function tooHot(job: WeldJob, best: Candidate): Shortfall {
  return {
    obstacle: `Even at its least, ${job.machine.power.least} W, this machine melts too much at ${inMmPerSecond(best.forecast.travel).toFixed(0)} mm/s.`,
    remedies: [
      onTheBench('Go faster than a steady hand’s pace.'),
      { words: 'Put a copper backing bar behind the seam.', change: { kind: 'backing', backing: 'copper' } },
    ],
  };
}

/** Power at which the same setting would reach the middle of its window; null where no handheld machine gives it. */
function powerNeeded(job: WeldJob, best: Candidate): Watt | null {
  const power = { least: job.machine.power.most, most: watt(strongest), step: 20 };
  const stronger: MachineLimits = { ...job.machine, power };
  const { setting, forecast } = solvePower({ ...job, machine: stronger }, best.setting);
  return forecast.expectedReach >= forecast.window.from ? setting.power : null;
}

function roundUp(value: number, step: number): number {
  return Math.ceil(value / step) * step;
}
