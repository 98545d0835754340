import type { Bottle } from '@lone-heron/contract';
import { batchesHere } from './batchesHere.js';

const bottle = (batch: string, purity: string, goneAt: string | null = null) =>
  ({ gas: 'argon', batch, purity, goneAt }) as Bottle;
const house = {
  wire: [
    { filler: '308L', diameterMm: 0.8, kilograms: 4, batch: 'K 12' },
    { filler: '308L', diameterMm: 0.8, kilograms: 2, batch: 'K 12' },
    { filler: '308L', diameterMm: 1, kilograms: 2, batch: 'K 13' },
    { filler: '316L', diameterMm: 0.8, kilograms: 2, batch: '' },
  ],
} as const;
const context = {
  house: { wire: [...house.wire] },
  bottles: [bottle('A 1', '4.6'), bottle('A 0', '', 'gone')],
};

it.each([
  ['wire of its alloy and size, each label once', { of: 'wire', filler: '308L', diameterMm: 0.8 }, ['K 12']],
  ['none where a spool has no label', { of: 'wire', filler: '316L', diameterMm: 0.8 }, []],
  ['bottles that are here, with their purity', { of: 'gas', gas: 'argon' }, ['A 1 4.6']],
  ['none of another gas', { of: 'gas', gas: 'nitrogen' }, []],
  ['none of a sheet', { of: 'sheet', metal: 'copper', thicknessMm: 1 }, []],
] as const)('offers %s', (_, material, batches) => {
  expect(batchesHere(material, context)).toEqual(batches);
});
