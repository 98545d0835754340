import { heatInk, heatShare, scaleRises } from '../../shared/heat/heatInk.js';
import { temperatureWords } from '../../shared/heat/heatFigures.js';
import type { ShownField } from './useField.js';

/** What the ink stands for, from cold to molten. */
export function HeatScale({ shown }: { shown: ShownField }) {
  const { law } = shown.answer.heat;
  return (
    <ul className="flex flex-wrap gap-x-3 text-sm text-soft" aria-label="Temperatures of the picture">
      {[...scaleRises(law), law.liquidus].map((rise) => (
        <li key={rise} className="flex items-center gap-1">
          <span
            className="inline-block size-3 rounded-sm border border-base-300"
            style={{ background: `rgb(${heatInk(heatShare(rise, law.liquidus)).join(' ')})` }}
            aria-hidden="true"
          />
          {temperatureWords(rise, law.start)}
          {rise === law.liquidus && ' melted'}
        </li>
      ))}
    </ul>
  );
}
