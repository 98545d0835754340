import type { Card, ProcedureRevision } from '@lone-heron/contract';
import { useState } from 'react';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { useApproveProcedureMutation } from './proceduresApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { SignButton, SignSheet } from '../../shared/door/SignSheet.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { useNow } from '../../shared/clock/useNow.js';

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
  const now = useNow();
  const [approve, { isLoading, error }] = useApproveProcedureMutation();
  const [isSigning, setSigning] = useState(false);
  const [newest] = revisions;
  if (newest === undefined) return null;
  const put = async (pin: string) => {
    const answer = await approve({ cardId: card.id, revision: newest.revision, pin });
    if (answer.error === undefined) setSigning(false);
  };
  const name = (id: string | null) => people.find((each) => each.id === id)?.name ?? '';
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
        <SignButton
          name={`Approve revision ${newest.revision}`}
          isLead={person?.role === 'lead'}
          onPress={() => setSigning(true)}
        />
      )}
      {isSigning && person !== null && (
        <SignSheet
          name={`Approve revision ${newest.revision}`}
          person={person.name}
          own={newest.preparedBy === person.id ? 'You prepared this revision yourself.' : ''}
          isSaving={isLoading}
          error={error}
          onSign={(pin) => void put(pin)}
          onClose={() => setSigning(false)}
        >
          <p>
            The procedure papers of card {card.number}, revision {newest.revision}, of card version{' '}
            {newest.cardVersion}. Approved, they go to the customer with your name; a local code may ask for
            somebody qualified.
          </p>
        </SignSheet>
      )}
    </section>
  );
}
