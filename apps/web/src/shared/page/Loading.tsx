/** Something is on its way. */
export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="flex items-center gap-3 px-6 py-16 text-lg text-soft">
      <span className="loading loading-dots loading-md" aria-hidden="true" />
      Fetching {what}
    </p>
  );
}
