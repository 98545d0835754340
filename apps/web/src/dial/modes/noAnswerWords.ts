import type { HandMode } from '@lone-heron/contract';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { unknownCoat } from './modeSentences.js';
import type { WorkReading } from './readWork.js';

/** Why a sentence of a mode comes to nothing, and what to do about it. */
export function noAnswerWords<Mode extends HandMode>(mode: Mode, reading: WorkReading<Mode>): string {
  const { machine, values, faults } = reading;
  if (machine === null)
    return `No machine of this shop is set up for ${modeSpeech[mode].name.toLowerCase()}. Under Shop, open the machine and say what it has for it.`;
  if (Object.keys(faults).length > 0) return 'Mend the words marked above, and it appears here.';
  if (values['coat'] === unknownCoat)
    return 'A coat that nobody knows is not cleaned by numbers: its fume may carry lead, chromate, zinc or fluorine, and nobody can say from what light on it comes off. Find out first: its data sheet, who painted it, or a test kit. Until then take it off by other means.';
  if (machine.profile.lamp !== null)
    return machine.profile.lamp.points.length === 0
      ? `What a pulse of ${machine.name} carries is not written down, so no depth can be said, only steps: a tenth more current melts deeper. Copy the energies out of its manual or measure some, under Shop, ${machine.name}: one is enough to begin.`
      : `No pulse of ${machine.name} can be repeated at any of its rates: look at its mean power and its energies under Shop.`;
  return 'Nothing can be said of this work.';
}
