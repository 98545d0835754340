import { cardOf, jobDraft, jobWeld, machineOf } from '../../testing/index.js';
import {
  arcBeside,
  couponsToWeld,
  houseStarts,
  jobOrder,
  jobTakes,
  weldAnswer,
  type Card,
  type JobDraft,
  type JobWeld,
  type JobWork,
  type WeldAnswer,
} from '../../index.js';

const machine = machineOf('bench');
const house = houseStarts;
const rates = house.jobRates;
const weld = jobWeld('W1');
const [level] = houseStarts.acceptance;
if (level === undefined) throw new Error('a shop starts with levels');

const signed = (card: Card): Card => ({
  ...card,
  versions: card.versions.map((version) => ({
    ...version,
    signedAt: '2026-11-02T08:00:00.000Z',
    signedBy: 'ines',
  })),
});
const wired = {
  setting: {
    ...{ powerW: 900, dutyPercent: 100, gas: 'argon' as const, gasFlowLMin: 15 },
    wobble: { shape: 'sideToSide' as const, widthMm: 2, frequencyHz: 60 },
    pace: { by: 'wire' as const, wireDiameterMm: 0.8, wireSpeedMmS: 14 },
  },
};
const card = (joint = weld.joint, changes: object = wired) => cardOf(12, 'frame corner', joint, changes);
const answer = (cards: readonly Card[], one: JobWeld = weld): WeldAnswer => {
  const found = weldAnswer({ level }, one, { machine, house, cards, learn: () => null });
  if ('refusal' in found) throw new Error(found.refusal);
  return found;
};
const answersOf = (job: JobDraft, cards: readonly Card[] = []) =>
  job.welds.map((each) => answer(cards, each));

describe('what a weld is welded with', () => {
  it('is the signed card that fits, untouched', () => {
    const found = answer([signed(card())]);
    expect(found).toMatchObject({ standing: 'proven', differs: [], card: { number: 12 } });
    expect(found.content.setting).toEqual(wired.setting);
  });

  it('is a card that fits and is not signed where no signed one does, and says so', () => {
    expect(answer([card()])).toMatchObject({ standing: 'unsigned', differs: [] });
    const other = { ...signed(card()), id: '019a0000-0000-7000-8000-000000000099', number: 13 };
    expect(answer([card(), other])).toMatchObject({ standing: 'proven', card: { number: 13 } });
  });

  it.each<[string, Partial<JobWeld>, string]>([
    [
      'a thicker sheet',
      { joint: { ...weld.joint, firstThicknessMm: 2, secondThicknessMm: 2 } },
      '1.5 mm, not 2 mm',
    ],
    [
      'another position',
      {
        joint: {
          ...weld.joint,
          conditions: { position: 'overhead', backing: 'none', surface: 'clean', stitches: null },
        },
      },
      'lying flat, not overhead',
    ],
    ['no wire', { wireDiameterMm: null }, 'with wire'],
    ['a stricter level', { level: { ...level, bendAngle: 120 } }, 'proven for less: bend'],
  ])('is the nearest signed card adapted where %s is asked, with what differs', (_, changes, differs) => {
    const found = answer([signed(card())], jobWeld('W1', changes));
    expect(found).toMatchObject({ standing: 'adapted', card: { number: 12 } });
    expect(found.differs.join()).toContain(differs);
  });

  it('is computed where no card is near: another metal, another joint, another machine, a retired card', () => {
    const far = [
      signed(card({ ...weld.joint, metal: 'aluminium5052' })),
      signed(card({ ...weld.joint, firstThicknessMm: 5, secondThicknessMm: 5 })),
      signed(cardOf(12, 'x', weld.joint, { ...wired, machineId: 'barrow' })),
      { ...signed(card()), retiredAt: '2026-11-03T08:00:00.000Z' },
    ];
    for (const each of far) expect(answer([each])).toMatchObject({ standing: 'computed', card: null });
    expect(answer([]).content.setting.pace).toMatchObject({
      by: 'wire',
      wireDiameterMm: 0.8,
      filler: '308L',
    });
  });

  it('says that the card somebody chose is retired, and answers all the same', () => {
    const chosen = { ...signed(card()), retiredAt: '2026-11-03T08:00:00.000Z' };
    const found = answer([chosen], jobWeld('W1', { cardId: chosen.id }));
    expect(found).toMatchObject({ standing: 'retired', card: { number: 12 } });
    expect(found.differs).toEqual(['the card that was chosen is retired']);
  });

  it('is the card somebody chose, though another fits better', () => {
    const thick = {
      ...card({ ...weld.joint, firstThicknessMm: 2, secondThicknessMm: 2 }),
      id: '019a0000-0000-7000-8000-000000000077',
      number: 7,
    };
    const found = answer([signed(card()), signed(thick)], jobWeld('W1', { cardId: thick.id }));
    expect(found).toMatchObject({ standing: 'adapted', card: { number: 7 } });
  });

  it('that cannot be computed says why instead of stopping the rest', () => {
    const bare = machineOf('bench', { wireSpeedMmS: null });
    const thick = jobWeld('W1', {
      joint: { ...weld.joint, firstThicknessMm: 12, secondThicknessMm: 12 },
    });
    const found = weldAnswer({ level }, thick, { machine: bare, house, cards: [], learn: () => null });
    if ('refusal' in found) expect(found.refusal).toContain('allowed is');
    else expect(found.forecast.travel).toBeGreaterThan(0);
  });
});

describe('coupons first', () => {
  it('are as few as prove every weld that no signed card stands behind', () => {
    const thick = {
      joint: { ...weld.joint, firstThicknessMm: 2, secondThicknessMm: 2, legMm: 2 } as JobWeld['joint'],
    };
    const welds = [jobWeld('W1'), jobWeld('W2'), jobWeld('W3', thick), jobWeld('W4'), jobWeld('W5', thick)];
    const job = jobDraft({ welds });
    const plan = couponsToWeld(job, answersOf(job));
    expect(plan.map(({ mark, proves }) => [mark, proves])).toEqual([
      ['W1', ['W1', 'W2', 'W4']],
      ['W3', ['W3', 'W5']],
    ]);
    expect(couponsToWeld(job, answersOf(job, [signed(card())])).map(({ mark }) => mark)).toEqual(['W3']);
  });
});

describe('the order', () => {
  const corner = (mark: string, changes: Partial<JobWeld> = {}) =>
    jobWeld(mark, {
      joint: {
        ...{ kind: 'outsideCorner', metal: 'stainless304', firstThicknessMm: 1.5 },
        ...{ secondThicknessMm: 1.5, gapMm: 0 },
      },
      ...changes,
    });
  const job = jobDraft({ welds: [jobWeld('W1'), corner('W2'), jobWeld('W3'), corner('W4')] });
  const orderOf = (one: JobDraft, kept?: readonly string[]) => jobOrder(one, answersOf(one), rates, kept);
  const marks = ({ steps }: ReturnType<typeof orderOf>) => steps.map(({ mark }) => mark);

  it('changes the nozzle once where it can, and says at which weld', () => {
    const order = orderOf(job);
    const changes = order.steps.filter((step) => step.changes.some(({ kind }) => kind === 'nozzle'));
    expect(changes).toHaveLength(1);
    expect(order.minutes).toBe(order.leastMinutes);
    expect(order.minutes).toBeCloseTo(rates.nozzleMin + rates.slotMin, 9);
    expect(order).toMatchObject({ isByHand: false, computed: null });
  });

  it('keeps what must come before what, and sub-assemblies before what they go into', () => {
    const welds = [
      jobWeld('W1', { after: ['W4'] }),
      corner('W2'),
      jobWeld('W3', { part: 'A' }),
      corner('W4'),
    ];
    const parts = [{ key: 'A', name: 'door', count: 1, into: null }];
    const order = marks(orderOf({ ...job, welds, parts }));
    expect(order[0]).toBe('W3');
    expect(order.indexOf('W4')).toBeLessThan(order.indexOf('W1'));
  });

  it('that somebody made keeps its place and shows what it costs beside the computed one', () => {
    const order = orderOf({ ...job, order: ['W1', 'W2', 'W3', 'W4'] });
    expect(marks(order)).toEqual(['W1', 'W2', 'W3', 'W4']);
    expect(order.isByHand).toBe(true);
    expect(order.minutes).toBeCloseTo(3 * (rates.nozzleMin + rates.slotMin), 9);
    expect(order.computed?.minutes).toBeCloseTo(rates.nozzleMin + rates.slotMin, 9);
  });

  it('keeps the part of an order that somebody holds, and is best behind it', () => {
    const order = marks(orderOf(job, ['W2', 'W1']));
    expect(order).toEqual(['W2', 'W1', 'W3', 'W4']);
    expect(() =>
      orderOf({ ...job, welds: [jobWeld('W1', { after: ['W2'] }), corner('W2')] }, ['W1', 'W2']),
    ).toThrow('links that do not go round');
  });

  it('turns the part as seldom as poses allow', () => {
    const welds = ['front', 'back', 'Front ', 'back', 'front'].map((pose, i) =>
      jobWeld(`W${i + 1}`, { pose }),
    );
    expect(orderOf({ ...job, welds }).minutes).toBeCloseTo(rates.turnMin, 9);
  });

  it('lets a warm neighbour cool, or goes elsewhere first', () => {
    const photoId = '019a0000-0000-7000-8000-0000000000aa';
    const at = (x: number) => ({ photoId, from: { x, y: 0.5 }, to: { x: x + 0.02, y: 0.5 } });
    const welds = [0.1, 0.13, 0.8, 0.83].map((x, i) => jobWeld(`W${i + 1}`, { lengthMm: 100, place: at(x) }));
    const pictures = [{ photoId, name: 'front', heightShare: 0.5, widthMm: 600 }];
    const order = orderOf({ ...job, welds, pictures });
    expect(order.minutes).toBe(0);
    const inRow = orderOf({ ...job, welds, pictures, order: ['W1', 'W2', 'W3', 'W4'] });
    expect(inRow.steps[1]?.changes).toEqual([{ kind: 'cool', minutes: expect.any(Number) as number }]);
    expect(orderOf({ ...job, welds, order: ['W1', 'W2', 'W3', 'W4'] }).minutes).toBe(0);
  });
});

describe('what a job takes', () => {
  const takesOf = (job: JobDraft, past: Parameters<typeof jobTakes>[3]['past'] = []) => {
    const answers = answersOf(job);
    return jobTakes(job, answers, jobOrder(job, answers, rates), {
      house,
      machine,
      machines: [machine],
      past,
    });
  };
  const job = jobDraft({
    welds: [jobWeld('W1', { lengthMm: 200, count: 2 }), jobWeld('W2', { lengthMm: 100 })],
  });

  it('adds up: parts to the time, welds to the light, and goes with the batch', () => {
    const { piece, batch, welds } = takesOf({ ...job, quantity: 4 });
    const sum = Object.values(piece.parts).reduce((total, each) => total + each, 0);
    expect(sum).toBeCloseTo(piece.time.middle, 6);
    expect(welds.reduce((total, { use }) => total + use.lightOn, 0) / 60).toBeCloseTo(piece.lightMin, 9);
    expect(batch.lightMin).toBeCloseTo(4 * piece.lightMin, 9);
    expect(batch.total.middle).toBeGreaterThan(3 * piece.total.middle);
    expect(piece.time.least).toBeLessThan(piece.time.middle);
    expect(piece.time.most).toBeGreaterThan(piece.time.middle);
  });

  it('counts works beside the welds, in time, money and bought gas, as often as they are asked', () => {
    const cut: JobWork = {
      ...{ id: '019a0000-0000-7000-8000-0000000000c1', name: 'blanks', machineId: machine.id, count: 2 },
      work: {
        ...{ mode: 'cut', metal: 'lowCarbonSteel', thicknessMm: 1.5, gas: 'nitrogen', pressureBar: 8 },
        ...{ boreMm: 1.2, line: 'straight', lengthMm: 900, aim: 'clean' },
      },
      setting: {
        ...{ mode: 'cut', powerW: 900, dutyPercent: 100, pulseHz: null, paceMmS: 15 },
        ...{ focusMm: 0, standoffMm: 1 },
      },
    };
    const [plain, once, twice] = [[], [{ ...cut, count: 1 }], [cut]].map(
      (works) => takesOf({ ...job, works }).piece,
    );
    expect(plain!.parts.works).toBe(0);
    expect(once!.parts.works).toBeCloseTo((60 / 60) * (100 / house.jobRates.lightSharePercent), 6);
    expect(twice!.parts.works).toBeCloseTo(2 * once!.parts.works, 9);
    expect(twice!.time.middle - plain!.time.middle).toBeCloseTo(twice!.parts.works, 6);
    expect(twice!.total.middle).toBeGreaterThan(once!.total.middle);
    const nitrogen = twice!.gas.find(({ gas }) => gas === 'nitrogen')?.litres ?? 0;
    expect(nitrogen).toBeGreaterThan(100);
    // This window sees welds alone: what another gun's glass bears is paid for, not worn here.
    expect(twice!.windowShare).toBe(plain!.windowShare);
  });

  it('welds twice the metal on both sides, less in stitches, and past the start of a closed seam', () => {
    const lightOf = (changes: Partial<JobWeld>) =>
      takesOf(jobDraft({ welds: [jobWeld('W1', { lengthMm: 600, ...changes })] })).piece.lightMin;
    const plain = lightOf({});
    const stitches = { lengthMm: 20, pitchMm: 60, offsetMm: 0 };
    const conditions = { position: 'flat', backing: 'none', surface: 'clean', stitches };
    expect(lightOf({ joint: { ...weld.joint, conditions } as JobWeld['joint'] })).toBeCloseTo(plain / 3, 6);
    expect(lightOf({ closing: { lapMm: 60, rampDownS: 0.3 } })).toBeCloseTo(plain * 1.1, 6);
    expect(lightOf({ count: 3 })).toBeCloseTo(plain * 3, 6);
  });

  it('turns and changes once for the batch where each weld goes through all pieces, but turns each piece', () => {
    const welds = [jobWeld('W1', { pose: 'front' }), jobWeld('W2', { pose: 'back' })];
    const each = takesOf(jobDraft({ welds, quantity: 5 })).batch;
    const all = takesOf(jobDraft({ welds, quantity: 5, rhythm: 'weldByWeld' })).batch;
    expect(all.parts.turns).toBe(each.parts.turns);
    expect(all.parts.setUps).toBeLessThanOrEqual(each.parts.setUps);
  });

  it('learns how long lining up takes, and its band narrows', () => {
    const slow = Array.from({ length: 40 }, () => ({ outcome: 'welded' as const, lightOnS: 5, handsS: 60 }));
    const width = ({ piece: { time } }: ReturnType<typeof takesOf>) => time.most / time.least;
    expect(takesOf(job, slow).piece.time.middle).toBeGreaterThan(takesOf(job).piece.time.middle);
    expect(width(takesOf(job, slow))).toBeLessThan(width(takesOf(job)));
    // A seam that was left lying over lunch, and one that slipped, teach nothing.
    const odd = [
      { outcome: 'welded' as const, lightOnS: 5, handsS: 3600 },
      { outcome: 'slipped' as const, lightOnS: 5, handsS: 60 },
      { outcome: 'welded' as const, lightOnS: null, handsS: 60 },
    ];
    expect(takesOf(job, odd).hands.measured).toBe(0);
  });

  it('says wire and gas by name', () => {
    const { piece } = takesOf(job);
    expect(piece.wire).toEqual([
      {
        filler: '308L',
        diameterMm: 0.8,
        metres: expect.any(Number) as number,
        kilograms: expect.any(Number) as number,
      },
    ]);
    expect(piece.gas[0]?.litres).toBeGreaterThan(0);
  });

  it('stands beside the arc at the arc’s own rates', () => {
    const takes = takesOf(job);
    const arc = arcBeside(takes, house, 100);
    const atSeam = 500 / rates.arc.travelMmS / 60 / (rates.arc.lightSharePercent / 100);
    const { turns, tacks } = takes.piece.parts;
    expect(arc.minutes).toBeCloseTo(
      atSeam + rates.arc.dressMinPerM * 0.5 + rates.arc.straightenMinPerPart + turns + tacks,
      6,
    );
    expect(arc.payback).toBeNull();
    const priced = {
      ...house,
      jobRates: { ...rates, machine: { price: 9000, keepPerYear: 600, moneyPercentPerYear: 6 } },
    };
    const paid = arcBeside(takes, priced, 400).payback;
    expect(paid?.soonest).toBeLessThan(paid?.middle as number);
    expect(paid?.middle).toBeLessThan(paid?.latest as number);
    const { curve, latest } = paid!;
    expect(curve[0]).toEqual({ months: 0, middle: -9000, least: -9000, most: -9000 });
    expect(curve.every(({ least, middle, most }) => least <= middle && middle <= most)).toBe(true);
    expect(curve.at(-1)?.months).toBeGreaterThan(latest as number);
    expect(curve.at(-1)?.least).toBeGreaterThan(0);
  });
});
