import type { HandMode, Machine } from '@lone-heron/contract';
import { inUse } from '../../shared/machines/inUse.js';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { unknownCoat } from './modeSentences.js';
import type { WorkReading } from './readWork.js';

/** Why there is no answer, and where that can be mended. */
interface WhyNone {
  readonly words: string;
  readonly way: { readonly to: string; readonly name: string } | null;
}

/** Why a sentence of a mode comes to nothing, and what to do about it. */
export function whyNoAnswer<Mode extends HandMode>(
  mode: Mode,
  { machine, values, faults }: WorkReading<Mode>,
  machines: readonly Machine[],
): WhyNone {
  if (machine === null) return noMachine(mode, inUse(machines));
  if (Object.keys(faults).length > 0)
    return { words: 'Mend the words marked above, and it appears here.', way: null };
  if (values['coat'] === unknownCoat)
    return {
      words:
        'A coat that nobody knows is not cleaned by numbers: its fume may carry lead, chromate, zinc or fluorine, and nobody can say from what light on it comes off. Find out first: its data sheet, who painted it, or a test kit. Until then take it off by other means.',
      way: null,
    };
  if (machine.profile.lamp !== null)
    return {
      words:
        machine.profile.lamp.points.length === 0
          ? `What a pulse of ${machine.name} carries is not written down, so no depth can be said, only steps: a tenth more current melts deeper. Copy the energies out of its manual or measure some: one is enough to begin.`
          : `No pulse of ${machine.name} can be repeated at any of its rates: look at its mean power and its energies.`,
      way: pageOf(machine),
    };
  return { words: 'Nothing can be said of this work.', way: null };
}

function noMachine(mode: HandMode, machines: readonly Machine[]): WhyNone {
  const name = modeSpeech[mode].name.toLowerCase();
  const [first, ...others] = machines;
  if (first === undefined)
    return {
      words: `This shop has no machine yet. Add one, and say what it has for ${name}.`,
      way: { to: '/shop', name: 'Add a machine' },
    };
  const words = `No machine of this shop is set up for ${name} yet. Where one can do it, say what it has for it.`;
  return { words, way: others.length === 0 ? pageOf(first) : { to: '/shop', name: 'The shop’s machines' } };
}

const pageOf = ({ id, name }: Machine) => ({ to: `/shop/machines/${id}`, name: `Open ${name}` });
