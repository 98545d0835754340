import { RotateCw } from 'lucide-react';
import { problemOf } from '../api/problemOf.js';

/** Something did not come: what was wanted, why not, and a way to try again. */
export function LoadFailed({ what, error, retry }: { what: string; error: unknown; retry: () => unknown }) {
  return (
    <div role="alert" className="sheet m-4 flex flex-wrap items-center gap-4 p-5">
      <p className="grow">
        <strong>Could not fetch {what}.</strong> {problemOf(error).message}
      </p>
      <button type="button" className="btn touch btn-primary" onClick={() => retry()}>
        <RotateCw className="size-5" aria-hidden="true" /> Try again
      </button>
    </div>
  );
}
