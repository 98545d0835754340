import type { Machine } from '@lone-heron/contract';
import { Printer, TriangleAlert } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { figure } from '../../shared/figures/figures.js';
import { eyeFigures } from './eyeFigures.js';
import { EyewearPart } from './EyewearPart.js';
import { SheetPart } from './SheetPart.js';
import { TestsPart } from './TestsPart.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { spokenFigure } from '../../shared/figures/spoken.js';

/** The sheet that hangs at the door of a machine's cell: for a visitor, for the safety officer, for a doctor. */
export function SafetySheet() {
  const { id = '' } = useParams();
  const { data: machines, error, refetch } = unlessShown(useMachinesQuery(undefined));
  if (error !== undefined) return <LoadFailed what="the machine" error={error} retry={refetch} />;
  if (machines === undefined) return <Loading what="the machine" />;
  const machine = machines.find((each) => each.id === id);
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-4 px-4 py-4 sm:px-6">
      {machine === undefined ? (
        <p className="sheet p-5">
          This shop has no such machine. <Link to="/shop">To the machines</Link>
        </p>
      ) : (
        <Sheet machine={machine} />
      )}
    </div>
  );
}

function Sheet({ machine }: { machine: Machine }) {
  return (
    <>
      <header className="flex flex-wrap items-center gap-4">
        <h1 className="mr-auto text-2xl font-semibold">Safety sheet of {machine.name}</h1>
        <button type="button" className="btn touch-always print:hidden" onClick={() => window.print()}>
          <Printer className="size-5" aria-hidden="true" /> Print
        </button>
      </header>
      <p className="caution flex gap-2 p-3 leading-snug" role="note">
        <TriangleAlert className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
        <span>
          Planning figures, rounded to the safe side. A laser safety officer, the machine’s manual and local
          codes decide; nothing here permits anything.
        </span>
      </p>
      <Visitors />
      <EyeFigures machine={machine} />
      <EyewearPart machine={machine} />
      <TestsPart machine={machine} />
      <FirstAid machine={machine} />
    </>
  );
}

function Visitors() {
  return (
    <SheetPart title="For visitors">
      <p>
        A class 4 laser works here. Its light cannot be seen, and a glance of it thrown back from metal can
        blind at once. Come in only when the welder says so, with the eyewear of this cell on. Touch nothing
        that was welded. Metal stays hot, and fume cannot be seen: stay out of the smoke.
      </p>
    </SheetPart>
  );
}

function EyeFigures({ machine }: { machine: Machine }) {
  const plan = eyeFigures(machine.profile);
  if (plan === null) {
    return (
      <SheetPart title="For the safety officer">
        <p>
          The divergence of this machine’s beam is not known, so no distance can be computed.{' '}
          <Link className="underline" to={`/shop/machines/${machine.id}`}>
            Enter it from the data sheet.
          </Link>
        </p>
      </SheetPart>
    );
  }
  const { configuredPowerW, optics } = machine.profile;
  return (
    <SheetPart title="For the safety officer">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Figure</th>
            <th scope="col">From</th>
          </tr>
        </thead>
        <tbody>
          <Figure
            what="Eyewear at 1070 nm, optical density at least"
            value={figure(plan.opticalDensity, 1)}
            from="power over a 7 mm pupil against 50 W/m² (IEC 60825-1: 1050 to 1150 nm, 10 s and longer)"
          />
          <Figure
            what="Direct beam, dangerous to eyes within"
            value={spokenFigure(plan.direct, 'm', 0)}
            from={`divergence ${figure(optics?.divergenceMrad ?? 0, 0)} mrad on the data sheet (1/e²), which is ${figure((optics?.divergenceMrad ?? 0) / Math.SQRT2, 0)} mrad at 1/e; spreading from a point`}
          />
          <Figure
            what="Thrown back by a dull surface, within"
            value={spokenFigure(plan.diffuse, 'm', 1)}
            from="all of the light thrown back, looked at straight; a shiny surface throws a beam instead"
          />
        </tbody>
      </table>
      <p className="text-sm text-soft">
        At {configuredPowerW} W, as the machine is configured (revision {machine.revision}). Damage ratings of
        eyewear and barrier (how long they withstand the beam) are another matter, for their makers to state.
      </p>
    </SheetPart>
  );
}

function Figure({ what, value, from }: { what: string; value: string; from: string }) {
  return (
    <tr>
      <th scope="row" className="font-normal">
        {what}
      </th>
      <td className="figure text-xl font-semibold whitespace-nowrap">{value}</td>
      <td className="text-sm text-soft">{from}</td>
    </tr>
  );
}

function FirstAid({ machine }: { machine: Machine }) {
  return (
    <SheetPart title="If light went into an eye">
      <p>
        Laser off, key out. Sit the person down, calm, eyes closed; no rubbing, no drops. To an eye doctor or
        the emergency department at once, even when nothing hurts: the back of the eye feels no pain.
      </p>
      <p>
        Tell the doctor: fibre laser, infrared, 1.07 micrometres, up to {machine.profile.configuredPowerW} W,
        continuous or modulated; direct or thrown back; from how far and how long; what eyewear was worn.
      </p>
    </SheetPart>
  );
}
