import type { ChangePlace, LightDraft, WindowFound, WindowReason } from '@lone-heron/contract';
import {
  degree,
  findMetal,
  minute,
  watt,
  windowDose,
  randomStream,
  type RandomStream,
} from '@lone-heron/core';

/**
 * What is true of the sample workshop's windows and nobody there knows: how long they last in what really wears them, a
 * bad batch of bottled gas, and that an upright gun wears them more than the documented weight says.
 */
export const hiddenGlassTruth = {
  life: { shape: 2.2, hours: 14 },
  badBatch: 'ebb 88',
  badBatchWear: 3.2,
  uprightFromDeg: 75,
  uprightWear: 2.2,
} as const;

/** A window of the past, from fitting to removal. */
export interface SampleWindow {
  readonly machineId: string;
  readonly fittedBy: string;
  /** Days before now. */
  readonly fittedAgo: number;
  readonly supplier: string;
  readonly lot: string;
  readonly fittedPlace: ChangePlace;
  readonly reason: WindowReason;
  readonly found: WindowFound;
}

/** An entry of the past's light log, with when it was in days before now. */
export interface SampleLight {
  readonly draft: Omit<LightDraft, 'weldedAt'>;
  readonly personId: string;
  readonly ago: number;
}

/** How a machine is worked. */
interface Work {
  readonly machineId: string;
  readonly gas: LightDraft['gas'];
  /** Minutes of light and watts of a usual block of three days. */
  readonly minutes: number;
  readonly powerW: number;
  readonly metals: readonly LightDraft['metal'][];
  readonly batches: readonly string[];
}

const works: readonly Work[] = [
  {
    ...{ machineId: 'bench', gas: 'argon', minutes: 85, powerW: 950 },
    metals: ['stainless304', 'stainless304', 'lowCarbonSteel', 'stainless316'],
    batches: ['ebb 61', 'ebb 70', 'ebb 79', 'ebb 88', 'ebb 97', 'ebb 106'],
  },
  {
    ...{ machineId: 'barrow', gas: 'nitrogen', minutes: 110, powerW: 1450 },
    metals: ['lowCarbonSteel', 'lowCarbonSteel', 'galvanised', 'stainless304'],
    batches: ['ebb 63', 'ebb 72', 'ebb 81', 'ebb 90', 'ebb 99'],
  },
];

const people = ['maren', 'ines', 'tobias', 'maren'] as const;
const suppliers = [
  { supplier: 'the glass yard', lots: ['gy 3', 'gy 4', 'gy 5'] },
  { supplier: 'quay optics', lots: ['q 11', 'q 12'] },
] as const;
const places: readonly ChangePlace[] = ['stillAir', 'stillAir', 'booth', 'openDoor'];

const oldestAgo = 730;
const busyUntilAgo = 128;
/** A block of work: three days, of which not all are worked. */
const blockDays = 4;
/** Since then there is a little each week. */
const quiet = { every: 7, minutes: 16 };
const shareSound = 0.14;
const seed = 88;

/** Two years of windows and of the light that went through them, oldest first. */
export function sampleGlass(): { windows: readonly SampleWindow[]; light: readonly SampleLight[] } {
  const pasts = works.map((work, i) => pastOf(work, randomStream(seed + i)));
  return { windows: pasts.flatMap(({ windows }) => windows), light: pasts.flatMap(({ light }) => light) };
}

function pastOf(work: Work, random: RandomStream) {
  const windows: SampleWindow[] = [];
  const light: SampleLight[] = [];
  let window = fitted(work, oldestAgo, random);
  let worn = 0;
  let lasts = drawLife(random);
  let plannedAt = plannedEnd(lasts, random);
  for (let ago = oldestAgo - 1; ago > busyUntilAgo; ago -= blockDays) {
    const entry = entryOf(work, ago, work.minutes * (0.6 + 0.8 * random()), random);
    light.push(entry);
    worn += trueWear(entry.draft);
    const isDue = worn >= lasts;
    if (!isDue && worn < plannedAt) continue;
    const end = endOf(entry.draft, isDue, random);
    windows.push({ ...window, ...end });
    window = { ...fitted(work, ago - blockDays / 2, random), fittedPlace: end.found.place };
    worn = 0;
    lasts = drawLife(random);
    plannedAt = plannedEnd(lasts, random);
  }
  windows.push({ ...window, reason: 'planned', found: foundOf('planned', random) });
  for (let ago = busyUntilAgo - 8; ago > 1; ago -= quiet.every)
    light.push(entryOf(work, ago, quiet.minutes * (0.6 + 0.8 * random()), random));
  return { windows, light };
}

type Fitted = Omit<SampleWindow, 'reason' | 'found'>;

function fitted({ machineId }: Work, fittedAgo: number, random: RandomStream): Fitted {
  const { supplier, lots } = pick(suppliers, random);
  const fittedBy = pick(people, random);
  return {
    machineId,
    fittedBy,
    fittedAgo,
    supplier,
    lot: pick(lots, random),
    fittedPlace: pick(places, random),
  };
}

function entryOf(work: Work, ago: number, minutes: number, random: RandomStream): SampleLight {
  const share = (oldestAgo - ago) / (oldestAgo - busyUntilAgo);
  const batch =
    work.batches[Math.min(work.batches.length - 1, Math.floor(share * work.batches.length))] ?? '';
  const personId = pick(people, random);
  const isUpright = random() < (personId === 'tobias' ? 0.7 : 0.12);
  return {
    personId,
    ago,
    draft: {
      machineId: work.machineId,
      minutes: Math.round(minutes),
      powerW: Math.round((work.powerW * (0.85 + 0.3 * random())) / 10) * 10,
      metal: pick(work.metals, random),
      ...{ gas: work.gas, batch },
      gunAngleDeg: isUpright ? 80 + Math.round(2 * random()) * 5 : 45 + Math.round(3 * random()) * 5,
      isSoftStart: random() < 0.6,
    },
  };
}

/** What really wears the glass, hours at 1 kW. */
function trueWear(draft: SampleLight['draft']): number {
  const truth = hiddenGlassTruth;
  const { weighted } = windowDose({
    metal: findMetal(draft.metal),
    lightOn: minute(draft.minutes),
    meanPower: watt(draft.powerW),
    gunAngle: degree(draft.gunAngleDeg),
    zincCoat: draft.metal === 'galvanised' ? 140 : 0,
  });
  const batch = draft.batch === truth.badBatch ? truth.badBatchWear : 1;
  const angle = draft.gunAngleDeg >= truth.uprightFromDeg ? truth.uprightWear : 1;
  return (weighted / 3.6e6) * batch * angle;
}

function drawLife(random: RandomStream): number {
  const { shape, hours } = hiddenGlassTruth.life;
  return hours * (-Math.log1p(-random())) ** (1 / shape);
}

/** Some are changed before they fail, ahead of a big job. */
function plannedEnd(lasts: number, random: RandomStream): number {
  return random() < shareSound ? lasts * random() : Infinity;
}

function endOf(last: SampleLight['draft'], isDue: boolean, random: RandomStream) {
  const reason = isDue ? failureOf(last, random) : 'sound';
  return { reason, found: foundOf(reason, random) };
}

function failureOf({ batch, gunAngleDeg }: SampleLight['draft'], random: RandomStream): WindowReason {
  const draw = random();
  if (batch === hiddenGlassTruth.badBatch) return draw < 0.85 ? 'darkSpecks' : 'haze';
  if (gunAngleDeg >= hiddenGlassTruth.uprightFromDeg) return draw < 0.8 ? 'paleSpecks' : 'darkSpecks';
  if (draw < 0.45) return 'darkSpecks';
  if (draw < 0.7) return 'paleSpecks';
  return draw < 0.85 ? 'haze' : draw < 0.92 ? 'cracked' : 'weakWelds';
}

function foundOf(reason: WindowReason, random: RandomStream): WindowFound {
  const isSpecked = reason === 'darkSpecks' || reason === 'paleSpecks';
  const spots = Array.from({ length: isSpecked ? 1 + Math.floor(3 * random()) : 0 }, () => ({
    right: Math.round((random() - 0.5) * 100) / 100,
    up: Math.round((random() - 0.5) * 100) / 100,
  }));
  return { spots, seal: random() < 0.9 ? 'whole' : 'damaged', place: pick(places, random) };
}

function pick<Item>(items: readonly Item[], random: RandomStream): Item {
  return items[Math.floor(random() * items.length)] as Item;
}
