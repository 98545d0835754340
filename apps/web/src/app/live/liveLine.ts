import type { LiveMachine } from '@lone-heron/contract';
import type { LinkKey } from '@lone-heron/core';
import { figure } from '../../shared/figures/figures.js';
import { spokenFlow } from '../../shared/figures/spoken.js';
import { spokenTemperature } from '../../shared/figures/spokenStates.js';
import { ageWords, heardValue, secondsSince } from '../../shared/live/heardInWords.js';

/** A machine in one line. */
export interface LiveLine {
  readonly words: string;
  /** Quiet while nothing goes on, lit while the light is on, trouble where somebody is wanted. */
  readonly mood: 'quiet' | 'lit' | 'trouble';
}

/** s. A machine that has said nothing for longer is not there: what it said last is no word of now. */
const lost = 30;

/** A machine as it was last heard, in a line: light, gas, coolant; an alarm, or silence, before all. */
export function liveLine(live: LiveMachine, now: Date): LiveLine {
  const { alarm, away, heardAt, lit } = live;
  const age = heardAt === null ? Infinity : secondsSince(heardAt, now);
  if (alarm !== null && age <= lost) return { words: alarm.said, mood: 'trouble' };
  if (away !== '') return { words: 'not heard: look at its connection', mood: 'trouble' };
  if (heardAt === null) return { words: 'not heard yet', mood: 'quiet' };
  // Switched off, it may have been mended since: what it said last is told with its age.
  const had = alarm === null ? '' : `, with an alarm then: ${alarm.said}`;
  if (age > lost) return { words: `last heard ${ageWords(age)}${had}`, mood: 'quiet' };
  const fresh = (key: LinkKey) => {
    const heard = heardValue(live, key, now);
    return heard === null || heard.age > lost ? null : heard;
  };
  const isArmed = fresh('emissionReady')?.value === 1;
  const flow = fresh('gasFlow');
  const coolant = fresh('coolant');
  return {
    words: [
      lit === null ? (isArmed ? 'armed, no light' : 'no light') : `light on ${figure(lit.litS, 0)} s`,
      ...(flow === null ? [] : [flow.value > 0 ? `gas ${spokenFlow(flow.value)}` : 'gas off']),
      ...(coolant === null ? [] : [`coolant ${spokenTemperature(coolant.value)}`]),
    ].join(', '),
    mood: lit === null ? 'quiet' : 'lit',
  };
}
