import { startingProfiles, type MachineProfile } from '@lone-heron/contract';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { jointSchema } from '@lone-heron/contract';
import { seamKinds } from '@lone-heron/core';
import { firstWords as words, type WordName } from './dialWords.js';
import { readSentence } from './readSentence.js';

const machines = [sampleMachine];
const read = (change: Partial<typeof words>, shop = machines) => readSentence({ ...words, ...change }, shop);

describe('reading the sentence', () => {
  it('understands the joint in the units it was said in', () => {
    const { said, faults } = read({
      metal: 'aluminium5052',
      first: '16 ga',
      second: '1/8',
      gap: '.004',
      wire: 'none',
    });
    expect(faults).toEqual({});
    expect(said).toMatchObject({
      joint: {
        kind: 'butt',
        metal: 'aluminium5052',
        firstThicknessMm: 1.2903,
        secondThicknessMm: 3.175,
        gapMm: 0.1016,
      },
      wireDiameterMm: null,
      machine: { id: 'bench' },
      aim: { kind: 'reach' },
    });
  });

  it.each([
    ['0.2', 0.2],
    ['0,15', 0.15],
    ['0.05', 0.05],
    ['.004', 0.1016],
    ['0', 0],
  ])('a gap of %s is %f mm: a small one is usual, where a small sheet is one in inches', (gap, gapMm) => {
    const { said, faults } = read({ gap });
    expect([said?.joint.gapMm, faults]).toEqual([gapMm, {}]);
  });

  it('takes a gauge number by the metal it is said of', () => {
    expect(read({ metal: 'lowCarbonSteel', first: '16ga' }).lengths.first).toBe(1.5189);
    expect(read({ metal: 'stainless304', first: '16ga' }).lengths.first).toBe(1.5875);
  });

  it.each<[Partial<typeof words>, WordName, string]>([
    [{ metal: 'butter' }, 'metal', 'metal “butter”: allowed is low-carbon steel, galvanised steel'],
    [{ first: '0.1 mm' }, 'first', 'thickness 0.1 mm: allowed is 0.3 to 12 mm.'],
    [{ gap: '2' }, 'gap', 'gap 2: allowed is 0 to 1.5 mm.'],
    [{ gap: '-0.1' }, 'gap', 'gap -0.1: allowed is 0 to 1.5 mm.'],
    [{ wire: '7' }, 'wire', 'wire “7”: allowed is none or 0.023 in, 0.030 in, 0.8 mm,'],
    [{ machine: 'lathe' }, 'machine', 'machine “lathe”: allowed is the bench unit.'],
    [{ aim: 'share-12' }, 'aim', 'aim “share-12”: allowed is it reaches the back'],
  ])('%j is refused at its word', (change, word, message) => {
    const { said, faults } = read(change);
    expect(said).toBeNull();
    expect(Object.keys(faults)).toEqual([word]);
    expect(faults[word]).toContain(message);
  });

  it('refuses wire on a machine without a feeder, and says when the shop has no machine', () => {
    const bare = { ...sampleMachine, profile: { ...sampleMachine.profile, wireSpeedMmS: null } };
    expect(read({}, [bare]).faults.wire).toContain('this machine has no feeder');
    expect(read({}, []).faults.machine).toContain('this shop has no machine yet');
  });

  it('leaves lamp-pulsed machines to their own hint', () => {
    const lamp = startingProfiles.find(({ id }) => id === 'lamp')?.profile as MachineProfile;
    const old = { ...sampleMachine, id: 'old', name: 'the old unit', profile: lamp };
    expect(read({}, [old]).faults.machine).toContain('this shop has no fibre laser yet');
    expect(read({ machine: 'old' }, [old, sampleMachine]).faults.machine).toContain(
      `allowed is ${sampleMachine.name}`,
    );
    expect(read({}, [old, sampleMachine]).said?.machine.id).toBe('bench');
  });
});

describe('every kind of joint', () => {
  it.each(seamKinds)('a %s is understood with the sizes it has, as the records take it', (kind) => {
    for (const more of [
      {},
      { sides: '2', bevel: '60', run: 'tack' },
      { run: 'stitched', backing: 'copper' },
    ]) {
      const { said, faults } = read({ kind, ...more });
      expect(faults).toEqual({});
      expect(jointSchema.safeParse(said?.joint).error).toBeUndefined();
      expect(said?.joint.kind).toBe(kind);
    }
  });

  it('proposes the sizes that nobody typed, and takes those that were', () => {
    expect(read({ kind: 'tee', first: '3 mm', second: '2 mm' }).lengths.leg).toBe(2);
    expect(read({ kind: 'tee', leg: '1/8' }).said?.joint).toMatchObject({ legMm: 3.175 });
    expect(read({ kind: 'tubeToPlate', tube: '50 mm' }).said?.joint).toMatchObject({ tubeRadiusMm: 25 });
    expect(read({ bevel: '90', land: '0.6' }).said?.joint).toMatchObject({
      bevel: { landMm: 0.6, angleDeg: 90 },
    });
  });

  it.each<[Partial<typeof words>, WordName, string]>([
    [{ kind: 'tee', leg: '40 mm' }, 'leg', 'leg 40 mm: allowed is 0.5 to 12 mm.'],
    [{ bevel: '60', land: '2 mm' }, 'land', 'land 2 mm: allowed is 0.3 to 1.5 mm.'],
    [
      { run: 'stitched', stitch: '20 mm', pitch: '10 mm' },
      'pitch',
      'pitch 10 mm: allowed is 20.1 to 2000 mm.',
    ],
    [{ run: 'tack', tackTime: '1 min' }, 'tackTime', 'time of a tack “1 min”: allowed is 0.05 to 10 s.'],
    [{ first: '63' }, 'first', 'Probably thousandths of an inch'],
    [{ asIf: 'lots' }, 'asIf', 'power to try “lots”: allowed is 100 to 6000 W.'],
  ])('%j is refused at its word', (change, word, message) => {
    const { said, faults } = read(change);
    expect(said).toBeNull();
    expect(Object.keys(faults)).toEqual([word]);
    expect(faults[word]).toContain(message);
  });

  it('takes a bare number for inches where the house says inches, and a stronger machine on trial', () => {
    expect(readSentence({ ...words, first: '.063', second: '.063' }, machines, 'in').lengths.first).toBe(
      1.6002,
    );
    expect(readSentence({ ...words, first: '.4', second: '.4' }, machines, 'in').lengths.first).toBe(10.16);
    const said = read({ asIf: '2 kW' }).said;
    expect(said?.asIfW).toBe(2000);
    expect(said?.machine.profile.powerW.most).toBe(2000);
  });

  it('shifts the stitches of a second side, which one side alone has none of', () => {
    const stitched = { kind: 'tee', run: 'stitched', offset: '30 mm' };
    const offsetOf = (sides: string) =>
      read({ ...stitched, sides }).said?.joint.conditions?.stitches?.offsetMm;
    expect([offsetOf('1'), offsetOf('2')]).toEqual([0, 30]);
  });

  it('says where in the part the seam lies, and refuses an edge that is none', () => {
    expect(read({ edgeAway: '12 mm' }).said?.joint.conditions).toBeUndefined();
    expect(read({ edge: 'near', edgeAway: '12 mm' }).said?.joint.conditions?.freeEdgeMm).toBe(12);
    const { said, faults } = read({ edge: 'near', edgeAway: '1 mm' });
    expect(said).toBeNull();
    expect(faults.edgeAway).toContain('3 to 500 mm');
  });

  it('keeps two metals apart', () => {
    const { said } = read({ metal: 'lowCarbonSteel', secondMetal: 'stainless304' });
    expect(said?.joint).toMatchObject({ metal: 'lowCarbonSteel', secondMetal: 'stainless304' });
  });
});
