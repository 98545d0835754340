import {
  inMm,
  jointThermal,
  judgeAcceptance,
  type CriterionVerdict,
  type InspectionFound,
  type SaidUnits,
} from '@lone-heron/core';
import type { TestKind } from '../../inspection/couponTest.js';
import { coreJoint } from '../../joint/rules/toCore.js';
import type { JobDraft } from '../job.js';
import type { JobWeld } from '../jobWeld.js';
import type { WeldCheck } from '../weldCheck.js';
import type { WeldRun } from '../weldRun.js';
import { isSettled, seamKey, seamsInPiece, seamStandings } from './jobSeams.js';

/** How a weld stands against what it must show. */
export interface JudgedWeld {
  readonly mark: string;
  /** Tests that are asked for, each with the welded seams that have not had it since they were last welded. */
  readonly open: readonly OpenTest[];
  /** What its level asks and was measured, or is open. */
  readonly verdicts: readonly CriterionVerdict[];
  /** Checks that failed, or figures beyond the level, and no repair since. */
  readonly failed: readonly WeldCheck[];
  /** Seams of the batch that are still to weld: it says nothing of them. Those left out are not counted. */
  readonly toWeld: number;
  /** Seams that are welded. */
  readonly welded: number;
  /** Seams that were left out. */
  readonly leftOut: readonly number[];
  /** Of the seams that are welded. */
  readonly standing: 'notWelded' | 'open' | 'accepted' | 'failed';
}

/** A test that some seams still have to have. */
export interface OpenTest {
  readonly kind: TestKind;
  /** None where none is welded yet. */
  readonly seams: readonly number[];
}

interface JobRecord {
  readonly draft: JobDraft;
  readonly runs: readonly WeldRun[];
  readonly checks: readonly WeldCheck[];
}

/** What a level asks is seen by a look, unless it asks for dye or tightness; depth and bend are the coupon's and the card's. */
function testsAsked(weld: JobWeld, { level: jobs }: Pick<JobDraft, 'level'>): readonly TestKind[] {
  const level = weld.level ?? jobs;
  const asked: TestKind[] = [
    'look',
    ...(level.longestIndication === null ? [] : (['dye'] as const)),
    ...(level.asksTight ? (['leak'] as const) : []),
    ...weld.tests,
  ];
  return [...new Set(asked)];
}

/**
 * How every weld of a job stands. A test of one seam says nothing of its others; a repair makes what was tested of that seam
 * before it open again.
 */
export function judgedWelds({ draft, runs, checks }: JobRecord, saidIn?: SaidUnits): readonly JudgedWeld[] {
  return draft.welds.map((weld) => {
    const own = runs.filter(({ mark, withdrawnAt }) => mark === weld.mark && withdrawnAt === null);
    const welded = own.filter(({ outcome }) => outcome === 'welded');
    const standing = checks.filter(({ mark, withdrawnAt }) => mark === weld.mark && withdrawnAt === null);
    const since = standing.filter((check) => !isMended(check, welded));
    const verdicts = judgeAcceptance(levelOnPart(weld, draft), foundOn(weld, since), saidIn);
    const isBeyond = verdicts.some(({ verdict }) => verdict === 'notMet');
    const failed = since.filter(({ result }) => result === 'fails');
    const open = testsAsked(weld, draft)
      .map((kind) => ({ kind, seams: untested(kind, standing, welded) }))
      .filter(({ seams }) => welded.length === 0 || seams.length > 0);
    const stands =
      welded.length === 0
        ? 'notWelded'
        : failed.length > 0 || isBeyond
          ? 'failed'
          : open.length > 0
            ? 'open'
            : 'accepted';
    return {
      mark: weld.mark,
      open,
      verdicts,
      failed,
      toWeld: seamsToWeld(weld, draft, own),
      welded: new Set(welded.map(({ seam }) => seam)).size,
      leftOut: seamsLeftOut(own),
      standing: stands,
    };
  });
}

function seamsToWeld(weld: JobWeld, draft: JobDraft, own: readonly WeldRun[]): number {
  const settled = [...seamStandings(own).values()].filter(isSettled);
  return Math.max(0, seamsInPiece(weld, draft.parts) * draft.quantity - settled.length);
}

function seamsLeftOut(own: readonly WeldRun[]): readonly number[] {
  const standings = seamStandings(own);
  const out = own.filter((run) => standings.get(seamKey(run)) === 'skipped').map(({ seam }) => seam);
  return [...new Set(out)].toSorted((one, other) => one - other);
}

/** Whether what a check found was welded again since: its own seam, or any where it was of all of them. */
function isMended({ seam, doneAt }: WeldCheck, welded: readonly WeldRun[]): boolean {
  return welded.some((run) => run.isRepair && (seam === null || run.seam === seam) && run.weldedAt >= doneAt);
}

/** The seams that were welded and have not had a test since. */
function untested(
  kind: TestKind,
  checks: readonly WeldCheck[],
  welded: readonly WeldRun[],
): readonly number[] {
  // A pressure test says whether it is tight, as a leak test does.
  const does = (check: WeldCheck) => check.kind === kind || (kind === 'leak' && check.kind === 'pressure');
  const clear = checks.filter((check) => does(check) && check.result !== 'unclear');
  const open = welded.filter(
    (run) => !clear.some(({ seam, doneAt }) => (seam === null || seam === run.seam) && doneAt > run.weldedAt),
  );
  return [...new Set(open.map(({ seam }) => seam))].toSorted((one, other) => one - other);
}

/** What of a level is looked for on the part itself. */
function levelOnPart(weld: JobWeld, draft: Pick<JobDraft, 'level'>): JobDraft['level'] {
  return { ...(weld.level ?? draft.level), leastReach: null, bendAngle: null };
}

/** The worst that was measured of each. */
function foundOn(weld: JobWeld, checks: readonly WeldCheck[]): InspectionFound {
  const thicknessMm = inMm(jointThermal(coreJoint(weld.joint)).thickness);
  const worst = (of: (check: WeldCheck) => number | null) => {
    const read = checks.flatMap((check) => of(check) ?? []);
    return read.length === 0 ? null : Math.max(...read);
  };
  const share = (mm: number | null) => (mm === null ? null : mm / thicknessMm);
  const tight = checks.filter(
    ({ kind, result }) => (kind === 'leak' || kind === 'pressure') && result !== 'unclear',
  );
  return {
    ...{ reach: null, bends: [] },
    undercut: share(worst(({ undercutMm }) => undercutMm)),
    crown: share(worst(({ crownMm }) => crownMm)),
    misalignment: share(worst(({ misalignmentMm }) => misalignmentMm)),
    indication: worst(({ indicationMm }) => indicationMm),
    isTight: tight.length === 0 ? null : tight.every(({ result }) => result === 'holds'),
  };
}
