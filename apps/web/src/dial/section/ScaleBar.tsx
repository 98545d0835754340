import type { HouseUnits } from '@lone-heron/contract';
import type { BoxSize } from '../../shared/drawing/useBoxSize.js';
import { lengthFigure, mmPerInch } from '../../shared/figures/houseUnits.js';

const lengths = {
  mm: [10, 5, 2, 1, 0.5, 0.2, 0.1, 0.05],
  in: [0.5, 0.2, 0.1, 0.05, 0.02, 0.01, 0.005, 0.002].map((inch) => inch * mmPerInch),
};
const longest = 110;

/** A round length to scale, in the house's unit. */
export function ScaleBar({
  page,
  scale,
  units,
}: {
  page: BoxSize;
  scale: number;
  units: Pick<HouseUnits, 'length'>;
}) {
  const choices = lengths[units.length];
  const length = choices.find((mm) => mm * scale <= longest) ?? choices.at(-1) ?? 1;
  const y = page.height - 10;
  return (
    <g>
      <path
        d={`M14 ${y}h${length * scale}M14 ${y - 4}v8M${14 + length * scale} ${y - 4}v8`}
        stroke="var(--color-base-content)"
        strokeWidth={1}
      />
      <text x={14} y={y - 9} className="fill-soft text-[15px]">
        {lengthFigure(length, units)}
      </text>
    </g>
  );
}
