import { problemOf } from '../api/problemOf.js';

/** Why something was not stored; nothing where it was, or has not been tried. */
export function Failure({ what = 'Not stored.', error }: { what?: string; error: unknown }) {
  if (error === undefined) return null;
  return (
    <p role="alert" className="fault">
      {what} {problemOf(error).message}
    </p>
  );
}
