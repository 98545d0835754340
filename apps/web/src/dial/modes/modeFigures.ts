import {
  cleanHeadOf,
  cleanJobOf,
  cleanSettingOf,
  cutHeadOf,
  cutJobOf,
  cutSettingOf,
  lampHeadOf,
  lampJobOf,
  lampSettingOf,
  modeRules,
  type HandMode,
} from '@lone-heron/contract';
import {
  cleanFigures,
  cleanZones,
  cutFigures,
  deepEnough,
  depthTimes,
  fitLampEnergy,
  inMm,
  likelyLimit,
  pulsedWeld,
  type CleanFigures,
  type CutFigures,
  type PulsedWeld,
} from '@lone-heron/core';
import type { ModeAnswer } from './useModeDial.js';

/** What the arithmetic of a mode comes to, for its drawing, its facts and its notices. */
export interface ModeFigures {
  readonly clean: CleanFigures & { readonly zones: ReturnType<typeof cleanZones> };
  /** With the pace past which it is lost, as the pieces have it. */
  readonly cut: CutFigures & { readonly limit: ReturnType<typeof likelyLimit> };
  readonly spot: PulsedFigures;
  readonly seam: PulsedFigures;
}

interface PulsedFigures extends PulsedWeld {
  /** As the shop's welds have it, and the middle four fifths of it. */
  readonly depthMm: number;
  readonly leastMm: number;
  readonly mostMm: number;
  readonly widthMm: number;
  readonly holdsMm: number;
  /** Chance that it holds as deep as is wanted. */
  readonly deep: number;
}

type FiguresOf = { readonly [Mode in HandMode]: (answer: ModeAnswer<Mode>) => ModeFigures[Mode] | null };

/** The figures of an answer; null where its machine has no such head, which its sentence says. */
export const modeFigures: FiguresOf = {
  clean({ work, setting, shop }) {
    const head = cleanHeadOf(shop.machine.profile);
    const belief = modeRules.clean.learned(work, shop);
    if (head === null || belief === null) return null;
    const job = cleanJobOf(work, head);
    const dialled = cleanSettingOf(setting);
    return { ...cleanFigures(job, dialled), zones: cleanZones(belief, job, dialled) };
  },
  cut({ work, setting, shop }) {
    const { profile } = shop.machine;
    const head = cutHeadOf(profile);
    const belief = modeRules.cut.learned(work, shop);
    if (head === null || belief === null) return null;
    const job = cutJobOf(work, head, profile);
    const dialled = cutSettingOf(setting);
    return { ...cutFigures(job, dialled), limit: likelyLimit(belief, job, dialled) };
  },
  spot: pulsed,
  seam: pulsed,
};

function pulsed({ work, setting, shop }: ModeAnswer<'spot'> | ModeAnswer<'seam'>): PulsedFigures | null {
  const head = lampHeadOf(shop.machine.profile);
  const table = head === null ? null : fitLampEnergy(head.points);
  const belief =
    work.mode === 'spot' ? modeRules.spot.learned(work, shop) : modeRules.seam.learned(work, shop);
  if (head === null || table === null || belief === null) return null;
  const job = lampJobOf(work, head);
  const weld = pulsedWeld(job, lampSettingOf(setting), table);
  const times = depthTimes(belief);
  return {
    ...weld,
    depthMm: inMm(weld.depth) * times.middle,
    leastMm: inMm(weld.depth) * times.low,
    mostMm: inMm(weld.depth) * times.high,
    widthMm: inMm(weld.width),
    holdsMm: inMm(weld.holds) * times.middle,
    deep: deepEnough(belief, table, job, weld),
  };
}
