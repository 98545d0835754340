import { toast } from '../../shared/say/toast.js';
import { allKnobs } from '../allKnobs.js';
import type { DialOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { newNumbers } from './newNumbers.js';

/** What is computed by now where other numbers stand on the plate, as they do on the machine's panel, with the way to take it. */
export default function NewNumbers({ dial, outcome }: { dial: Dial; outcome: DialOutcome }) {
  const figures = newNumbers(outcome);
  // Before all is heard the model alone would seem to say something new.
  if (!dial.isSettled || figures === '') return null;
  const take = () => {
    const before = allKnobs(outcome.base);
    dial.stand(allKnobs(outcome.computed));
    toast(`On the plate now: ${figures}. Set the panel to it.`, {
      action: { label: 'Undo', onClick: () => dial.stand(before) },
    });
  };
  return (
    <div role="status" className="caution mx-3 mb-1 flex items-center gap-3 px-3 py-1 leading-snug">
      <span className="grow">
        {outcome.learned === null ? 'Computed anew: ' : 'Your coupons now say '}
        <strong>{figures}</strong>.
      </span>
      <button type="button" className="btn touch btn-sm btn-primary" onClick={take}>
        Take it
      </button>
    </div>
  );
}
