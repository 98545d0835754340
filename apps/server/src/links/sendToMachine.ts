import type { LinkSending, LinkSendingDraft, MachineLinkDraft, MapPoint } from '@lone-heron/contract';
import {
  linkPoints,
  writeRefusals,
  type LinkKey,
  type ParameterKey,
  type WriteLimits,
} from '@lone-heron/core';
import { MachineWire, WireFault } from './MachineWire.js';
import { readPoints, valuesOf } from './readMachine.js';

/** How a sending went. */
export type SendingResult = Pick<LinkSending, 'outcome' | 'values' | 'why'>;
type SentValue = LinkSending['values'][number];

/** States that are asked for again before every single write. */
const states: readonly LinkKey[] = ['takesWrites', 'emissionReady', 'lightOn', 'alarm'];

/**
 * Writes parameters one by one, each after the machine has said once more that it is idle, and reads each back; the first thing that
 * is not as it should be ends it. Nothing is written twice, and nothing but what is allowed.
 */
export async function sendToMachine(
  link: MachineLinkDraft,
  { wanted }: LinkSendingDraft,
  limits: WriteLimits,
): Promise<SendingResult> {
  const values: SentValue[] = wanted.map(({ key, value }) => ({
    key,
    wanted: value,
    before: null,
    now: null,
  }));
  const stopped = (why: string): SendingResult => ({ outcome: 'stopped', values, why });
  if (!link.mayWrite) return stopped('Writing to this machine is switched off. A lead can switch it on.');
  const missing = wanted.filter(({ key }) => pointOf(link, key) === null);
  if (missing.length > 0)
    return stopped(`The machine’s map has no ${missing.map(({ key }) => linkPoints[key].said).join(', ')}.`);
  let wire: MachineWire | null = null;
  try {
    wire = await MachineWire.open(link);
    const count = pointOf(link, 'writesTaken');
    const countBefore = count === null ? null : await wire.read(count);
    let written = 0;
    for (const [at, sent] of values.entries()) {
      const refusals = await refusalsNow(wire, link, wanted, limits);
      if (refusals.length > 0) return stopped(refusals.join(' '));
      const point = pointOf(link, sent.key) as MapPoint;
      const before = await wire.read(point);
      values[at] = { ...sent, before };
      if (standsAs(point, before, sent.wanted)) {
        values[at] = { ...sent, before, now: before };
        continue;
      }
      await wire.write(point, sent.wanted);
      written += 1;
      const now = await wire.read(point);
      values[at] = { ...sent, before, now };
      if (!standsAs(point, now, sent.wanted)) return stopped(differsWords(sent.key, sent.wanted, now));
    }
    if (count !== null && countBefore !== null) {
      const rose = ((await wire.read(count)) - countBefore + 65536) % 65536;
      if (rose !== written)
        return stopped(
          `The machine took ${rose} writes while ${written} were sent from here: somebody else writes to it too. Read it before you weld.`,
        );
    }
    return { outcome: 'sent', values, why: '' };
  } catch (fault) {
    if (!(fault instanceof WireFault)) throw fault;
    return stopped(fault.message);
  } finally {
    await wire?.close();
  }
}

async function refusalsNow(
  wire: MachineWire,
  { map, allowed }: MachineLinkDraft,
  wanted: LinkSendingDraft['wanted'],
  limits: WriteLimits,
): Promise<string[]> {
  const readings = await readPoints(
    wire,
    map.points.filter(({ key }) => states.includes(key)),
  );
  // A state that the map has and the machine does not say, an alarm too, counts against writing.
  const unsaid = readings.flatMap(({ fault }) => fault ?? []);
  return [...unsaid, ...writeRefusals(valuesOf(readings), wanted, allowed, limits)];
}

function pointOf({ map }: MachineLinkDraft, key: LinkKey): MapPoint | null {
  return map.points.find((point) => point.key === key) ?? null;
}

/** Whether a value stands as it was wanted, to what its registers hold. */
function standsAs({ type, scale }: MapPoint, stands: number, wanted: number): boolean {
  const step = type === 'f32' ? 1e-6 * Math.abs(wanted) : Math.abs(scale) / 2;
  return Math.abs(stands - wanted) <= step * (1 + 1e-9);
}

function differsWords(key: ParameterKey, wanted: number, now: number): string {
  const { said, unit } = linkPoints[key];
  return `${said} was sent as ${wanted} ${unit} and reads ${now} ${unit}. Nothing more was written.`;
}
