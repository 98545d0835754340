import { feederRows } from './feederRows.js';

const written = [
  { name: 'start delay', value: '200 ms', makerDefault: '0 ms' },
  { name: 'retract', value: '10 mm', makerDefault: '10 mm' },
  { name: 'refeed', value: '5 mm', makerDefault: '5 mm' },
];

it('the feeder’s menu is held against what is written of it, entry by entry', () => {
  const rows = feederRows(written, [
    { name: 'Start delay', value: '200ms', fault: null },
    { name: 'retract', value: '15 mm', fault: null },
    { name: 'hot start', value: '1 s', fault: null },
  ]);
  expect(rows.map(({ name, words }) => [name, words])).toEqual([
    ['Start delay', 'changed, as written'],
    ['retract', 'differs from what is written'],
    ['hot start', 'not written down here'],
    ['refeed', 'look at the feeder'],
  ]);
  const [silent] = feederRows(written.slice(1, 2), [{ name: 'retract', value: null, fault: 'it refused' }]);
  expect(silent).toMatchObject({ holds: 'not said', words: 'it refused' });
});
