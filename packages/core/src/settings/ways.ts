import { snapToKnob } from '../machine/index.js';
import { wobbleFrom } from '../beam/index.js';
import { metre, mmPerSecond, type MetrePerSecond } from '../quantity/index.js';
import { handBand } from './handBand.js';
import type { Aim, WeldJob } from './WeldJob.js';
import type { WeldSetting } from './WeldSetting.js';
import type { WobbleChoice } from './wobbleChoice.js';

/** A pace and a sweep that the strength is then found for. */
export interface Way {
  readonly travel: MetrePerSecond;
  readonly wobble: WeldSetting['wobble'];
}

/** The ways of a job in their order. */
export interface Ways {
  readonly liked: readonly Way[];
  /** Slower and narrower, for what the liked ones do not reach. */
  readonly further: readonly Way[];
}

/** How an aim goes from what it likes best to what reaches furthest. */
interface WayRule {
  /** mm/s */
  readonly fastest: number;
  readonly slowest: number;
  /** Shares of the usual sweep that are liked, the first best. */
  readonly widths: readonly number[];
}

const plain: WayRule = { fastest: 10, slowest: 5, widths: [1] };

const rules: Readonly<Record<Aim['kind'], WayRule>> = {
  reach: plain,
  share: plain,
  fillGap: plain,
  leastHeat: { ...plain, fastest: 16, widths: [0.8] },
  leastDressing: { ...plain, fastest: 16, widths: [0.6] },
  wideForgiving: { ...plain, widths: [1, 1.1, 1.2, 1.3, 1.4, 1.5] },
};

/** A shop that holds wire back goes slower. */
const heldBack = { fastest: 8, slowest: 4 };

/** Where the machine falls short the pace slows and the sweep narrows together, in so many steps to this share of it. */
const steps = 24;
const narrowest = 0.4;
/** Then the sweep alone, to this share, and at last none. */
const lastSteps = 8;
const lastNarrowest = 0.15;

/** Steps on the other side, where the least power is too much: up to the fastest pace of a hand. */
const hurrySteps = 12;

/**
 * The ways a job is tried, what its aim likes best first: then slower and narrower together, which reaches further, and
 * at last without a sweep. One fine row, so that a little more sheet moves the answer a little.
 */
export function waysOf(job: WeldJob, usual: WobbleChoice): Ways {
  const rule = ruleOf(job);
  const liked = rule.widths.map((share) => wayAt(job, usual, rule.fastest, share));
  const [first = 1] = rule.widths;
  const slower = Array.from({ length: steps }, (_, i) => {
    const by = (i + 1) / steps;
    return wayAt(job, usual, rule.fastest * (rule.slowest / rule.fastest) ** by, first * narrowest ** by);
  });
  const last = Array.from({ length: lastSteps }, (_, i) =>
    wayAt(job, usual, rule.slowest, first * narrowest * (lastNarrowest / narrowest) ** ((i + 1) / lastSteps)),
  );
  const still: Way[] =
    usual.leastWidth > 0 || job.machine.wobbleWidth.least > 0
      ? []
      : [{ travel: mmPerSecond(rule.slowest), wobble: { shape: 'none' } }];
  // A share of the way is left only under a sweep: a straight pass tips over as it likes.
  const further = job.aim.kind === 'share' ? slower : [...slower, ...last, ...still];
  return { liked: distinct(liked), further: distinct(further) };
}

/** Ways past the first where even the least power melts too much: quicker, as far as a hand goes. */
export function quickerWays(job: WeldJob, usual: WobbleChoice): readonly Way[] {
  const rule = ruleOf(job);
  const { fastest } = handBand;
  const [first = 1] = rule.widths;
  return Array.from({ length: hurrySteps }, (_, i) =>
    wayAt(job, usual, rule.fastest * ((fastest * 1000) / rule.fastest) ** ((i + 1) / hurrySteps), first),
  );
}

/** The slowest and the fastest pace that a job's aim is tried at, mm/s. */
export function pacesOf(job: WeldJob): { readonly slowest: number; readonly fastest: number } {
  const { slowest, fastest } = ruleOf(job);
  return { slowest, fastest };
}

function ruleOf(job: WeldJob): WayRule {
  const rule = rules[job.aim.kind];
  const holdsBack = job.practice?.pace === 'heldBack' && job.wireDiameter !== null && rule.fastest === 10;
  return holdsBack ? { ...rule, ...heldBack } : rule;
}

function wayAt(job: WeldJob, usual: WobbleChoice, travelMmS: number, share: number): Way {
  const { wobbleWidth, wobbleRate } = job.machine;
  const wanted = metre(Math.max(usual.width * share, usual.leastWidth));
  const width = snapToKnob(wobbleWidth, wanted);
  return {
    travel: mmPerSecond(travelMmS),
    wobble: wobbleFrom(usual.shape, width, snapToKnob(wobbleRate, usual.frequency)),
  };
}

/** Each way once, where the first of equals stands. */
function distinct(ways: readonly Way[]): readonly Way[] {
  const seen = new Set<string>();
  return ways.filter(({ travel, wobble }) => {
    const key = `${travel} ${wobble.shape === 'none' ? 0 : wobble.width}`;
    if (seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}
