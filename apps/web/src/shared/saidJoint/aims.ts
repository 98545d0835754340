import { fraction, type Aim, type Practice } from '@lone-heron/core';

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
  { value: 'least-heat', label: 'it takes least colour and warp', aim: { kind: 'leastHeat' } },
  { value: 'least-dressing', label: 'least is left to grind', aim: { kind: 'leastDressing' } },
  { value: 'forgiving', label: 'it forgives an unsteady hand', aim: { kind: 'wideForgiving' } },
  { value: 'fill-gap', label: 'it fills the gap', aim: { kind: 'fillGap' } },
  ...shares.map((share) => ({
    value: `share-${Math.round(share * 100)}`,
    label: `it goes ${Math.round(share * 100)} % of the way`,
    aim: { kind: 'share', share: fraction(share) } as const,
  })),
];

/** The aims with those first that the shop holds to be enough. */
export function aimsFirst(enough: Practice['enough']): readonly AimChoice[] {
  const isShare = ({ aim }: AimChoice) => aim.kind === 'share';
  if (enough === 'allTheWay') return aimChoices;
  return [...aimChoices.filter(isShare), ...aimChoices.filter((choice) => !isShare(choice))];
}
