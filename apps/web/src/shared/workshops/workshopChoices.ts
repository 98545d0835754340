import type { Workshop } from '@lone-heron/contract';

/** What the whole firm is picked as: no workshop's id is empty. */
export const wholeFirm = '';

/** Whose something may be, to pick from. */
export function workshopChoices(workshops: readonly Workshop[]) {
  return [
    { value: wholeFirm, label: 'The whole firm' },
    ...workshops.map(({ id, name }) => ({ value: id, label: name })),
  ];
}

/** The picked one as it is sent. */
export const pickedWorkshop = (picked: string) => (picked === wholeFirm ? null : picked);

/** How a workshop is called; the whole firm for null, and for one that is not known here yet. */
export function workshopName(workshops: readonly Workshop[], id: string | null | undefined): string {
  return workshops.find((each) => each.id === id)?.name ?? 'the whole firm';
}
