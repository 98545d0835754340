import { coreSetting, type CardContent, type Machine } from '@lone-heron/contract';
import { nozzleInWords } from '../../shared/sentences/nozzleInWords.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';
import { fillerTable, gasTable, wobbleNames } from '@lone-heron/core';
import { spokenFlow } from '../../shared/figures/spoken.js';
import { panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { aroundLightInWords, focusInWords, gunInWords } from '../cardWords.js';

/** Something that a version changed. */
export interface ChangedFact {
  readonly name: string;
  readonly was: string;
  readonly is: string;
}

/** What differs between two versions, in the words and the order of the card. */
export function changedFacts(
  before: CardContent,
  after: CardContent,
  machine: Machine | undefined,
): readonly ChangedFact[] {
  const was = factsOf(before, machine);
  const is = factsOf(after, machine);
  const names = [...new Set([...was.keys(), ...is.keys()])];
  return names
    .map((name) => ({ name, was: was.get(name) ?? 'none', is: is.get(name) ?? 'none' }))
    .filter((fact) => fact.was !== fact.is);
}

function factsOf(content: CardContent, machine: Machine | undefined): ReadonlyMap<string, string> {
  const { setting } = content;
  const { wobble, pace, gas, gasFlowLMin } = setting;
  const rows = machine === undefined ? [] : panelRows(machine.profile, coreSetting(setting));
  return new Map([
    ['Name', content.name],
    ['Joint', jointInWords(content.joint)],
    ...rows.map((row) => [row.name, `${panelFigure(row, row.value)} ${row.scale.unit}`] as const),
    ['Wobble', wobble.shape === 'none' ? 'none' : wobbleNames[wobble.shape]],
    ...(pace.by === 'wire'
      ? [
          [
            'Wire fed',
            `${wireInWords(pace.wireDiameterMm)}${pace.filler === undefined ? '' : ` ${fillerTable[pace.filler].name}`}`,
          ] as const,
        ]
      : []),
    ['Gas', `${gasTable[gas].name} ${spokenFlow(gasFlowLMin)}`],
    ['Nozzle', nozzleInWords(content.nozzle)],
    ['Focus', focusInWords(content.focusMm)],
    ['Gun', gunInWords(content.gunAngleDeg)],
    ['Around the light', aroundLightInWords(content) ?? 'none'],
    ['Technique', content.notes === '' ? 'none' : content.notes],
    ['Tags', content.tags.length === 0 ? 'none' : content.tags.join(', ')],
    ['Level', content.level.name],
  ]);
}
