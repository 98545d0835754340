import { contradictedTrials, type HandMode, type Trial } from '@lone-heron/contract';
import { lookSpeech, modeSpeech } from '../../shared/modes/modeWords.js';
import type { ModeAnswer } from './useModeDial.js';

/** What a hand looks at where trials that were set alike came out at opposite ends. */
const suspects: Readonly<Record<HandMode, string>> = {
  clean: 'the window, the distance to the face, how thick the coat was, how even the pace',
  cut: 'the window, the bore and what blocks it, the distance, the air’s pressure while it cuts',
  spot: 'the window, the lamp’s hours, the distance, how the sheets lay on each other',
  seam: 'the window, the lamp’s hours, the distance, how the edges met',
};

/** That trials of this metal on this machine, newest first, contradict each other, and what to look at; null where they do not. */
export function contradictionNotice(
  mode: HandMode,
  { restsOn, work, shop }: Pick<ModeAnswer<HandMode>, 'restsOn' | 'work' | 'shop'>,
): { readonly words: string; readonly isFault: boolean } | null {
  const found = contradictedTrials(
    restsOn.filter(
      (trial) =>
        trial.work.mode === mode && trial.work.metal === work.metal && trial.machineId === shop.machine.id,
    ),
  );
  if (found === null) return null;
  const said = ({ number, look }: Trial) => `No ${number} was ${lookSpeech(mode, look).short}`;
  return {
    words: `Set alike, ${said(found.tooLittle)} and ${said(found.tooMuch)}: what differed is none of these numbers, so the odds say more than is known. Look at ${suspects[mode]}; take back the ${modeSpeech[mode].trial} that was not as it was written down.`,
    isFault: false,
  };
}
