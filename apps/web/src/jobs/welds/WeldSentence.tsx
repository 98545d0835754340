import type { Machine } from '@lone-heron/contract';
import { useMemo } from 'react';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { ConditionWords, SecondMetalWord } from '../../shared/saidJoint/ConditionWords.js';
import type { DialWords } from '../../shared/saidJoint/dialWords.js';
import { JointWords, SideAndWireWords } from '../../shared/saidJoint/JointWords.js';
import type { SentenceReading } from '../../shared/saidJoint/readSentence.js';
import { useWords } from '../../shared/saidJoint/useWords.js';
import { walkWords } from '../../shared/saidJoint/walkWords.js';
import { jobRuns } from '../../shared/saidJoint/words.js';

interface WeldSentenceProps {
  words: DialWords;
  reading: SentenceReading;
  machine: Machine;
  onSay: (words: Partial<DialWords>) => void;
}

/** The joint of a weld in Dial's own sentence; gas, nozzle and aim are its setting's and the job's. */
export function WeldSentence({ words, reading, machine, onSay }: WeldSentenceProps) {
  const house = houseContent(useHouseQuery(undefined).data);
  const machines = useMemo(() => [machine], [machine]);
  const spoken = {
    ...{ words, reading, house, suggested: null, sayWords: onSay },
    sayWord: (word: keyof DialWords, text: string) => onSay({ [word]: text }),
  };
  const makers = useWords(spoken, machines);
  return (
    <div role="group" aria-label="The joint" className="flex flex-col" onKeyDown={walkWords}>
      <div className="sentence">
        <JointWords words={makers} spoken={spoken} />
        <SideAndWireWords words={makers} spoken={spoken} />
        <span>.</span>
      </div>
      <div className="small-words">
        <ConditionWords words={makers} spoken={spoken} runs={jobRuns} />
        <SecondMetalWord words={makers} />
      </div>
    </div>
  );
}
