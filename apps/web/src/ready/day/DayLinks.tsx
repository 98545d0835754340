import { modesOf, type Day, type Machine } from '@lone-heron/contract';
import { Crosshair, FileText, ListChecks, Pencil, Replace, Timer } from 'lucide-react';
import { Link } from 'react-router';

/** The ways on from a machine's day. */
export function DayLinks({ machine, day }: { machine: Machine; day: Day | undefined }) {
  return (
    <nav className="flex flex-wrap gap-2" aria-label="More of this machine">
      <Link className="btn touch-always" to={`/ready/scrap/${machine.id}`}>
        <Crosshair className="size-5" aria-hidden="true" /> Scrap test
      </Link>
      {modesOf(machine.profile).length > 0 && (
        <Link className="btn touch-always" to={`/ready/switch/${machine.id}`}>
          <Replace className="size-5" aria-hidden="true" /> Switch it over
        </Link>
      )}
      <Link className="btn touch-always" to={`/optics?log=${machine.id}`}>
        <Timer className="size-5" aria-hidden="true" /> Log welding
      </Link>
      {day !== undefined && (
        <Link className="btn touch-always" to={`/ready/day/${day.id}`}>
          <FileText className="size-5" aria-hidden="true" /> This day’s record
        </Link>
      )}
      <Link className="btn touch-always" to={`/ready/record/${machine.id}`}>
        <ListChecks className="size-5" aria-hidden="true" /> Earlier days
      </Link>
      <Link className="btn touch-always" to={`/ready/template/${machine.id}`}>
        <Pencil className="size-5" aria-hidden="true" /> Change the steps
      </Link>
    </nav>
  );
}
