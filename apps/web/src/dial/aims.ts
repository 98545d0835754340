import { fraction, type Aim } from '@lone-heron/core';

/** An aim with the words it takes in the sentence. */
export interface AimChoice {
  readonly value: string;
  readonly label: string;
  readonly aim: Aim;
}

const shares = [0.9, 0.8, 0.7, 0.6, 0.5];

/** What a weld can be for, as the sentence ends. */
export const aimChoices: readonly AimChoice[] = [
  { value: 'reach', label: 'it reaches the back', aim: { kind: 'reach' } },
  { value: 'least-heat', label: 'it reaches with the least heat', aim: { kind: 'leastHeat' } },
  ...shares.map((share) => ({
    value: `share-${Math.round(share * 100)}`,
    label: `it goes ${Math.round(share * 100)} % of the way`,
    aim: { kind: 'share', share: fraction(share) } as const,
  })),
];
