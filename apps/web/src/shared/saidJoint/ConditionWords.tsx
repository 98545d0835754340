import type { Choice } from './PickWord.js';
import { saysBevel } from './readKind.js';
import type { Spoken } from './Spoken.js';
import type { Words } from './useWords.js';
import {
  backingChoices,
  bevelChoices,
  edgeChoices,
  positionChoices,
  secondMetalChoices,
  surfaceChoices,
} from './words.js';

interface ConditionWordsProps {
  words: Words;
  spoken: Pick<Spoken, 'words'>;
  /** How it can be run. */
  runs: readonly Choice[];
}

/** How a joint is met, in small: how it lies, its edges and backing, and how it is run. */
export function ConditionWords({ words: { pick, length }, spoken, runs }: ConditionWordsProps) {
  const { edge, kind, run, sides } = spoken.words;
  return (
    <>
      <span>{pick('position', 'Position', positionChoices)}</span>
      <span>edges {pick('surface', 'Surface', surfaceChoices)}</span>
      {saysBevel(kind) && <span>{pick('bevel', 'Edges', bevelChoices)}</span>}
      <span>{pick('backing', 'Backing', backingChoices)}</span>
      <span>
        {pick('edge', 'Place in the part', edgeChoices)}
        {edge === 'near' && <> {length('edgeAway', 'Distance to the free edges')} away</>}
      </span>
      <span>
        {pick('run', 'Run', runs)}
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
    </>
  );
}

export function SecondMetalWord({ words: { pick } }: { words: Pick<Words, 'pick'> }) {
  return <span>second sheet {pick('secondMetal', 'Metal of the second sheet', secondMetalChoices)}</span>;
}
