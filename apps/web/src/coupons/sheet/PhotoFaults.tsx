/** Why photos were not stored, one line each. */
export function PhotoFaults({ faults }: { faults: readonly string[] }) {
  return faults.map((fault) => (
    <p key={fault} role="alert" className="fault text-sm">
      {fault}
    </p>
  ));
}
