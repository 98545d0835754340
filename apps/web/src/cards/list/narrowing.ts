import { cardState, cardStates, shownVersion, type Card, type CardState } from '@lone-heron/contract';

/** What the list is narrowed to; empty words leave it open. */
export interface Narrowing {
  readonly machine: string;
  readonly metal: string;
  readonly kind: string;
  readonly tag: string;
  readonly state: CardState | '';
}
export const narrowingNames = ['machine', 'metal', 'kind', 'tag', 'state'] as const;

export function readNarrowing(search: URLSearchParams): Narrowing {
  const state = cardStates.find((each) => each === search.get('state')) ?? '';
  const word = (name: string) => search.get(name) ?? '';
  return { machine: word('machine'), metal: word('metal'), kind: word('kind'), tag: word('tag'), state };
}

/** The cards that a list is narrowed to. Retired ones show only where they are asked for. */
export function narrowed(cards: readonly Card[], narrowing: Narrowing): readonly Card[] {
  return cards.filter((card) => {
    const { machineId, joint, tags } = shownVersion(card).content;
    const is = (wanted: string, ...any: readonly string[]) => wanted === '' || any.includes(wanted);
    return (
      is(narrowing.machine, machineId) &&
      is(narrowing.metal, joint.metal, joint.secondMetal ?? '') &&
      is(narrowing.kind, joint.kind) &&
      is(narrowing.tag, ...tags) &&
      (narrowing.state === '' ? card.retiredAt === null : cardState(card) === narrowing.state)
    );
  });
}
