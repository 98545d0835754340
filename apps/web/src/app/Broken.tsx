import type { FallbackProps } from 'react-error-boundary';

/** The interface itself failed: say so, and offer the way back. What was acknowledged is on the server. */
export function Broken({ error }: FallbackProps) {
  return (
    <section role="alert" className="mx-auto flex max-w-xl flex-col items-start gap-4 px-6 py-20">
      <h1 className="text-3xl font-semibold">This screen failed</h1>
      <p className="text-lg">Everything that was saved is safe. Load the page again to carry on.</p>
      <p className="figure text-sm text-soft">{error instanceof Error ? error.message : String(error)}</p>
      <button type="button" className="btn touch-always btn-primary" onClick={() => window.location.reload()}>
        Load again
      </button>
    </section>
  );
}
