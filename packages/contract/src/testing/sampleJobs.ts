import { houseStarts } from '../house/house.js';
import type { JobDraft } from '../jobs/job.js';
import type { JobWeld } from '../jobs/jobWeld.js';
import type { WeldCheckDraft } from '../jobs/weldCheck.js';
import type { WeldRunDraft } from '../jobs/weldRun.js';

/** A weld of a job: a T of 1.5 mm stainless, 40 mm long, with changes. */
export function jobWeld(mark: string, changes: Partial<JobWeld> = {}): JobWeld {
  return {
    ...{ mark, part: null, lengthMm: 40, count: 1, wireDiameterMm: 0.8, closing: null },
    joint: {
      ...{ kind: 'tee', metal: 'stainless304', firstThicknessMm: 1.5, secondThicknessMm: 1.5 },
      ...{ gapMm: 0, legMm: 1.5 },
    },
    ...{ pose: '', where: '', place: null, after: [], mostGapMm: null, mostMisalignmentMm: null },
    ...{ preparation: '', level: null, tests: [], cardId: null, notes: '' },
    ...changes,
  };
}

/** A job of two welds on the bench unit, with changes. */
export function jobDraft(changes: Partial<JobDraft> = {}): JobDraft {
  const [level] = houseStarts.acceptance;
  if (level === undefined) throw new Error('a shop starts with levels');
  return {
    ...{ name: 'locker frame', reference: '', customer: '', dueOn: null, quantity: 1, notes: '' },
    ...{
      machineId: 'bench',
      level,
      rhythm: 'pieceByPiece',
      parts: [],
      pictures: [],
      order: null,
      batches: [],
      why: '',
    },
    welds: [jobWeld('W1'), jobWeld('W2')],
    ...changes,
  };
}

/** A go at a seam of a job, with changes. */
export function weldRunDraft(jobId: string, mark: string, changes: Partial<WeldRunDraft> = {}): WeldRunDraft {
  return {
    ...{ jobId, machineId: 'bench', mark, seam: 1, outcome: 'welded', isRepair: false },
    ...{
      lightOnS: 5.2,
      handsS: 40,
      isOtherwise: false,
      gunAngleDeg: 45,
      card: null,
      photoIds: [],
      remark: '',
    },
    dialled: {
      ...{ powerW: 870, dutyPercent: 100, gas: 'argon', gasFlowLMin: 15 },
      wobble: { shape: 'sideToSide', widthMm: 2, frequencyHz: 60 },
      pace: { by: 'hand', travelMmS: 8 },
    },
    weldedAt: new Date().toISOString(),
    ...changes,
  };
}

/** A look at a weld of a job that held, with changes. */
export function weldCheckDraft(
  jobId: string,
  mark: string,
  changes: Partial<WeldCheckDraft> = {},
): WeldCheckDraft {
  return {
    ...{ jobId, mark, seam: null, kind: 'look', result: 'holds', found: '', photoIds: [] },
    ...{ undercutMm: null, crownMm: null, misalignmentMm: null, indicationMm: null },
    doneAt: new Date().toISOString(),
    ...changes,
  };
}
