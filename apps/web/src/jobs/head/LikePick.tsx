import { useNavigate } from 'react-router';
import { useJobsQuery } from '../../shared/api/jobsApi.js';
import { PickField } from '../../shared/form/PickField.js';

/** Whose parts and welds a new job takes over; nothing where there is no job yet. */
export function LikePick({ likeId }: { likeId: string | null }) {
  const navigate = useNavigate();
  const { data: jobs = [] } = useJobsQuery(undefined);
  if (jobs.length === 0) return null;
  return (
    <PickField
      label="Its parts and welds"
      value={likeId ?? ''}
      choices={[
        { value: '', label: 'listed anew' },
        ...jobs.map(({ id, number, name }) => ({ value: id, label: `those of job ${number}: ${name}` })),
      ]}
      onPick={(id) => void navigate(id === '' ? '/jobs/new' : `/jobs/new?like=${id}`, { replace: true })}
    />
  );
}
