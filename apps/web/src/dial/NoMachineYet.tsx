import { Link } from 'react-router';
import { FirstSteps } from '../shared/firstHour/FirstSteps.js';

/** Dial without a machine that it could speak for: what is missing, and the way to it. */
export default function NoMachineYet({ hasLamp }: { hasLamp: boolean }) {
  return (
    <div className="mx-auto flex max-w-3xl flex-col gap-3 px-4 py-4">
      <h1 className="text-2xl font-semibold">Dial</h1>
      <p className="sheet flex flex-wrap items-center gap-4 p-5 text-lg">
        <span className="grow">
          {hasLamp
            ? 'Welding with light that stays on is a fibre laser’s, and this shop has none yet. What the lamp-pulsed unit does is said under Spot and Seam.'
            : 'Say the joint, and Dial says what to set. It needs to know the machine first: what it gives, and what its panel shows.'}
        </span>
        {hasLamp && (
          <Link className="btn touch-always btn-primary" to="/dial/spot">
            Spot and seam
          </Link>
        )}
        <Link className={`btn touch-always ${hasLamp ? '' : 'btn-primary'}`} to="/shop">
          Add a machine
        </Link>
      </p>
      <FirstSteps />
    </div>
  );
}
