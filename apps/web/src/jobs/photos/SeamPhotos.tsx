import { mostSeamPhotos, type Job } from '@lone-heron/contract';
import { KeptPhotos } from '../../shared/photos/KeptPhotos.js';

interface SeamPhotosProps {
  job: Job;
  /** What the photos are of, such as W3. */
  of: string;
  photoIds: readonly string[];
  onChange: (photoIds: readonly string[]) => void;
}

/** Photos that go with a seam or a check of a job. */
export function SeamPhotos({ job, ...photos }: SeamPhotosProps) {
  return <KeptPhotos {...photos} subject="job" most={mostSeamPhotos} machineId={job.draft.machineId} />;
}
