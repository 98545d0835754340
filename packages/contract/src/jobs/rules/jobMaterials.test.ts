import { houseStarts } from '../../house/house.js';
import { jobWeld, weldRunDraft } from '../../testing/index.js';
import { materialKey } from '../jobMaterial.js';
import { jobMaterials } from './jobMaterials.js';
import { weldTacks } from './weldTacks.js';
import type { WeldAnswer } from './weldAnswer.js';

const plain = jobWeld('W1');
const copper = jobWeld('W2', {
  joint: { ...plain.joint, secondMetal: 'copper', secondThicknessMm: 2 },
});
const answer = (pace: object, filler: WeldAnswer['filler'], mark = 'W1') =>
  ({ mark, content: { setting: { gas: 'argon', pace } }, filler }) as unknown as WeldAnswer;

describe('what goes into a job', () => {
  it('is each sheet, wire and gas once, both sheets of a joint of two metals', () => {
    const wire = { by: 'wire', wireDiameterMm: 0.8 };
    const found = jobMaterials({ welds: [plain, copper, plain], batches: [] }, [
      answer(wire, '308L'),
      answer(wire, '308L'),
      answer({ by: 'hand' }, null),
    ]);
    expect(found.map(materialKey)).toEqual([
      'sheet stainless304 1.5',
      'sheet copper 2',
      'wire 308L 0.8',
      'gas argon',
    ]);
  });

  it('is the sheets alone where nothing could be worked out', () => {
    expect(jobMaterials({ welds: [plain], batches: [] }, []).map(({ of }) => of)).toEqual(['sheet']);
  });
});

describe('what went into a job', () => {
  const keys = (...given: Parameters<typeof jobMaterials>) => jobMaterials(...given).map(materialKey);
  const planned = [answer({ by: 'wire', wireDiameterMm: 0.8 }, '308L')];

  it('is what was dialled, though the plan says another gas and wire by now', () => {
    const { dialled } = weldRunDraft('', 'W1');
    if (dialled === null) throw new Error('a go has a setting');
    const pace = { by: 'wire', wireDiameterMm: 1, wireSpeedMmS: 10, filler: '316L' } as const;
    const run = { mark: 'W1', dialled: { ...dialled, gas: 'nitrogen', pace } as typeof dialled };
    expect(keys({ welds: [plain], batches: [] }, planned, [run, { mark: 'W2', dialled }])).toEqual([
      'sheet stainless304 1.5',
      'wire 316L 1',
      'gas nitrogen',
    ]);
  });

  it('keeps what has a batch, though the plan has it no more', () => {
    const batches = [{ material: { of: 'gas', gas: 'nitrogen' }, batch: 'N 4' } as const];
    expect(keys({ welds: [plain], batches }, planned)).toContain('gas nitrogen');
  });
});

describe('tacks of a weld', () => {
  const { practice } = houseStarts;
  const long = jobWeld('W1', { lengthMm: 300 });

  it('are set where the shop sets them, none where it sets none', () => {
    expect(weldTacks(long, { practice: { ...practice, tacks: 'everything' } }).length).toBeGreaterThan(2);
    expect(weldTacks(long, { practice: { ...practice, tacks: 'none' } })).toEqual([]);
  });

  it('are none for a joint that is a tack itself', () => {
    const tack = { ...long.joint, tack: { lengthMm: 8, lightOnS: 0.4 } } as typeof long.joint;
    expect(weldTacks({ ...long, joint: tack }, { practice: { ...practice, tacks: 'everything' } })).toEqual(
      [],
    );
  });
});
