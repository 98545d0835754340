import type { ShopRecord } from '@lone-heron/contract';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { ShopPhotoLink } from '../photos/ShopPhotoLink.js';
import { causeWords } from './causeWords.js';
import { useNow } from '../../shared/clock/useNow.js';

/** So many are shown. */
const most = 5;

/** The machine's newest cases: what it was, when, and the pictures of it. */
export function FiledCases({ records }: { records: readonly ShopRecord[] }) {
  const now = useNow();
  const cases = records.flatMap(({ id, at, machineId, detail }) =>
    detail.kind === 'fault' ? [{ id, at, machineId, ...detail }] : [],
  );
  if (cases.length === 0) return null;
  return (
    <details className="sheet px-5">
      <summary className="min-h-12 cursor-pointer content-center font-semibold">
        Filed cases of this machine: {cases.length}
      </summary>
      <ul className="divide-y divide-base-300 pb-2">
        {cases.slice(0, most).map(({ id, at, machineId, cause, photoIds = [] }) => (
          <li key={id} className="flex items-center gap-3 py-1.5">
            <span className="grow">
              {sentenceStart(causeWords[cause].name)}
              <span className="block text-sm text-soft">{shownMoment(at, now)}</span>
            </span>
            {photoIds.map((photoId) => (
              <ShopPhotoLink
                key={photoId}
                machineId={machineId}
                photoId={photoId}
                words={`Status page, ${shownMoment(at, now)}`}
              />
            ))}
          </li>
        ))}
      </ul>
    </details>
  );
}
