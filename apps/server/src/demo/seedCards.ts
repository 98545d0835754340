import {
  houseStarts,
  proposeCard,
  type CardContent,
  type CouponTest,
  type Machine,
  type TestDetail,
} from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { CardEntity } from '../cards/card.entity.js';
import { CardProofEntity } from '../cards/cardProof.entity.js';
import { CardVersionEntity } from '../cards/cardVersion.entity.js';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { CouponTestEntity } from '../inspection/couponTest.entity.js';
import { keepSection } from '../inspection/face/keepSection.js';
import type { SamplePast } from './sampleDialIns.js';
import { sampleHouse } from './sampleHouse.js';
import { sampleMachines } from './sampleWorkshop.js';

/** A card of the sample workshop: what its coupon is of, and how far it has come. */
interface SampleCard {
  readonly of: Pick<CouponEntity, 'machineId' | 'metal' | 'kind' | 'thicknessMm'>;
  /** Which of its good coupons it is made of; the newest where nothing is said. */
  readonly madeOf?: 'oldest';
  readonly name: string;
  readonly tags: readonly string[];
  readonly notes: string;
  readonly level: string;
  readonly state: 'draft' | 'proven' | 'signed';
}

/** Its newest coupons come out shallower than those before: it asks for a proof coupon. */
const driftingCard: SampleCard = {
  of: { machineId: 'barrow', metal: 'lowCarbonSteel', kind: 'butt', thicknessMm: 1.2 },
  madeOf: 'oldest',
  name: 'Rail foot',
  tags: ['railing'],
  notes: 'Close it up: no gap at all, and lean into the post.',
  level: 'For the eye',
  state: 'signed',
};

/** Usual work of the bench, for a chart with more than a corner filled. */
const furtherCards: readonly SampleCard[] = (
  [
    ['Sink surround', 'stainless304', 'butt', 1, 'sink'],
    ['Worktop edge', 'stainless304', 'butt', 2, 'worktop'],
    ['Rail base', 'stainless316', 'lap', 1.2, 'railing'],
    ['Duct box', 'lowCarbonSteel', 'outsideCorner', 1.5, 'duct'],
    ['Hatch coaming', 'aluminium5052', 'butt', 2, 'hatch'],
  ] as const
).map(([name, metal, kind, thicknessMm, tag]) => ({
  of: { machineId: 'bench', metal, kind, thicknessMm },
  ...{ name, tags: [tag], notes: '', level: 'For the eye', state: 'signed' },
}));

const newestCards: readonly SampleCard[] = [
  {
    of: { machineId: 'bench', metal: 'stainless304', kind: 'butt', thicknessMm: 1.5 },
    name: 'Galley worktop, long butt',
    tags: ['galley', 'worktop'],
    notes: 'Tack every 60 mm from the middle out. Backing bar clamped under the whole seam.',
    level: 'For the eye',
    state: 'signed',
  },
  {
    of: { machineId: 'bench', metal: 'lowCarbonSteel', kind: 'butt', thicknessMm: 2 },
    name: 'Duct flange',
    tags: ['duct'],
    notes: 'Start at the far corner, gun drawn towards you.',
    level: 'Carries load',
    state: 'proven',
  },
  {
    of: { machineId: 'barrow', metal: 'aluminium5052', kind: 'butt', thicknessMm: 3 },
    name: 'Hatch frame',
    tags: ['hatch'],
    notes: 'Brush it with the steel brush for aluminium first.',
    level: 'Carries load',
    state: 'draft',
  },
];

/** Cards made from the sample coupons, those that have come further with the tests that prove them. */
export async function seedCards(manager: EntityManager, past: SamplePast): Promise<void> {
  const sampleCards = past === 'days' ? newestCards : [...newestCards, driftingCard, ...furtherCards];
  for (const [index, sample] of sampleCards.entries()) {
    const coupon = await manager.findOne(CouponEntity, {
      where: { ...sample.of, back: 'even', hasSlip: false },
      order: { number: sample.madeOf === 'oldest' ? 'ASC' : 'DESC' },
    });
    const machine = sampleMachines.find(({ id }) => id === sample.of.machineId);
    if (coupon === null || machine === undefined)
      throw new Error(`No sample coupon of ${sample.name} came out even`);
    await seedCard(manager, index + 1, sample, coupon, machine);
  }
}

async function seedCard(
  manager: EntityManager,
  number: number,
  sample: SampleCard,
  coupon: CouponEntity,
  machine: Machine,
): Promise<void> {
  const id = uuid({ msecs: Date.parse(coupon.weldedAt) });
  const at = coupon.weldedAt;
  const isSigned = sample.state === 'signed';
  await manager.insert(CardEntity, { id, number, retiredAt: null });
  await manager.insert(CardVersionEntity, {
    ...{ cardId: id, version: 1, content: contentOf(sample, coupon, machine) },
    ...{ why: '', carriedFrom: null, madeAt: at, madeBy: 'maren' },
    ...{ signedAt: isSigned ? at : null, signedBy: isSigned ? 'ines' : null },
  });
  if (sample.state === 'draft') return;
  await manager.insert(CardProofEntity, {
    ...{ cardId: id, version: 1, couponId: coupon.id },
    ...{ addedAt: at, addedBy: 'maren' },
  });
  await seedTests(manager, coupon);
}

function contentOf(sample: SampleCard, coupon: CouponEntity, machine: Machine): CardContent {
  const { joint, setting } = coupon;
  const house = { ...houseStarts, ...sampleHouse };
  const content = proposeCard({ name: sample.name, machine, joint, setting, house });
  const level = houseStarts.acceptance.find(({ name }) => name === sample.level) ?? content.level;
  return { ...content, level, notes: sample.notes, tags: [...sample.tags] };
}

/** A section that came through, sound at its edges, and a bend that held. */
async function seedTests(manager: EntityManager, { id, weldedAt, joint }: CouponEntity): Promise<void> {
  const mm = joint.firstThicknessMm;
  const read = (share: number) => ({ mm: Math.round(share * mm * 100) / 100, giveMm: 0.02 });
  const details: readonly TestDetail[] = [
    {
      ...{ kind: 'section', grits: '240, 600', etchant: 'none', isThrough: true, photoId: null },
      measured: { undercut: read(0.04), crown: read(0.15), misalignment: read(0.06) },
    },
    { kind: 'bend', side: 'root', angleDeg: 120, mandrelMm: 4 * mm, brokeAt: 'notAtAll' },
  ];
  for (const detail of details) {
    const test: Omit<CouponTest, 'id'> = {
      ...{ couponId: id, detail, result: 'holds', remark: '', photoIds: [] },
      ...{ doneAt: weldedAt, doneBy: 'maren', recordedAt: weldedAt, withdrawnAt: null },
    };
    await manager.insert(CouponTestEntity, {
      ...test,
      id: uuid({ msecs: Date.parse(weldedAt) }),
      kind: detail.kind,
    });
  }
  await keepSection(manager, id);
}
