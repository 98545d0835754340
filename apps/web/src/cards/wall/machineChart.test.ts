import type { Card, CardContent } from '@lone-heron/contract';
import { buttOf, cardOf } from '@lone-heron/contract/testing';
import { machineCharts } from './machineChart.js';

const signed = (number: number, joint: CardContent['joint'], changes: Partial<CardContent> = {}): Card => {
  const card = cardOf(number, `card ${number}`, joint, changes);
  const [version] = card.versions;
  if (version === undefined) throw new Error('a card has a version');
  return { ...card, versions: [{ ...version, signedAt: version.madeAt, signedBy: 'ines' }] };
};
const numbersIn = (charts: ReturnType<typeof machineCharts>) =>
  charts.map(({ rows }) => rows.map(({ cells }) => cells.map((cell) => cell.map(({ card }) => card.number))));

describe('the chart of a machine', () => {
  const cards = [
    signed(1, buttOf('stainless304', 2)),
    signed(2, buttOf('stainless304', 1)),
    signed(3, { ...buttOf('stainless304', 1), gapMm: 0 }),
    signed(4, buttOf('lowCarbonSteel', 1)),
    signed(5, { ...buttOf('lowCarbonSteel', 1.2), kind: 'lap' }),
    signed(6, buttOf('stainless304', 1), { machineId: 'barrow' }),
    { ...signed(7, buttOf('stainless304', 1)), retiredAt: '2026-11-01T08:00:00.000Z' },
    cardOf(8, 'draft', buttOf('stainless304', 1)),
  ];

  it('has a table a joint, metals down, thicknesses across from thin to thick, tighter gaps first', () => {
    const charts = machineCharts(cards, 'bench', { withDrafts: false });
    expect(charts.map(({ name, thicknesses }) => [name, ...thicknesses])).toEqual([
      ['butt', '1 mm', '2 mm'],
      ['lap', '1.2 mm'],
    ]);
    expect(numbersIn(charts)).toEqual([
      [
        [[3, 2], [1]],
        [[4], []],
      ],
      [[[5]]],
    ]);
  });

  it('shows what is not signed only where it is asked for', () => {
    const [butts] = machineCharts(cards, 'bench', { withDrafts: true });
    expect(butts?.rows[0]?.cells[0]?.map(({ card }) => card.number)).toEqual([3, 2, 8]);
  });

  it('breaks thicknesses that do not fit across into the next table, losing none', () => {
    const many = Array.from({ length: 8 }, (_, i) => signed(i + 1, buttOf('stainless304', 0.5 * (i + 1))));
    const charts = machineCharts(many, 'bench', { withDrafts: false });
    expect(charts.map(({ thicknesses }) => thicknesses.length)).toEqual([6, 2]);
    expect(numbersIn(charts).flat(3)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
  });
});
