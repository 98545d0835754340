import { nozzleWords } from '../../shared/vocabulary/nozzles.js';
import type { Spoken } from '../../shared/saidJoint/Spoken.js';
import type { Words } from '../../shared/saidJoint/useWords.js';
import { gasChoices, limitChoices, runsFirst } from '../../shared/saidJoint/words.js';
import { ConditionWords, SecondMetalWord } from '../../shared/saidJoint/ConditionWords.js';

/** What is seldom changed, in one small line: how it lies, edges, backing, run, gas, nozzle, limits, second metal. */
export default function SmallWords({ words, spoken }: { words: Words; spoken: Spoken }) {
  const { pick } = words;
  const { kind, gas, nozzle } = spoken.words;
  const usualGas = spoken.suggested?.gas.gas;
  const usualNozzle = spoken.suggested?.usualNozzle;
  return (
    <div className="small-words">
      <ConditionWords words={words} spoken={spoken} runs={runsFirst(kind, spoken.house.practice.corners)} />
      <span>
        under {pick('gas', 'Gas', [{ value: 'usual', label: usual(gasWords(usualGas), gas) }, ...gasChoices])}
      </span>
      <span>
        {pick('nozzle', 'Nozzle', [
          { value: 'usual', label: usual(`${nozzleWords[usualNozzle ?? 'flat']} nozzle`, nozzle) },
          ...Object.entries(nozzleWords).map(([value, words]) => ({ value, label: `${words} nozzle` })),
        ])}
      </span>
      <SecondMetalWord words={words} />
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
