import { handModes, type HandMode } from '@lone-heron/contract';
import { useNavigate } from 'react-router';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { PickWord } from '../../shared/saidJoint/PickWord.js';
import { modePlaces } from './modePlaces.js';

const weld = 'weld';
const choices = [
  { value: weld, label: 'Weld' },
  ...handModes.map((mode) => ({ value: mode, label: modeSpeech[mode].verb })),
];

/** The first word of every sentence: what is done. Each keeps where it was left. */
export default function ModeWord({ mode }: { mode: HandMode | typeof weld }) {
  const navigate = useNavigate();
  const pick = (next: string) => {
    modePlaces.leave(mode, window.location.search);
    const path = next === weld ? '/dial' : `/dial/${next}`;
    void navigate(path + modePlaces.of(next));
  };
  return <PickWord name="What is done" value={mode} choices={choices} fault={undefined} onPick={pick} />;
}
