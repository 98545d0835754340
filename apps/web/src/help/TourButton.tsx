import { Footprints } from 'lucide-react';
import { useNavigate } from 'react-router';

/** Walks through the stations in six steps. */
export function TourButton({ onStart }: { onStart: () => void }) {
  const navigate = useNavigate();
  const start = () => {
    onStart();
    void import('./tour.js').then(({ startTour }) => startTour((path) => void navigate(path)));
  };
  return (
    <button type="button" className="btn touch-always" onClick={start}>
      <Footprints className="size-5" aria-hidden="true" /> A short tour
    </button>
  );
}
