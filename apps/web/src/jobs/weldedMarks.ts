import { isSettled, seamKey, seamsInPiece, seamStandings, type Job } from '@lone-heron/contract';

/** Marks whose every seam of the batch is welded or was left out. */
export function weldedMarks({ draft, runs }: Pick<Job, 'draft' | 'runs'>): ReadonlySet<string> {
  const standings = seamStandings(runs);
  const done = draft.welds.filter((weld) => {
    const total = seamsInPiece(weld, draft.parts) * draft.quantity;
    return Array.from({ length: total }, (_, i) => i + 1).every((seam) =>
      isSettled(standings.get(seamKey({ mark: weld.mark, seam }))),
    );
  });
  return new Set(done.map(({ mark }) => mark));
}
