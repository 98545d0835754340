import { wireDiameterMm, type Machine } from '@lone-heron/contract';
import { inDegrees, type JobChange } from '@lone-heron/core';
import { spokenLength } from '../../shared/figures/spoken.js';
import { figure } from '../../shared/figures/figures.js';
import type { DialWords } from '../../shared/saidJoint/dialWords.js';
import { dialledMachines } from '../../shared/saidJoint/readMachine.js';

/** The words of the sentence that a remedy changes, so that it is tried at once; null where none of them can say it. */
export function wordsOfChange(
  change: JobChange,
  words: DialWords,
  machines: readonly Machine[],
): Partial<DialWords> | null {
  const said = (metres: number) => spokenLength(metres * 1000);
  switch (change.kind) {
    case 'bothSides':
      return { sides: '2', ...(change.leg === undefined ? {} : { leg: said(change.leg) }) };
    case 'bevel':
      return { bevel: figure(inDegrees(change.includedAngle), 0), land: said(change.land) };
    case 'gap':
      return { gap: said(change.gap) };
    case 'leg':
      return { leg: said(change.leg) };
    case 'hole':
      return { hole: said(change.holeDiameter) };
    case 'swapSheets':
      return {
        first: words.second,
        second: words.first,
        ...(words.secondMetal === 'same' ? {} : { metal: words.secondMetal, secondMetal: words.metal }),
      };
    case 'wire':
      return { wire: change.diameter === null ? 'none' : String(wireDiameterMm(change.diameter)) };
    case 'share':
      return { aim: `share-${Math.round(change.share * 100)}` };
    case 'machine':
      return strongerMachine(change.power, machines);
  }
}

/** A machine of the shop that is strong enough, else the same one as if it were. */
function strongerMachine(watts: number, machines: readonly Machine[]): Partial<DialWords> {
  const strong = dialledMachines(machines)
    .filter(({ profile }) => profile.powerW.most >= watts)
    .toSorted((a, b) => a.profile.powerW.most - b.profile.powerW.most)[0];
  return strong === undefined ? { asIf: `${watts} W` } : { machine: strong.id, asIf: '' };
}
