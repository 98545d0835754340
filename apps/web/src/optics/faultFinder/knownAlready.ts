import type {
  Bottle,
  Day,
  LightEntry,
  ProtectiveWindow,
  ShopRecord,
  WindowStudy,
} from '@lone-heron/contract';
import { findMetal, type FaultContext } from '@lone-heron/core';
import { percentFigure } from '../../shared/figures/figures.js';
import { spokenFigure } from '../../shared/figures/spoken.js';

/** What the application has of a machine; what has not come yet, or is not there, is left out. */
export interface MachineKnowledge {
  readonly records: readonly ShopRecord[];
  readonly window: ProtectiveWindow | undefined;
  readonly study: WindowStudy | undefined;
  readonly day: Day | undefined;
  readonly bottle: Bottle | undefined;
  readonly light: readonly LightEntry[];
}

/** What is known before anybody looks, for the odds and in words. */
export interface KnownAlready {
  readonly context: FaultContext;
  readonly words: readonly string[];
}

/** A full bottle, bar: a planning figure. */
const fullBar = 200;
const uprightFromDeg = 75;
/** A metal that takes up less of the light than this throws much of it back. */
const reflectiveBelow = 0.3;
/** Of the light log, so many newest entries say what habits are at work. */
const newestEntries = 3;

/** What the application knows of a machine that moves the odds of a fault. */
export function knownAlready(of: MachineKnowledge, now: Date): KnownAlready {
  const parts = [windowOf(of), pointerOf(of, now), coolantOf(of, now), gasOf(of), habitsOf(of, now)];
  const known = parts.filter((part) => part !== null);
  return {
    context: Object.assign({}, ...known.map(({ context }) => context)) as FaultContext,
    words: known.map(({ words }) => words),
  };
}

interface Part {
  readonly context: FaultContext;
  readonly words: string;
}

function windowOf({ window, study }: MachineKnowledge): Part | null {
  const half = study?.life?.half;
  if (window === undefined || half === undefined) return null;
  const share = window.wornHours / half;
  return {
    context: { windowLifeShare: share },
    words: `window ${window.number} has done ${percentFigure(Math.min(share, 9.99))} of what half of them last`,
  };
}

function pointerOf({ records }: MachineKnowledge, now: Date): Part | null {
  const seen = records.some(({ detail, at }) => detail.kind === 'pointer' && isSameDay(at, now));
  return seen ? { context: { isPointerChecked: true }, words: 'the pointer was centred today' } : null;
}

function coolantOf({ day }: MachineKnowledge, now: Date): Part | null {
  const read = (day?.entries ?? []).filter(
    ({ reading, outcome, at }) => reading.reads === 'coolant' && outcome === 'done' && isSameDay(at, now),
  );
  if (read.length === 0) return null;
  const isGood = read.every(({ isMet }) => isMet);
  return {
    context: { isCoolantGood: isGood },
    words: isGood ? 'the coolant read within its band today' : 'the coolant read out of its band today',
  };
}

function gasOf({ bottle }: MachineKnowledge): Part | null {
  if (bottle === undefined) return null;
  return {
    context: { gasLeftShare: bottle.pressureBar / fullBar },
    words: `${spokenFigure(bottle.pressureBar, 'bar', 0)} in the bottle`,
  };
}

/** Habits that burn glass, from the newest entries of the light log and the flow that was read today. */
function habitsOf({ light, day }: MachineKnowledge, now: Date): Part | null {
  const newest = light.slice(0, newestEntries);
  const isLowFlow = (day?.entries ?? []).some(
    ({ reading, isMet, at }) => reading.reads === 'flow' && !isMet && isSameDay(at, now),
  );
  const habits = [
    newest.some(({ gunAngleDeg }) => gunAngleDeg >= uprightFromDeg) ? 'an upright gun' : null,
    newest.some(({ isSoftStart }) => !isSoftStart) ? 'no soft start' : null,
    newest.some(({ metal }) => findMetal(metal).surfaceAbsorptivity < reflectiveBelow)
      ? 'metal that throws light back'
      : null,
    isLowFlow ? 'a low flow' : null,
  ].filter((habit) => habit !== null);
  if (habits.length === 0) return null;
  return { context: { burnsGlass: true }, words: `of late ${habits.join(', ')}: hard on the window` };
}

function isSameDay(iso: string, now: Date): boolean {
  return new Date(iso).toDateString() === now.toDateString();
}
