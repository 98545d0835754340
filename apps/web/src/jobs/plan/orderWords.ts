import type { OrderChange, WeldedOrder } from '@lone-heron/contract';
import { figure } from '../../shared/figures/figures.js';
import { setUpWords } from './setUpWords.js';
import type { ShownPlan } from './useJobPlan.js';

/** How often something is changed in an order, and what it loses. */
export function orderCounts({ steps, minutes }: WeldedOrder) {
  const times = (kind: OrderChange['kind']) =>
    steps.filter(({ changes }) => changes.some((each) => each.kind === kind)).length;
  const rests = steps
    .flatMap(({ changes }) => changes)
    .reduce((sum, change) => sum + (change.kind === 'rest' ? change.minutes : 0), 0);
  return { nozzles: times('nozzle'), wires: times('wire'), turns: times('turn'), minutes, rests };
}

/** "2 nozzle changes · 1 turn · 5.5 min lost · 4 min for the nozzle to cool". */
export function lostWords(order: WeldedOrder): string {
  const { nozzles, wires, turns, minutes, rests } = orderCounts(order);
  const said = [
    [nozzles, 'nozzle change'],
    [wires, 'wire change'],
    [turns, 'turn'],
  ] as const;
  const words = said
    .filter(([times]) => times > 0)
    .map(([times, what]) => `${times} ${what}${times === 1 ? '' : 's'}`);
  return [
    ...words,
    `${figure(minutes, 1)} min lost`,
    ...(rests > 0 ? [`${figure(rests, 0)} min for the nozzle to cool`] : []),
  ].join(' · ');
}

/** What is changed for a weld, in words; null where nothing is. */
export function changeWords(
  plan: ShownPlan['plan'],
  mark: string,
  changes: readonly OrderChange[],
): { readonly words: string; readonly isTurn: boolean } | null {
  const minutesOf = (kind: OrderChange['kind']) => changes.find((each) => each.kind === kind)?.minutes;
  const isTurn = minutesOf('turn') !== undefined;
  const isSetUp = changes.some(({ kind }) => kind !== 'turn' && kind !== 'cool' && kind !== 'rest');
  const [cool, rest] = [minutesOf('cool'), minutesOf('rest')];
  const words = [
    ...(isTurn ? ['turn the part'] : []),
    ...(isSetUp ? [setUpWords(plan, mark) ?? ''] : []),
    ...(cool === undefined
      ? []
      : [`the seam beside it is warm: wait ${figure(cool, 1)} min or go on elsewhere`]),
    ...(rest === undefined ? [] : [`near the limit: let the nozzle cool, ${figure(rest, 0)} min in all`]),
  ].filter((each) => each !== '');
  return words.length === 0 ? null : { words: words.join('; '), isTurn };
}
