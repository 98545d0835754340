import type { HouseContent, JobDraft, Machine } from '@lone-heron/contract';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useJobQuery, useWriteJobMutation } from '../../shared/api/jobsApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { inUse } from '../../shared/machines/inUse.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import { firstHead, readHead, typedHead, withLevel } from './headFields.js';
import { HeadFields } from './HeadFields.js';
import { LikePick } from './LikePick.js';

/** A new job, from nothing or like another one. */
export function NewJob() {
  const [search] = useSearchParams();
  const likeId = search.get('like');
  const { data: like } = useJobQuery(likeId ?? '', { skip: likeId === null });
  const { data: machines } = useMachinesQuery(undefined);
  const { data: sheets } = useHouseQuery(undefined);
  if (machines === undefined || sheets === undefined) return <Loading what="the shop" />;
  if (likeId !== null && like === undefined) return <Loading what="the job it is like" />;
  const fit = inUse(machines);
  if (fit.length === 0) return <NoMachine />;
  const sheet = likeId === null ? 'new job' : `new job like ${likeId}`;
  return (
    <NewHead
      key={sheet}
      sheet={sheet}
      likeId={likeId}
      like={like?.draft ?? null}
      machines={fit}
      house={houseContent(sheets)}
    />
  );
}

interface NewHeadProps {
  sheet: string;
  likeId: string | null;
  /** A job whose parts and welds are taken over; null for none. */
  like: JobDraft | null;
  machines: readonly Machine[];
  house: HouseContent;
}

function NewHead({ sheet, likeId, like, machines, house }: NewHeadProps) {
  const navigate = useNavigate();
  const person = usePersonAtDesk();
  const { id, sent } = useKeptId(sheet);
  const [write, { isLoading, error }] = useWriteJobMutation();
  const levels = like === null ? house.acceptance : withLevel(house.acceptance, like.level);
  const [typed, setTyped] = useKept(sheet, 'head', () =>
    like === null ? firstHead(machines, house) : { ...typedHead(like), dueOn: '', reference: '' },
  );
  const head = readHead(typed, levels);
  const save = async () => {
    if (head === null) return;
    sent();
    const rest = like === null ? nothingYet : { ...like, batches: [], why: '' };
    const { data } = await write({ id, revision: 1, draft: { ...rest, ...head } });
    if (data === undefined) return;
    forgetTyping(sheet);
    void navigate(`/jobs/${id}/welds`, { replace: true });
  };
  return (
    <form
      className="mx-auto flex max-w-3xl flex-col gap-3 px-4 py-3 sm:px-6"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <PageHeader
        title={like === null ? 'New job' : `New job like ${like.name}`}
        back={{ to: '/jobs', name: 'jobs' }}
      />
      <KeptNote sheet={sheet} />
      <div className="sheet flex flex-col gap-4 p-4">
        <LikePick likeId={likeId} />
        <HeadFields typed={typed} machines={machines} levels={levels} onType={setTyped} />
        <WhoDidIt label="Planned by" />
        <Failure error={error} />
        <SaveButton
          name={like === null ? 'Make the job, then its welds' : 'Make the job'}
          waitsFor={person === null ? signInFirst : head === null ? 'It needs a name and how many.' : null}
          isSaving={isLoading}
        />
      </div>
    </form>
  );
}

const nothingYet = { parts: [], pictures: [], welds: [], order: null, batches: [], why: '' };

function NoMachine() {
  return (
    <div className="sheet m-6 flex flex-col items-start gap-3 p-6">
      <p className="text-lg">A job is welded on a machine: set one up first.</p>
      <Link className="btn touch-always btn-primary" to="/shop">
        Go to Shop
      </Link>
    </div>
  );
}
