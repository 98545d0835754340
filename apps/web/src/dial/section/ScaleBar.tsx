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
  isOverPicture = false,
}: {
  page: BoxSize;
  scale: number;
  units: Pick<HouseUnits, 'length'>;
  /** Drawn over a picture: haloed, to be read on any ground. */
  isOverPicture?: boolean;
}) {
  const choices = lengths[units.length];
  const length = choices.find((mm) => mm * scale <= longest) ?? choices.at(-1) ?? 1;
  const y = page.height - 10;
  const bar = `M14 ${y}h${length * scale}M14 ${y - 4}v8M${14 + length * scale} ${y - 4}v8`;
  return (
    <g>
      {isOverPicture && <path d={bar} stroke="var(--color-base-100)" strokeWidth={5} strokeLinecap="round" />}
      <path d={bar} stroke="var(--color-base-content)" strokeWidth={isOverPicture ? 2 : 1} />
      <text
        x={14}
        y={y - 9}
        className={`text-[15px] ${isOverPicture ? 'fill-base-content' : 'fill-soft'}`}
        {...(isOverPicture ? { stroke: 'var(--color-base-100)', strokeWidth: 4, paintOrder: 'stroke' } : {})}
      >
        {lengthFigure(length, units)}
      </text>
    </g>
  );
}
