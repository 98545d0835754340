import type { Job, JobPaperName } from '@lone-heron/contract';
import { useCallback, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { useMachinesQuery, usePeopleQuery } from '../../shared/api/heronApi.js';
import { useCardsQuery } from '../../shared/api/cardsApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useJobPhotosQuery, useJobQuery } from '../../shared/api/jobsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { inFileName } from '../../shared/files/saveFile.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { PaperPreview } from '../../shared/paper/PaperPreview.js';
import { paperOf, type PageFrame } from '../../shared/paper/papers.js';
import { useJobPlan } from '../plan/useJobPlan.js';
import { papersOf, type PaperContext } from './jobPapers.js';
import { paperPdf } from './paperPdf.js';
import { usePaperPictures } from './usePaperPictures.js';
import { BatchesSheet } from './BatchesSheet.js';
import { PaperFiles } from './PaperFiles.js';

/** The papers of a job: for the bench, for the customer, for the quote. */
export function PapersScreen() {
  const { id = '' } = useParams();
  const { data: job, error, refetch } = unlessShown(useJobQuery(id));
  if (error !== undefined) return <LoadFailed what="the job" error={error} retry={refetch} />;
  if (job === undefined) return <Loading what="the job" />;
  return <Papers key={job.id} job={job} />;
}

const names: Readonly<Record<JobPaperName, string>> = {
  traveller: 'Traveller',
  weldMap: 'Weld map',
  inspection: 'Inspection record',
  materials: 'Materials',
  quote: 'Quote',
};

function Papers({ job }: { job: Job }) {
  const [name, setName] = useState<JobPaperName>('traveller');
  const context = usePaperContext(job);
  const [printedAt] = useState(shopNow);
  const layOut = useCallback(
    (frame: PageFrame) => {
      if (context === null) throw new Error('the job is not worked out yet');
      return paperPdf(papersOf[name](context), printedAt, frame, context.pictures);
    },
    [context, name, printedAt],
  );
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Papers of ${job.draft.name}`} back={{ to: `/jobs/${job.id}`, name: 'the job' }} />
      <div className="flex flex-wrap gap-2" role="group" aria-label="Which paper">
        {(Object.keys(names) as JobPaperName[]).map((each) => (
          <button
            key={each}
            type="button"
            className={`btn touch-always ${each === name ? 'btn-primary' : ''}`}
            aria-pressed={each === name}
            onClick={() => setName(each)}
          >
            {names[each]}
          </button>
        ))}
      </div>
      {context === null ? (
        <Loading what="what the papers are made from" />
      ) : (
        <>
          <PaperFiles context={context} printedAt={printedAt} />
          {name === 'materials' && <BatchesSheet job={job} plan={context.plan} house={context.house} />}
          <PaperPreview
            title={names[name]}
            fileName={inFileName(`job ${job.number} ${job.draft.name} ${names[name]}`)}
            orientation={name === 'traveller' || name === 'weldMap' ? 'landscape' : 'portrait'}
            begin={paperOf(context.house.units)}
            layOut={layOut}
          />
        </>
      )}
    </div>
  );
}

/** Null until everything has come that the papers are made from. */
function usePaperContext(job: Job): PaperContext | null {
  const { data: machines } = useMachinesQuery(undefined);
  const { data: people } = usePeopleQuery(undefined);
  const { data: sheets } = useHouseQuery(undefined);
  const { data: cards } = useCardsQuery(undefined);
  const { plan } = useJobPlan(job.draft);
  const pictures = usePaperPictures(job);
  const { data: photos } = useJobPhotosQuery(job.id);
  return useMemo(() => {
    const machine = machines?.find(({ id }) => id === job.draft.machineId);
    if (machine === undefined || people === undefined || plan === null) return null;
    if (pictures === null || photos === undefined) return null;
    const nameOf = (id: string) => people.find((each) => each.id === id)?.name ?? id;
    const cardNumber = (id: string) => cards?.find((card) => card.id === id)?.number ?? null;
    const house = houseContent(sheets);
    return { job, plan, machine, house, pictures, photos, nameOf, cardNumber };
  }, [job, machines, people, sheets, cards, plan, pictures, photos]);
}
