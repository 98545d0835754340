import type { Job, JobDraft } from '@lone-heron/contract';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useJobQuery } from '../../shared/api/jobsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { useSaveJob } from '../useSaveJob.js';
import { AddPictures } from './AddPictures.js';
import { PlaceWelds } from './PlaceWelds.js';

/** Drawings and photos of the part, with its welds placed on them by a drag along each seam. */
export function PicturesScreen() {
  const { id = '' } = useParams();
  const { data: job, error, refetch } = unlessShown(useJobQuery(id));
  if (error !== undefined) return <LoadFailed what="the job" error={error} retry={refetch} />;
  if (job === undefined) return <Loading what="the job" />;
  return <Pictures key={job.id} job={job} />;
}

/** What is placed here and not saved yet; null while nothing is. */
type Placed = Pick<JobDraft, 'pictures' | 'welds'> & { readonly basis: number };

function Pictures({ job }: { job: Job }) {
  const sheet = `pictures of job ${job.id}`;
  const navigate = useNavigate();
  const person = usePersonAtDesk();
  const [placed, setPlaced] = useKept<Placed | null>(sheet, 'placed', () => null);
  const [shown, setShown] = useState<string | null>(null);
  const { save, isSaving, error } = useSaveJob(job);
  const draft: JobDraft =
    placed === null ? job.draft : { ...job.draft, pictures: placed.pictures, welds: placed.welds };
  const change = (changes: Partial<Pick<JobDraft, 'pictures' | 'welds'>>) =>
    setPlaced({
      basis: placed?.basis ?? job.revision,
      ...{ pictures: draft.pictures, welds: draft.welds },
      ...changes,
    });
  const photoId = shown ?? draft.pictures[0]?.photoId ?? null;
  const store = async () => {
    if (!(await save({ ...draft, why: '' }, 'The pictures are saved.', placed?.basis))) return;
    forgetTyping(sheet);
    void navigate(`/jobs/${job.id}`);
  };
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Pictures of ${job.draft.name}`} back={{ to: `/jobs/${job.id}`, name: 'the job' }} />
      <KeptNote sheet={sheet} />
      <AddPictures
        draft={draft}
        shown={photoId}
        onShow={setShown}
        onAdd={(pictures) => change({ pictures: [...draft.pictures, ...pictures] })}
        onRemove={(gone) =>
          change({
            pictures: draft.pictures.filter((each) => each.photoId !== gone),
            welds: draft.welds.map((weld) =>
              weld.place?.photoId === gone ? { ...weld, place: null } : weld,
            ),
          })
        }
      />
      {photoId !== null && (
        <PlaceWelds key={photoId} jobId={job.id} draft={draft} photoId={photoId} onChange={change} />
      )}
      <div className="sheet flex flex-col gap-2 p-4">
        <WhoDidIt label="Placed by" />
        <Failure error={error} />
        <SaveButton
          name="Save the pictures"
          waitsFor={person === null ? signInFirst : placed === null ? 'Nothing was changed.' : null}
          isSaving={isSaving}
          onPress={() => void store()}
        />
      </div>
    </div>
  );
}
