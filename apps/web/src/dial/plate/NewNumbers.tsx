import { toast } from '../../shared/say/toast.js';
import { allKnobs } from '../allKnobs.js';
import type { DialOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { heardIn } from './usePlate.js';
import { newNumbers } from './newNumbers.js';

/** What is computed by now where other numbers stand on the plate, as they do on the machine's panel, with the way to take it. */
export default function NewNumbers({ dial, outcome }: { dial: Dial; outcome: DialOutcome }) {
  const figures = newNumbers(outcome);
  // Before all is heard the model alone would seem to say something new.
  if (!dial.isSettled || figures === '') return null;
  const take = () => {
    const { heard, stand } = dial.plate;
    stand(allKnobs(outcome.computed), heardIn(outcome));
    toast(`On the plate now: ${figures}. Set the panel to it.`, {
      action: { label: 'Undo', onClick: () => stand(allKnobs(outcome.base), heard) },
    });
  };
  return (
    <div role="status" className="caution mx-3 mb-1 flex items-center gap-3 px-3 py-1 leading-snug">
      <span className="grow">
        {heardIn(outcome) === dial.plate.heard ? 'Computed anew: ' : 'Your coupons now say '}
        <strong>{figures}</strong>.
      </span>
      <button type="button" className="btn touch btn-sm btn-primary" onClick={take}>
        Take it
      </button>
    </div>
  );
}
