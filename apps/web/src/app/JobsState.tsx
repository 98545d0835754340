import { useJobsQuery } from '../shared/api/jobsApi.js';

/** The job that was worked on last and is not done, and how far it is. */
export default function JobsState() {
  const { data } = useJobsQuery(undefined);
  if (data === undefined) return '';
  const open = data.filter(({ state, withdrawnAt }) => state !== 'done' && withdrawnAt === null);
  const [newest] = open
    .filter(({ state }) => state === 'released')
    .toSorted((one, other) => other.changedAt.localeCompare(one.changedAt));
  if (newest !== undefined) return `${newest.name}, ${newest.settled} of ${newest.seams}`;
  return open.length === 0 ? 'none open' : `${open.length} open`;
}
