import type { Card, ProcedureRevision } from '@lone-heron/contract';
import { Signature } from 'lucide-react';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { useApproveProcedureMutation } from './proceduresApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { shownMoment } from '../../shared/figures/moments.js';

/** Every revision with who prepared and approved it; the newest can be approved by a lead. */
export function ApproveProcedure({
  card,
  revisions,
}: {
  card: Card;
  revisions: readonly ProcedureRevision[];
}) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const person = usePersonAtDesk();
  const [approve, { isLoading, error }] = useApproveProcedureMutation();
  const [newest] = revisions;
  if (newest === undefined) return null;
  const name = (id: string | null) => people.find((each) => each.id === id)?.name ?? '';
  const now = new Date();
  return (
    <section className="sheet flex flex-col gap-2 px-4 py-3" aria-label="Revisions">
      <h2 className="font-semibold">Revisions</h2>
      <ol className="flex flex-col divide-y divide-base-300">
        {revisions.map((each) => (
          <li key={each.revision} className="py-1">
            <strong>Revision {each.revision}</strong> of card version {each.cardVersion}, prepared by{' '}
            {name(each.preparedBy)} {shownMoment(each.preparedAt, now)}
            {each.approvedAt !== null &&
              `, approved by ${name(each.approvedBy)} ${shownMoment(each.approvedAt, now)}`}
            {each.why !== '' && <span className="block text-soft">“{each.why}”</span>}
          </li>
        ))}
      </ol>
      {newest.approvedAt === null && (
        <>
          <button
            type="button"
            className="btn touch-always self-start"
            disabled={person?.role !== 'lead' || isLoading}
            onClick={() => void approve({ cardId: card.id, revision: newest.revision })}
          >
            <Signature className="size-5" aria-hidden="true" /> Approve revision {newest.revision}
          </button>
          {person?.role !== 'lead' && (
            <p className="text-sm text-soft">Approving is for a lead who is signed in.</p>
          )}
        </>
      )}
      <Failure what="Not approved." error={error} />
    </section>
  );
}
