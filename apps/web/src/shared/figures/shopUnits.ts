import { houseStarts, type HouseUnits } from '@lone-heron/contract';
import { useSyncExternalStore } from 'react';

/**
 * The units that the whole interface speaks: the shop's, of which there is one at a time. Kept in the browser, so that the first
 * thing drawn is in them. Who needs other units, as a paper for a customer may, is given them.
 */
const key = 'lone-heron.units';
const listeners = new Set<() => void>();
let spoken: HouseUnits = readKeptUnits();

export function shopUnits(): HouseUnits {
  return spoken;
}

/** Speaks in other units from now on. What is on the screen must be drawn anew. */
export function speakIn(units: HouseUnits): void {
  if (JSON.stringify(units) === JSON.stringify(spoken)) return;
  spoken = units;
  try {
    localStorage.setItem(key, JSON.stringify(units));
  } catch {
    // A full or forbidden storage costs only that the next page begins in millimetres.
  }
  listeners.forEach((tell) => tell());
}

/** The units that are spoken, for what is drawn anew when they change. */
export function useSpokenUnits(): HouseUnits {
  return useSyncExternalStore((tell) => {
    listeners.add(tell);
    return () => listeners.delete(tell);
  }, shopUnits);
}

function readKeptUnits(): HouseUnits {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Partial<HouseUnits> | null;
    return kept?.length === 'in' || kept?.length === 'mm'
      ? { ...houseStarts.units, ...kept }
      : houseStarts.units;
  } catch {
    // Unreadable JSON is worth no more than nothing kept.
    return houseStarts.units;
  }
}
