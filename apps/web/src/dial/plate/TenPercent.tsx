import type { HouseUnits } from '@lone-heron/contract';
import { ArrowDownToLine, ArrowUpToLine } from 'lucide-react';
import { depthChangeIn, lengthFigure } from '../../shared/figures/houseUnits.js';

interface TenPercentProps {
  /** How much deeper it melts with the knob turned up by a tenth, mm. */
  depthMm: number;
  units: Pick<HouseUnits, 'length'>;
}

/** What a turn does, in one line: turned up by a tenth, so much deeper or less deep. */
export function TenPercent({ depthMm, units }: TenPercentProps) {
  const words = depthChangeIn(depthMm, units);
  const said = `Turned up by 10 %: ${words}`;
  const Icon = depthMm > 0 ? ArrowDownToLine : ArrowUpToLine;
  return (
    <span className="flex flex-wrap items-center gap-x-1" title={said}>
      <span className="sr-only">{said}</span>
      <span aria-hidden="true">+10 %</span>
      {words === depthChangeIn(0, units) ? (
        <span aria-hidden="true">the same</span>
      ) : (
        <>
          <Icon className="size-3.5 shrink-0" aria-hidden="true" />
          <span className="tabular-nums" aria-hidden="true">
            {lengthFigure(Math.abs(depthMm), units)}
          </span>
        </>
      )}
    </span>
  );
}
