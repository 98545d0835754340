import type { Job } from '@lone-heron/contract';
import { useJobPhotosQuery } from '../../shared/api/jobsApi.js';
import { PictureLink } from '../../shared/picture/PictureLink.js';

interface JobPhotosProps {
  job: Job;
  photoIds: readonly string[];
  /** What they are of, such as W3. */
  of: string;
}

/** Photos of a job in small, as far as they have arrived: some may wait in the browser of whoever took them. */
export function JobPhotos({ job, photoIds, of }: JobPhotosProps) {
  const { data: photos = [] } = useJobPhotosQuery(job.id, { skip: photoIds.length === 0 });
  const arrived = photos.filter(({ id }) => photoIds.includes(id));
  if (photoIds.length === 0) return null;
  return (
    <span className="flex flex-wrap items-center gap-1.5 py-0.5">
      {arrived.map(({ id, hash }, i) => (
        <PictureLink key={id} hash={hash} words={`Photo ${i + 1} of ${of}`} />
      ))}
      {arrived.length < photoIds.length && (
        <span className="text-sm text-soft">{photoIds.length - arrived.length} still to come</span>
      )}
    </span>
  );
}
