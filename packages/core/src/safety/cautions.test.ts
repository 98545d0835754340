import { jointKinds, type Joint, type JointConditions } from '../joint/index.js';
import { metalTable, type MetalId } from '../metal/index.js';
import { mm, second } from '../quantity/index.js';
import { cautionsFor } from './index.js';

const plain: JointConditions = {
  backing: 'none',
  surface: 'clean',
  position: 'flat',
  run: { kind: 'continuous' },
};
const sheets = { firstThickness: mm(2), secondThickness: mm(2), gap: mm(0) };

function jointOf(kind: Joint['kind']): Joint {
  if (kind === 'tack') return { kind, on: { kind: 'butt', ...sheets }, length: mm(3), lightOn: second(0.5) };
  const sizes = { leg: mm(2), tubeRadius: mm(20), holeDiameter: mm(6), sides: 1 };
  return { kind, ...sheets, ...sizes } as unknown as Joint;
}

const said = (metals: readonly MetalId[], kind: Joint['kind'], conditions: Partial<JointConditions> = {}) =>
  cautionsFor(
    metals.map((id) => metalTable[id]),
    jointOf(kind),
    { ...plain, ...conditions },
  );
const about = (...asked: Parameters<typeof said>) => said(...asked).map(({ about: what }) => what);

/** What each metal brings by itself, in a lap: nothing is open and nothing closed there. */
const ofMetal: Readonly<Record<MetalId, readonly string[]>> = {
  lowCarbonSteel: [],
  galvanised: ['zinc'],
  stainless304: ['chromium'],
  stainless316: ['chromium'],
  aluminium3003: ['metalDust', 'reflection'],
  aluminium5052: ['metalDust', 'reflection'],
  aluminium5083: ['metalDust', 'reflection'],
  aluminium6061: ['metalDust', 'reflection'],
  aluminium6082: ['metalDust', 'reflection'],
  copper: ['copperFume', 'reflection'],
  brass: ['copperFume', 'reflection'],
  titanium2: ['metalDust'],
  nickel625: ['chromium'],
};

describe('cautions at the choice', () => {
  it.each(Object.entries(ofMetal) as [MetalId, readonly string[]][])(
    'for %s are its own, and eyes at the end',
    (id, own) => {
      expect(about([id], 'lap')).toEqual([...own, 'eyes']);
    },
  );

  it('know every metal there is', () => {
    expect(Object.keys(ofMetal).sort()).toEqual(Object.keys(metalTable).sort());
  });

  const open = ['butt', 'tubeButt', 'outsideCorner', 'tack'];
  const closed = ['tubeButt', 'tubeToPlate'];
  it.each(jointKinds)(
    'for a %s tell light that passes it, and gas that fills it, where that is so',
    (kind) => {
      const bare = [
        ...(open.includes(kind) ? ['openJoint'] : []),
        ...(closed.includes(kind) ? ['closedSpace'] : []),
        'eyes',
      ];
      expect(about(['lowCarbonSteel'], kind)).toEqual(bare);
      for (const backing of ['steel', 'copper'] as const)
        expect(about(['lowCarbonSteel'], kind, { backing })).toEqual(
          bare.filter((each) => each !== 'openJoint'),
        );
    },
  );

  it('of two metals are those of both, each once', () => {
    expect(about(['stainless304', 'lowCarbonSteel'], 'butt')).toEqual(['chromium', 'openJoint', 'eyes']);
    expect(about(['aluminium5052', 'copper'], 'tee')).toEqual([
      'metalDust',
      'reflection',
      'copperFume',
      'eyes',
    ]);
    expect(about(['stainless304', 'nickel625'], 'lap')).toEqual(['chromium', 'eyes']);
  });

  it('take a coat that nobody named as fume, and zinc where it is zinc', () => {
    const [coat] = said(['lowCarbonSteel'], 'lap', { surface: 'coated' });
    expect(coat?.words).toContain('fume nobody has labelled');
    const galvanised = said(['galvanised'], 'lap', { surface: 'coated' });
    expect(galvanised.map(({ about: what }) => what)).toEqual(['zinc', 'eyes']);
    expect(galvanised[0]?.words).toContain('fever');
    for (const surface of ['clean', 'millScale', 'oil', 'oxide'] as const)
      expect(about(['lowCarbonSteel'], 'lap', { surface })).toEqual(['eyes']);
  });

  it('say what to do about each', () => {
    const words = (id: MetalId, kind: Joint['kind'], what: string) =>
      said([id], kind).find((each) => each.about === what)?.words;
    expect(words('galvanised', 'lap', 'zinc')).toContain('Extraction on, respirator worn');
    expect(words('stainless304', 'lap', 'chromium')).toContain('extraction on, respirator worn');
    expect(words('copper', 'lap', 'copperFume')).toContain('extraction on, respirator worn');
    expect(words('titanium2', 'lap', 'metalDust')).toContain('no water on it');
    expect(words('copper', 'lap', 'reflection')).toContain('nobody in line');
    expect(words('lowCarbonSteel', 'butt', 'openJoint')).toContain('a shield behind it');
    expect(words('lowCarbonSteel', 'tubeButt', 'closedSpace')).toContain('ventilate');
    expect(words('lowCarbonSteel', 'lap', 'eyes')).toContain('eyewear for everybody in sight');
  });
});
