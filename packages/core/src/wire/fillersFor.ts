import type { Metal } from '../metal/index.js';
import { usualPractice, type Practice } from '../practice/index.js';
import { fillerGroup, fillersByPair, type FillerGroup, type FillerOption } from './fillerTable.js';

/** What wire a pair of metals takes, and what to know of the pair. */
export interface FillerAdvice {
  /** Best first; empty where the pair is not welded by fusion. */
  readonly options: readonly FillerOption[];
  /** Whether the pair may be welded without wire. */
  readonly withoutWire: 'fine' | 'risky' | 'no';
  readonly warnings: readonly string[];
}

/**
 * Fillers for two metals, with purpose and reason, and the pair's warnings. The order of the metals does not matter.
 * On soft aluminium the shop's own school decides which comes first.
 *
 * @example
 * fillersFor(findMetal('aluminium6061'), findMetal('aluminium6061')).options[0]?.filler // => '4043'
 */
export function fillersFor(first: Metal, second: Metal, practice: Practice = usualPractice): FillerAdvice {
  const groups = [fillerGroup[first.id], fillerGroup[second.id]].sort() as [FillerGroup, FillerGroup];
  const options = bySchool(fillersByPair[`${groups[0]}+${groups[1]}`] ?? [], groups, practice);
  if (options.length === 0) {
    return {
      options,
      withoutWire: 'no',
      warnings: [
        `${first.name} and ${second.name} do not weld by melting: what forms between them is brittle. Braze, screw or rivet.`,
      ],
    };
  }
  return { options, withoutWire: withoutWire(groups), warnings: pairWarnings(first, second, groups) };
}

function bySchool(
  options: readonly FillerOption[],
  groups: readonly FillerGroup[],
  { softAluminiumFiller }: Practice,
): readonly FillerOption[] {
  if (softAluminiumFiller === 'silicon' || !groups.every((group) => group === 'al3' || group === 'al6')) {
    return options;
  }
  const isMagnesium = ({ filler }: FillerOption) => filler === '5356';
  return [...options.filter(isMagnesium), ...options.filter((each) => !isMagnesium(each))];
}

function withoutWire(groups: readonly FillerGroup[]): FillerAdvice['withoutWire'] {
  if (groups[0] !== groups[1] && !(groups[0] === '304' && groups[1] === '316')) return 'no';
  return groups[0] === 'al6' || groups[0] === 'brass' || groups[0] === 'copper' ? 'risky' : 'fine';
}

function pairWarnings(first: Metal, second: Metal, groups: readonly FillerGroup[]): readonly string[] {
  const metals = first.id === second.id ? [first] : [first, second];
  const warnings = metals.flatMap(({ crackNote, lightNote, fumeNote, id }) => [
    ...(crackNote !== null && (id === 'aluminium6061' || id === 'aluminium6082') ? [crackNote] : []),
    ...(lightNote === null ? [] : [lightNote]),
    ...(id === 'brass' || id === 'galvanised' ? [fumeNote] : []),
  ]);
  const isMixed = groups[0] !== groups[1];
  const mixed = isMixed
    ? [`${first.name} to ${second.name}: aim at the one that melts harder and let the wire do the joining.`]
    : [];
  return [...new Set([...warnings, ...mixed])];
}
