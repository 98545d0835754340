import type { CardDrift } from '@lone-heron/contract';
import type { DepthDrift } from '@lone-heron/core';
import { figure } from '../shared/figures/figures.js';

/** “The newest 3 coupons weld 14 % shallower than the 5 before (-20 to -8 %).” */
export function driftInWords({ drift, older, newer }: CardDrift): string {
  return `The newest ${newer.length} coupons weld ${changeInWords(drift)} than the ${older.length} before.`;
}

/** What else changed at the same time, the likeliest first; none where nothing that is known did. */
export function reasonsOfDrift({ drift, newWindow, isNewBottle, elsewhere }: CardDrift): readonly string[] {
  const isShallower = drift.change < 0;
  const isAlsoElsewhere =
    elsewhere !== null && Math.sign(elsewhere.change) === Math.sign(drift.change) && elsewhere.isDrift;
  return [
    ...(newWindow === null
      ? []
      : [`Window ${newWindow} was fitted between them: look at it, and at the glass below.`]),
    ...(isAlsoElsewhere
      ? [
          `This machine’s other welds are ${changeInWords(elsewhere)} over the same time: it is the machine and not this joint.`,
        ]
      : []),
    ...(isNewBottle ? ['A bottle of this gas was changed between them.'] : []),
    ...(newWindow === null && isShallower
      ? ['All went through one window: it may be dirty by now. Inspect it first.']
      : []),
  ];
}

function changeInWords({ change, low, high }: DepthDrift): string {
  const percent = (share: number) => `${share > 0 ? '+' : ''}${figure(share * 100, 0)}`;
  const size = figure(Math.abs(change) * 100, 0);
  return `${size} % ${change < 0 ? 'shallower' : 'deeper'} (${percent(low)} to ${percent(high)} %)`;
}
