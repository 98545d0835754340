/** Why a sheet cannot be changed here. */
export function AskLead({ what }: { what: string }) {
  return <p className="caution p-3">A lead changes {what}: sign in as one to do so.</p>;
}
