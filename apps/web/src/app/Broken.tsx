import type { FallbackProps } from 'react-error-boundary';

/** As browsers say that a part of the application could not be fetched. */
const notFetched = /dynamically imported module|module script failed|loading (chunk|css)/i;

/** The interface itself failed: say so, and offer the way back. What was acknowledged is on the server. */
export function Broken({ error }: FallbackProps) {
  const words = error instanceof Error ? error.message : String(error);
  if (notFetched.test(words)) return <NotHereYet />;
  return (
    <section role="alert" className="mx-auto flex max-w-xl flex-col items-start gap-4 px-6 py-20">
      <h1 className="text-3xl font-semibold">This screen failed</h1>
      <p className="text-lg">Everything that was saved is safe. Load the page again to carry on.</p>
      <p className="figure text-sm text-soft">{words}</p>
      <button type="button" className="btn touch-always btn-primary" onClick={() => window.location.reload()}>
        Load again
      </button>
    </section>
  );
}

/** A page that this browser has not kept, with the server away, or replaced by a newer one. */
function NotHereYet() {
  return (
    <section role="alert" className="mx-auto flex max-w-xl flex-col items-start gap-4 px-6 py-20">
      <h1 className="text-3xl font-semibold">This page could not be fetched</h1>
      <p className="text-lg">
        Either the server does not answer just now, or it has a newer Lone Heron. Nothing typed is lost: load
        it again once the server is there. The other stations that you had open are still here.
      </p>
      <button type="button" className="btn touch-always btn-primary" onClick={() => window.location.reload()}>
        Load again
      </button>
    </section>
  );
}
