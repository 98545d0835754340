import { nothingStated, type Card, type CardProcedure, type Machine } from '@lone-heron/contract';
import { useParams } from 'react-router';
import { useProcedureQuery } from './proceduresApi.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { CardPage } from '../CardPage.js';
import { ApproveProcedure } from './ApproveProcedure.js';
import { notAQualification } from './procedurePaper.js';
import { ProcedurePapers } from './ProcedurePapers.js';
import { StatedForm } from './StatedForm.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** The welding procedure papers of a card: what the card knows, what the shop states, and gaps. */
export function ProcedureScreen() {
  return (
    <CardPage>{(card, machines) => <Procedure key={card.id} card={card} machines={machines} />}</CardPage>
  );
}

function Procedure({ card, machines }: { card: Card; machines: readonly Machine[] }) {
  const { id = '' } = useParams();
  const { data, error, refetch } = unlessShown(useProcedureQuery(id));
  if (error !== undefined) return <LoadFailed what="the procedure" error={error} retry={refetch} />;
  if (data === undefined) return <Loading what="the procedure" />;
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Procedure papers" back={{ to: `/cards/${card.id}`, name: 'the card' }}>
        <span className="text-soft">{standingWords(data)}</span>
      </PageHeader>
      <p className="caution px-3 py-2" role="note">
        {notAQualification}
      </p>
      <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
        <div className="flex flex-col gap-3">
          <StatedForm
            key={data.revisions[0]?.revision ?? 0}
            card={card}
            begin={data.revisions[0]?.stated ?? nothingStated}
            newest={data.revisions[0]?.revision ?? 0}
          />
          <ApproveProcedure card={card} revisions={data.revisions} />
        </div>
        <div className="flex flex-col gap-3">
          <ProcedurePapers card={card} machines={machines} procedure={data} />
        </div>
      </div>
    </div>
  );
}

function standingWords({ revisions: [newest] }: CardProcedure): string {
  if (newest === undefined) return 'no revision yet';
  return `revision ${newest.revision}, ${newest.approvedAt === null ? 'not approved' : 'approved'}`;
}
