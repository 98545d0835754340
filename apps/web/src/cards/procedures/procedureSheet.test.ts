import {
  houseStarts,
  nothingStated,
  plainConditions,
  procedureFields,
  type CardContent,
  type PaperSection,
} from '@lone-heron/contract';
import { buttOf, cardOf, machineOf } from '@lone-heron/contract/testing';
import { cardForecast } from '../cardForecast.js';
import { procedureSheet } from './procedureSheet.js';
import { fieldGroups, fieldWords } from './statedFields.js';
import { testRecord } from './testRecord.js';

const machine = machineOf('bench');
const contentOf = (changes: Partial<CardContent> = {}) =>
  cardOf(1, 'Hatch frame', buttOf('stainless304', 1.5), changes).versions[0]?.content as CardContent;
const sheetOf = (content: CardContent, stated = nothingStated) =>
  procedureSheet({
    ...{ content, machine, stated, units: houseStarts.units },
    expected: cardForecast(content, machine, () => null),
  });
const lineOf = (sections: readonly PaperSection[], heading: string, name: string) =>
  sections.find((each) => each.heading === heading)?.lines.find((each) => each.name === name);

describe('a procedure', () => {
  it('is filled from the card in the order it is read, what nobody stated being a gap', () => {
    const sheet = sheetOf(contentOf());
    expect(sheet.map(({ heading }) => heading).slice(0, 6)).toEqual([
      'Identification',
      'Joint',
      'Parent materials',
      'Preparation',
      'Process and equipment',
      'Beam',
    ]);
    expect(lineOf(sheet, 'Joint', 'Gap')?.value).toBe('0.1 mm');
    expect(lineOf(sheet, 'Wobble', 'Shape')?.value).toBe('side to side');
    expect(lineOf(sheet, 'Process and equipment', 'Wavelength')).toEqual({
      ...{ name: 'Wavelength', value: null, from: 'stated' },
    });
    expect(lineOf(sheet, 'Preparation', 'Jigging')?.value).toBeNull();
  });

  it('says how it lies and what is behind, which the sentence on Dial always says', () => {
    const joint = buttOf('stainless304', 1.5);
    expect(lineOf(sheetOf(contentOf()), 'Joint', 'Position')?.value).toBe('flat');
    const hung = {
      ...joint,
      conditions: { ...plainConditions, position: 'overhead', backing: 'copper' },
    } as const;
    const sheet = sheetOf(contentOf({ joint: hung }));
    expect(lineOf(sheet, 'Joint', 'Position')?.value).toBe('overhead');
    expect(lineOf(sheet, 'Joint', 'Backing')?.value).toBe('copper bar');
  });

  it('takes gas times and ramps from the card where the shop states nothing else', () => {
    const content = contentOf({ gasBeforeS: 0.3, rampDownS: 0.2 });
    const from = (stated = nothingStated) => ({
      before: lineOf(sheetOf(content, stated), 'Gas', 'Gas before light'),
      after: lineOf(sheetOf(content, stated), 'Gas', 'Gas after light'),
      down: lineOf(sheetOf(content, stated), 'Pulse and ramps', 'Power ramp at the end'),
    });
    expect(from()).toMatchObject({
      before: { value: '0.3 s', from: 'card' },
      after: { value: null, from: 'stated' },
      down: { value: '0.2 s', from: 'card' },
    });
    expect(from({ ...nothingStated, gasBefore: '1 s' }).before).toMatchObject({
      value: '1 s',
      from: 'stated',
    });
  });

  it('says the energy of a length as power over travel', () => {
    const { setting } = contentOf();
    const energy = lineOf(sheetOf(contentOf()), 'Beam', 'Energy a length')?.value;
    const travel = setting.pace.by === 'hand' ? setting.pace.travelMmS : Number.NaN;
    expect(energy).toBe(`${Math.round(setting.powerW / travel)} J/mm`);
  });

  it('shows what was stated, every field of it once', () => {
    const content = contentOf({
      setting: {
        ...contentOf().setting,
        pace: { by: 'wire', wireDiameterMm: 0.8, wireSpeedMmS: 12, filler: '308L' },
      },
    });
    const stated = Object.fromEntries(procedureFields.map((field) => [field, `said of ${field}`]));
    const all = [
      ...sheetOf(content, stated as typeof nothingStated),
      ...testRecord({ content, stated: stated as typeof nothingStated, welded: [], nameOf: (id) => id }),
    ].flatMap(({ lines }) => lines);
    for (const field of procedureFields) {
      const told = all.filter(({ value }) => value === `said of ${field}`);
      expect(told.map(({ name }) => name)).toEqual([fieldWords[field].name]);
    }
    expect(fieldGroups.flatMap(({ fields }) => fields).toSorted()).toEqual([...procedureFields].toSorted());
  });

  it('asks nothing of a spool where no wire is fed', () => {
    const filler = sheetOf(contentOf()).find(({ heading }) => heading === 'Filler');
    expect(filler?.lines).toEqual([{ name: 'Filler', value: 'none', from: 'card' }]);
  });
});
