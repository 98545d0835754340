/** The button that stores a sheet; says that it is busy, and takes no second tap meanwhile. */
export function SaveButton({
  name,
  isReady,
  isSaving,
}: {
  name: string;
  isReady: boolean;
  isSaving: boolean;
}) {
  return (
    <button type="submit" className="btn touch-always self-end btn-primary" disabled={!isReady || isSaving}>
      {isSaving ? 'Saving' : name}
    </button>
  );
}
