import { useState } from 'react';

/** What an address said that could not be kept, until it has been read. */
export default function Dropped({ dropped }: { dropped: readonly string[] }) {
  const [read, setRead] = useState('');
  const words = dropped.join(', ');
  if (words === '' || words === read) return null;
  return (
    <p role="status" className="caution flex flex-wrap items-center gap-x-3 px-3 py-1 text-sm">
      <span>
        The address said what is not known here, and it was left out: {words}. Everything else is as it said.
      </span>
      <button type="button" className="btn touch btn-sm" onClick={() => setRead(words)}>
        Understood
      </button>
    </p>
  );
}
