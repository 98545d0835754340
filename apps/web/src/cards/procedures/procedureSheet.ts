import {
  coreSetting,
  plainConditions,
  type CardContent,
  type HouseUnits,
  type Joint,
  type Machine,
  type PaperLine,
  type PaperSection,
  type ProcedureField,
  type ProcedureStated,
} from '@lone-heron/contract';
import { nozzleInWords } from '../../shared/sentences/nozzleInWords.js';
import {
  backingTable,
  fillerTable,
  gasTable,
  positionTable,
  saidHeat,
  seamRow,
  wobbleNames,
} from '@lone-heron/core';
import { spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import { behindPanel, panelFigure, panelRows, type PanelRow } from '../../shared/panel/panelKnobs.js';
import { figure, percentFigure } from '../../shared/figures/figures.js';
import { flowFigure } from '../../shared/figures/houseUnits.js';
import { metalName } from '../../shared/vocabulary/metalNames.js';
import type { CardForecast } from '../cardForecast.js';
import { focusInWords, gunInWords, secondsInWords } from '../cardWords.js';
import { fieldGroups, fieldWords } from './statedFields.js';
import { wireInWords } from '../../shared/sentences/wireInWords.js';

/** What a procedure is filled from. */
export interface ProcedureFacts {
  readonly content: CardContent;
  readonly machine: Machine;
  readonly units: HouseUnits;
  readonly stated: ProcedureStated;
  readonly expected: CardForecast;
}

/** The paper's sections in the order a laser-beam procedure is read; what nobody stated stays a gap. */
export function procedureSheet(facts: ProcedureFacts): PaperSection[] {
  const sections: readonly (readonly [heading: string, filled: PaperLine[], group: string])[] = [
    ['Identification', identification(facts), 'Identification'],
    ['Joint', jointLines(facts.content.joint), ''],
    ['Parent materials', materialLines(facts.content.joint), 'Materials'],
    ['Preparation', [], 'Preparation'],
    ['Process and equipment', equipmentLines(facts.machine), 'Equipment and beam'],
    ['Beam', beamLines(facts), ''],
    ['Wobble', wobbleLines(facts), ''],
    ['Pulse and ramps', pulseLines(facts.content), 'Pulse and ramps'],
    ['Gas', gasLines(facts), 'Gas'],
    ['Filler', fillerLines(facts), 'Filler'],
    ['Sequence and heat', sequenceLines(facts.content), 'Sequence and heat'],
    ['Tests asked', levelLines(facts.content), ''],
    ['Ranges, as the shop states them', [], 'Ranges, as you state them'],
  ];
  return sections.map(([heading, filled, group]) => ({
    heading,
    lines: [...filled, ...statedLines(group, facts)],
  }));
}

const line = (name: string, value: string | null, from: PaperLine['from'] = 'card'): PaperLine => ({
  ...{ name, value, from },
});

/** @param group of the fields, by its name; an empty one has none */
export function statedLines(
  group: string,
  { stated, content }: Pick<ProcedureFacts, 'stated' | 'content'>,
): PaperLine[] {
  const fields = fieldGroups.find(({ name }) => name === group)?.fields ?? [];
  return fields
    .filter((field) => isAsked(field, content))
    .map((field) => {
      const { name } = fieldWords[field];
      const card = cardSeconds[field];
      if (stated[field] !== '' || card === undefined || content[card] === undefined)
        return line(name, stated[field] === '' ? null : stated[field], 'stated');
      return line(name, secondsInWords(content[card]));
    });
}

/** What the card says where the shop states nothing else. */
const cardSeconds: Partial<Record<ProcedureField, 'gasBeforeS' | 'gasAfterS' | 'rampUpS' | 'rampDownS'>> = {
  ...{ gasBefore: 'gasBeforeS', gasAfter: 'gasAfterS', rampUp: 'rampUpS', rampDown: 'rampDownS' },
};

/** Without wire nobody asks for the spool. */
function isAsked(field: ProcedureField, { setting }: CardContent): boolean {
  return setting.pace.by === 'wire' || (field !== 'fillerDesignation' && field !== 'fillerHandling');
}

function identification({ content }: ProcedureFacts): PaperLine[] {
  return [line('Card', content.name), line('Process', 'laser-beam welding, handheld, hand-guided')];
}

function jointLines(joint: Joint): PaperLine[] {
  const { conditions = plainConditions } = joint;
  return [
    line('Joint', seamRow(joint.kind).said.replace(/^an? /, '')),
    line('Thickness', `${spokenLength(joint.firstThicknessMm)} and ${spokenLength(joint.secondThicknessMm)}`),
    line('Gap', spokenLength(joint.gapMm)),
    line('Sides welded', String(joint.sides ?? 1)),
    ...('legMm' in joint ? [line('Leg', spokenLength(joint.legMm))] : []),
    ...('tubeRadiusMm' in joint ? [line('Radius of the tube', spokenLength(joint.tubeRadiusMm))] : []),
    ...('holeDiameterMm' in joint ? [line('Hole', spokenLength(joint.holeDiameterMm))] : []),
    ...('bevel' in joint && joint.bevel !== undefined
      ? [
          line(
            'Bevel',
            `${figure(joint.bevel.angleDeg, 0)}° with a land of ${spokenLength(joint.bevel.landMm)}`,
          ),
        ]
      : []),
    line('Position', positionTable[conditions.position].onPaper),
    line('Backing', backingTable[conditions.backing].onPaper),
    ...(conditions.freeEdgeMm === undefined
      ? []
      : [line('Free edges', `${spokenLength(conditions.freeEdgeMm)} away on either side`)]),
  ];
}

function materialLines({
  metal,
  secondMetal = metal,
  firstThicknessMm,
  secondThicknessMm,
}: Joint): PaperLine[] {
  return [
    line('First', `${metalName(metal)}, ${spokenLength(firstThicknessMm)}`),
    line('Second', `${metalName(secondMetal)}, ${spokenLength(secondThicknessMm)}`),
  ];
}

function equipmentLines({ name, revision, profile }: Machine): PaperLine[] {
  const { optics, ratedPowerW, configuredPowerW } = profile;
  const known = (words: string | null): string | null => (optics === null ? null : words);
  return [
    line('Machine', `${name}, as written down in revision ${revision}`, 'machine'),
    line('Rated power', `${ratedPowerW} W, configured to ${configuredPowerW} W`, 'machine'),
    line('Spot', spokenLength(profile.spotMm), 'machine'),
    line('Fibre core', known(spokenLength(optics?.fibreCoreMm ?? 0)), 'machine'),
    line('Collimator', known(spokenLength(optics?.collimatorMm ?? 0)), 'machine'),
    line('Focus lens', known(spokenLength(optics?.focusLensMm ?? 0)), 'machine'),
    line('Beam quality M2', known(figure(optics?.beamQuality ?? 0, 1)), 'machine'),
  ];
}

function beamLines({ content, machine, units, expected }: ProcedureFacts): PaperLine[] {
  const rows = panelRows(machine.profile, coreSetting(content.setting), units);
  const isBeam = ({ knob }: PanelRow) => knob === 'power' || knob === 'duty' || knob === 'travel';
  const forecast = 'forecast' in expected ? expected.forecast : null;
  return [
    ...rows.filter(isBeam).map(panelLine),
    line('Focus', focusInWords(content.focusMm)),
    line('Gun', gunInWords(content.gunAngleDeg)),
    line('Nozzle', nozzleInWords(content.nozzle)),
    line(
      'Travel',
      forecast === null ? null : `${spokenTravel(forecast.travel * 1000)}, as expected`,
      'computed',
    ),
    line('Energy a length', forecast === null ? null : saidHeat(forecast.heat, units), 'computed'),
  ].filter(({ name }, i, all) => all.findIndex((each) => each.name === name) === i);
}

function panelLine(row: PanelRow): PaperLine {
  const behind = behindPanel(row);
  const value = `${panelFigure(row, row.value)} ${row.scale.unit}`;
  return line(row.name, behind === undefined ? value : `${value} (${behind})`);
}

function wobbleLines({ content, machine, units }: ProcedureFacts): PaperLine[] {
  const { wobble } = content.setting;
  if (wobble.shape === 'none') return [line('Shape', 'none')];
  const rows = panelRows(machine.profile, coreSetting(content.setting), units);
  return [
    line('Shape', wobbleNames[wobble.shape]),
    ...rows.filter(({ knob }) => knob === 'wobbleWidth' || knob === 'wobbleRate').map(panelLine),
  ];
}

function pulseLines({ setting, joint }: CardContent): PaperLine[] {
  return [
    line('Mode', joint.tack === undefined ? 'run' : `timed tack, ${figure(joint.tack.lightOnS, 2)} s`),
    ...(setting.modulationHz === undefined
      ? []
      : [line('Modulation', `${figure(setting.modulationHz, 0)} Hz`)]),
  ];
}

function gasLines({ content: { setting }, units }: ProcedureFacts): PaperLine[] {
  return [
    line('Shielding gas', gasTable[setting.gas].name),
    line('Flow', flowFigure(setting.gasFlowLMin, units)),
  ];
}

function fillerLines({ content, machine, units }: ProcedureFacts): PaperLine[] {
  const { pace } = content.setting;
  if (pace.by === 'hand') return [line('Filler', 'none')];
  const rows = panelRows(machine.profile, coreSetting(content.setting), units);
  return [
    line('Alloy', pace.filler === undefined ? null : fillerTable[pace.filler].name),
    line('Diameter', wireInWords(pace.wireDiameterMm)),
    ...rows.filter(({ knob }) => knob === 'wireSpeed').map(panelLine),
  ];
}

function sequenceLines({ notes, joint }: CardContent): PaperLine[] {
  const stitches = joint.conditions?.stitches;
  return [
    line(
      'Run',
      stitches === undefined || stitches === null
        ? 'continuous'
        : `stitches of ${spokenLength(stitches.lengthMm)} every ${spokenLength(stitches.pitchMm)}`,
    ),
    line('Technique', notes === '' ? null : notes),
  ];
}

function levelLines({ level }: CardContent): PaperLine[] {
  const share = (name: string, value: number | null, words: string) =>
    value === null ? [] : [line(name, `${words} ${percentFigure(value)} of the thickness`)];
  return [
    line('Level', level.name),
    ...share('Depth', level.leastReach, 'at least'),
    ...share('Undercut', level.mostUndercut, 'at most'),
    ...share('Crown', level.mostCrown, 'at most'),
    ...share('Out of line', level.mostMisalignment, 'at most'),
    ...(level.bendAngle === null ? [] : [line('Bend', `${figure(level.bendAngle, 0)}° without a break`)]),
    ...(level.longestIndication === null
      ? []
      : [line('Dye', `no indication longer than ${spokenLength(level.longestIndication)}`)]),
    ...(level.asksTight ? [line('Tightness', 'tight under pressure')] : []),
  ];
}
