import { nozzleWords } from '../../shared/vocabulary/nozzles.js';
import { saysBevel } from '../readKind.js';
import type { Spoken } from './Spoken.js';
import type { Words } from './useWords.js';
import {
  backingChoices,
  bevelChoices,
  gasChoices,
  limitChoices,
  positionChoices,
  runsFirst,
  secondMetalChoices,
  surfaceChoices,
} from './words.js';

/** What is seldom changed, in one small line: how it lies, edges, backing, run, gas, nozzle, limits, second metal. */
export default function SmallWords({ words: { pick, length }, spoken }: { words: Words; spoken: Spoken }) {
  const { kind, run, sides, gas, nozzle } = spoken.words;
  const usualGas = spoken.suggested?.gas.gas;
  const usualNozzle = spoken.suggested?.usualNozzle;
  return (
    <div className="small-words">
      <span>{pick('position', 'Position', positionChoices)}</span>
      <span>edges {pick('surface', 'Surface', surfaceChoices)}</span>
      {saysBevel(kind) && <span>{pick('bevel', 'Edges', bevelChoices)}</span>}
      <span>{pick('backing', 'Backing', backingChoices)}</span>
      <span>
        {pick('run', 'Run', runsFirst(kind, spoken.house.practice.corners))}
        {run === 'stitched' && (
          <>
            {' '}
            of {length('stitch', 'Length of a stitch')} every {length('pitch', 'Pitch of the stitches')}
            {sides === '2' && <>, shifted by {length('offset', 'Shift of the second side')}</>}
          </>
        )}
        {run === 'pulsed' && (
          <>
            {' '}
            {length('pulseOn', 'Light on in a pulse')} on, {length('pulseOff', 'Light off between pulses')}{' '}
            off
          </>
        )}
        {run === 'tack' && (
          <>
            {' '}
            of {length('tackLength', 'Length of the tack')} in {length('tackTime', 'Time of the tack')}
          </>
        )}
      </span>
      <span>
        under {pick('gas', 'Gas', [{ value: 'usual', label: usual(gasWords(usualGas), gas) }, ...gasChoices])}
      </span>
      <span>
        {pick('nozzle', 'Nozzle', [
          { value: 'usual', label: usual(`${nozzleWords[usualNozzle ?? 'flat']} nozzle`, nozzle) },
          ...Object.entries(nozzleWords).map(([value, words]) => ({ value, label: `${words} nozzle` })),
        ])}
      </span>
      <span>second sheet {pick('secondMetal', 'Metal of the second sheet', secondMetalChoices)}</span>
      <span>{pick('limit', 'Limit', limitChoices)}</span>
    </div>
  );
}

function gasWords(gas: string | undefined): string {
  return gasChoices.find(({ value }) => value === gas)?.label ?? 'the usual gas';
}

/** What is usual, and that it is, but not where it stands in the line. */
function usual(words: string, picked: string): string {
  return picked === 'usual' ? words : `${words} (usual)`;
}
