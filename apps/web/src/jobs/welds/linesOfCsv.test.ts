import { readWeldLines } from '@lone-heron/contract';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { linesOfCsv } from './linesOfCsv.js';

const read = (csv: string) => {
  const found = linesOfCsv(csv);
  if ('fault' in found) throw new Error(found.fault);
  return readWeldLines(found.lines, { length: 'mm', machine: sampleMachine, there: [], part: null });
};

describe('a weld list in CSV', () => {
  it('is read as the lines one would type', () => {
    const lines = read(
      [
        'mark;metal;thickness_mm;second thickness;joint;length_mm;count;sides;gap_mm;wire;pose;where;after',
        'W1;304;1.5;;T;240;2;2;0.2;0.8;front, lying flat;"lower ""right""";',
        'W2;304;1.5;3 mm;lap;60;1;1;;none;;;W1',
      ].join('\r\n'),
    );
    expect(lines.flatMap(({ problems }) => problems)).toEqual([]);
    expect(lines.map(({ weld }) => weld)).toMatchObject([
      {
        ...{
          mark: 'W1',
          lengthMm: 240,
          count: 2,
          wireDiameterMm: 0.8,
          pose: 'front  lying flat',
          where: 'lower right',
        },
        joint: { kind: 'tee', sides: 2, gapMm: 0.2 },
      },
      { mark: 'W2', after: ['W1'], wireDiameterMm: null, joint: { kind: 'lap', secondThicknessMm: 3 } },
    ]);
  });

  it('takes inches, tabs and a byte order mark', () => {
    const [line] = read('\uFEFFmark\tmetal\tthickness_in\tjoint\tlength_in\nA1\tmild\t1/16\tbutt\t10');
    expect(line?.weld).toMatchObject({ mark: 'A1', lengthMm: 254, joint: { firstThicknessMm: 1.5875 } });
  });

  it('with wrong rows says which line and what is allowed, and reads the others', () => {
    const rows = Array.from(
      { length: 60 },
      (_, i) => `W${i + 1},304,${i % 20 === 7 ? 99 : 1.5},T,${i % 20 === 13 ? -4 : 40}`,
    );
    const lines = read(['mark,metal,thickness_mm,joint,length_mm', ...rows].join('\n'));
    const wrong = lines.filter(({ weld }) => weld === null);
    expect(wrong.map(({ line }) => line)).toEqual([8, 14, 28, 34, 48, 54]);
    expect(
      wrong.every(({ problems }) => problems.length > 0 && problems.every(({ allowed }) => allowed !== '')),
    ).toBe(true);
  });

  it.each([
    ['', 'The file is empty'],
    ['mark,metal\nW1,304', 'length is missing'],
    ['mark,length_mm,colour\nW1,40,red', 'not known: colour'],
    ['mark,length_mm\n"W1,40', 'This is no CSV'],
  ])('%j is refused whole, with what is allowed', (csv, said) => {
    const found = linesOfCsv(csv);
    expect('fault' in found ? found.fault : '').toContain(said);
  });
});
