import type { Machine, ProtectiveWindow, WindowStudy } from '@lone-heron/contract';
import { Camera, Gauge, Timer } from 'lucide-react';
import { Link } from 'react-router';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { figure, percentFigure } from '../../shared/figures/figures.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { lightInWords } from '../light/lightInWords.js';
import { useNow } from '../../shared/clock/useNow.js';

interface FittedWindowProps {
  machine: Machine;
  fitted: ProtectiveWindow | undefined;
  /** What the windows' lives tell; left out until it has come. */
  study: WindowStudy | undefined;
  onChange: () => void;
  onLogLight: () => void;
  onReadCounter: () => void;
}

/** The glass that is in: how much of its usual life it has done, and what is to be done with it. */
export function FittedWindow({
  machine,
  fitted,
  study,
  onChange,
  onLogLight,
  onReadCounter,
}: FittedWindowProps) {
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label={`Window of ${machine.name}`}>
      <h2 className="text-soft">
        Protective window on <span className="text-base-content">{machine.name}</span>
      </h2>
      {fitted === undefined ? (
        <>
          <p className="text-3xl font-semibold">none recorded</p>
          <p>Record the window that is fitted: coupons are logged with the glass they were welded through.</p>
        </>
      ) : (
        <Worn fitted={fitted} study={study} />
      )}
      <div className="mt-auto flex flex-wrap gap-2">
        <button
          type="button"
          className="btn touch-always btn-primary"
          aria-label={fitted === undefined ? undefined : `Window was changed on ${machine.name}`}
          onClick={onChange}
        >
          {fitted === undefined ? 'Record a window' : 'Window was changed'}
        </button>
        {fitted !== undefined && (
          <>
            <button
              type="button"
              className="btn touch-always"
              aria-label={`Log welding on ${machine.name}`}
              onClick={onLogLight}
            >
              <Timer className="size-5" aria-hidden="true" /> Log welding
            </button>
            <button
              type="button"
              className="btn touch-always"
              aria-label={`Hour counter of ${machine.name}`}
              onClick={onReadCounter}
            >
              <Gauge className="size-5" aria-hidden="true" /> Hour counter
            </button>
            <Link
              className="btn touch-always"
              to={`/optics/glass?machine=${machine.id}`}
              aria-label={`Photo of the glass of ${machine.name}`}
            >
              <Camera className="size-5" aria-hidden="true" /> Photo
            </Link>
          </>
        )}
      </div>
    </section>
  );
}

interface WornProps {
  fitted: ProtectiveWindow;
  study: WindowStudy | undefined;
}

function Worn({ fitted, study }: WornProps) {
  const now = useNow();
  const { data: people = [] } = usePeopleQuery(undefined);
  const fitter = people.find(({ id }) => id === fitted.fittedBy)?.name;
  const life = study?.life ?? null;
  const share = life === null ? null : fitted.wornHours / life.half;
  const nextTenth = study?.fitted.find(({ machineId }) => machineId === fitted.machineId)?.nextTenth;
  return (
    <>
      <div className="flex items-start justify-between gap-4">
        <div>
          <p className="text-3xl font-semibold">Window {fitted.number}</p>
          <p className="text-lg">
            <strong className="tabular-nums">{wornInWords(fitted.wornHours)}</strong> of wear
            {life !== null && `; half of them last to ${figure(life.half, 1)} h`}
          </p>
        </div>
        <Glass share={share ?? 0} />
      </div>
      {share !== null && (
        <progress
          className={`progress h-3 ${share >= 1 ? 'progress-error' : 'progress-primary'}`}
          value={Math.min(1, share)}
          max={1}
          aria-label={`Done ${percentFigure(Math.min(share, 9.99))} of what half of the windows last`}
        />
      )}
      {nextTenth !== undefined && life !== null && (
        <p>
          Chance that it lasts another {figure(life.half / 10, 1)} h:{' '}
          <strong>{percentFigure(nextTenth)}</strong>
        </p>
      )}
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-soft">
        <dt>Fitted</dt>
        <dd className="text-base-content">
          {shownMoment(fitted.fittedAt, now)}
          {fitter !== undefined && ` by ${fitter}`}
        </dd>
        <dt>Light through it</dt>
        <dd className="text-base-content">
          {lightInWords(fitted.lightOnS)} written down, {fitted.couponCount}{' '}
          {fitted.couponCount === 1 ? 'coupon' : 'coupons'}
        </dd>
        {(fitted.supplier !== '' || fitted.lot !== '') && (
          <>
            <dt>From</dt>
            <dd className="text-base-content">
              {[fitted.supplier, fitted.lot === '' ? '' : `lot ${fitted.lot}`].filter(Boolean).join(', ')}
            </dd>
          </>
        )}
      </dl>
    </>
  );
}

/** Wear in hours at 1 kW; what is not nothing is never shown as nothing. */
function wornInWords(hours: number): string {
  return hours > 0 && hours < 0.05 ? 'under 0.1 h' : `${figure(hours, 1)} h`;
}

/** The glass seen from below: a ring that greys with what it bore. Decorative. */
function Glass({ share }: { share: number }) {
  return (
    <svg viewBox="0 0 64 64" className="size-16 shrink-0" aria-hidden="true" focusable="false">
      <circle cx="32" cy="32" r="28" fill="none" stroke="var(--steel-line)" strokeWidth="5" />
      <circle cx="32" cy="32" r="22" fill="var(--part)" opacity={Math.min(0.12 + share * 0.45, 0.7)} />
      <path
        d="M20 26c4-6 10-8 15-7"
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth="2"
        opacity="0.5"
        strokeLinecap="round"
      />
    </svg>
  );
}
