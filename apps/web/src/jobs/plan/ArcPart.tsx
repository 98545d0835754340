import { figure } from '../../shared/figures/figures.js';
import { spokenMoney } from '../../shared/figures/spokenMoney.js';
import { minutesInWords } from '../jobWords.js';
import { PaybackLine } from './PaybackLine.js';
import type { ShownPlan } from './useJobPlan.js';

interface ArcPartProps {
  shown: ShownPlan;
  /** As it is typed. */
  partsPerMonth: string;
  onPartsPerMonth: (text: string) => void;
}

/** The same part by the arc process the shop has, and when the machine has paid against it. */
export function ArcPart({ shown: { plan }, partsPerMonth, onPartsPerMonth }: ArcPartProps) {
  if (plan === null) return null;
  const { arc, takes } = plan;
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="Beside the arc">
      <h2 className="text-lg font-semibold">Beside the arc</h2>
      <table className="table table-sm">
        <thead>
          <tr>
            <th scope="col">A piece</th>
            <th scope="col">by light</th>
            <th scope="col">by {arc.name}</th>
          </tr>
        </thead>
        <tbody>
          <Beside
            name="takes"
            light={minutesInWords(takes.piece.time.middle)}
            arc={minutesInWords(arc.minutes)}
          />
          <Beside name="costs" light={spokenMoney(arc.lightCost)} arc={spokenMoney(arc.cost)} />
          <Beside
            name="in eight hours"
            light={figure(arc.lightPartsPerDay, 1)}
            arc={figure(arc.partsPerDay, 1)}
          />
        </tbody>
      </table>
      <PaybackLine payback={arc.payback} partsPerMonth={partsPerMonth} onType={onPartsPerMonth} />
    </section>
  );
}

function Beside({ name, light, arc }: { name: string; light: string; arc: string }) {
  return (
    <tr>
      <th scope="row" className="text-base font-normal">
        {name}
      </th>
      <td className="figure text-base">{light}</td>
      <td className="figure text-base">{arc}</td>
    </tr>
  );
}
