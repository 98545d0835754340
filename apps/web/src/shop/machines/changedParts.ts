import type { MachineProfile } from '@lone-heron/contract';

/** What each part of a profile is called. */
const names: Readonly<Record<keyof MachineProfile, string>> = {
  ratedPowerW: 'rated power, W',
  configuredPowerW: 'configured power, W',
  powerW: 'power, W',
  powerUnit: 'power shown in',
  spotMm: 'spot, mm',
  wobbleShapes: 'shapes',
  wobbleWidthMm: 'wobble width, mm',
  wobbleRateHz: 'wobble rate, Hz',
  wireSpeedMmS: 'wire, mm/s',
  wireSpeedUnit: 'wire shown in',
  panel: 'panel',
  optics: 'optics',
  mains: 'mains',
  coolant: 'coolant',
  pointer: 'pointer',
  feederMenu: 'feeder’s menu',
  programSlots: 'program slots',
  panelFaces: 'how the panel says its knobs',
  dutyPercent: 'duty, %',
  modulationHz: 'modulation, Hz',
  pulseOnMs: 'pulse on, ms',
  pulseOffMs: 'pulse off, ms',
  readyLights: 'ready lights',
  lamp: 'lamp',
  cleaning: 'cleaning',
  cutting: 'cutting',
};

/**
 * What differs between two profiles, one line each: plain values as "from to", parts with many values by name.
 *
 * @example two profiles that differ in the configured power give ["configured power, W: 1500 to 1200"]
 */
export function changedParts(before: MachineProfile, after: MachineProfile): readonly string[] {
  return (Object.keys(names) as (keyof MachineProfile)[]).flatMap((key) => {
    const [from, to] = [before[key], after[key]];
    if (JSON.stringify(from) === JSON.stringify(to)) return [];
    if (isPlain(from) && isPlain(to)) return [`${names[key]}: ${from} to ${to}`];
    return [
      isReach(from) && isReach(to) ? `${names[key]}: ${reachWords(from)} to ${reachWords(to)}` : names[key],
    ];
  });
}

function isPlain(value: unknown): value is number | string {
  return typeof value === 'number' || typeof value === 'string';
}

type Reach = MachineProfile['powerW'];

function isReach(value: unknown): value is Reach {
  return typeof value === 'object' && value !== null && 'least' in value && 'most' in value;
}

function reachWords({ least, most, step }: Reach): string {
  const short = (value: number) => String(Number(value.toFixed(2)));
  return `${short(least)}–${short(most)} by ${short(step)}`;
}
