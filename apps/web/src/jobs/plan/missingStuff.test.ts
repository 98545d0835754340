import { houseStarts, type Bottle, type HouseContent, type WindowStudy } from '@lone-heron/contract';
import { jobDraft, jobWeld, weldRunDraft } from '@lone-heron/contract/testing';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { missingStuff } from './missingStuff.js';
import { planJob, type JobPlan } from './planJob.js';

const house: HouseContent = {
  ...houseStarts,
  wire: [{ filler: '308L', diameterMm: 0.8, kilograms: 4, batch: '' }],
  nozzles: [{ shape: 'vee', isGrooved: true, boreMm: 6, count: 1 }],
};
const draft = jobDraft({ welds: [jobWeld('W1', { lengthMm: 300 }), jobWeld('W2')] });
const plan: JobPlan = planJob({
  ...{
    job: draft,
    machine: sampleMachine,
    machines: [sampleMachine],
    house,
    cards: [],
    coupons: [],
    past: [],
  },
  ...{ kept: [], partsPerMonth: 20 },
});
const bottle: Bottle = {
  ...{
    id: 'b',
    gas: 'argon',
    litres: 50,
    pressureBar: 150,
    purity: '',
    batch: '',
    supplier: '',
    price: null,
  },
  ...{ machineId: 'bench', readAt: '2026-11-28T08:00:00.000Z', goneAt: null },
};
const windows = [{ machineId: 'bench', number: 4 }];
const study = {
  fitted: [{ machineId: 'bench', number: 4, served: 1 }],
  life: { shape: 2, scale: 30 },
} as unknown as WindowStudy;
/** Far beyond what glass lasts here. */
const worn = {
  fitted: [{ machineId: 'bench', number: 4, served: 3 }],
  life: { shape: 8, scale: 1 },
} as unknown as WindowStudy;
type Context = Parameters<typeof missingStuff>[0];
const missing = (changes: Partial<Context> = {}) =>
  missingStuff({
    ...{ job: { runs: [], checks: [] }, plan, machineId: 'bench', bottles: [bottle], windows, study, house },
    ...changes,
  }).map(({ words }) => words);

describe('what is missing before the first light', () => {
  it('is the coupons alone where wire, gas, nozzle and glass are there', () => {
    expect(missing()).toEqual(['one coupon first (W1) for 2 welds without a signed card']);
  });

  it('takes a window that no light went through for fitted, and knows no life of glass that never failed', () => {
    const fresh = { ...worn, fitted: [] } as unknown as WindowStudy;
    expect(missing({ study: fresh })).toEqual(missing());
    const never = { ...worn, life: { ...worn.life, restsOn: 'noFailureYet' } } as unknown as WindowStudy;
    expect(missing({ study: never })).toEqual(missing());
    expect(missing({ windows: null, study: null })).toEqual(missing());
  });

  it.each<[string, Partial<Context>, RegExp]>([
    ['wire', { house: { ...house, wire: [] } }, /^0\.8 mm wire, 308L: 0\.0\d+ kg needed, none on the shelf$/],
    ['gas', { bottles: [] }, /^argon: \d+ L needed, 0 L in bottles here$/],
    ['gas of another machine', { bottles: [{ ...bottle, machineId: 'barrow' }] }, /^argon: /],
    ['an empty bottle', { bottles: [{ ...bottle, pressureBar: 10 }] }, /^argon: /],
    ['a nozzle', { house: { ...house, nozzles: [] } }, /^no nozzle V, grooved, bore \d/],
    ['a window', { windows: [] }, /^no window is written down as fitted$/],
    ['glass that lasts', { study: worn }, /^window 4 lasts it with .* chance$/],
  ])('names %s', (_, changes, said) => {
    expect(missing(changes).some((words) => said.test(words))).toBe(true);
  });

  it('asks a proof coupon of a card that slips more often than a proven setting should', () => {
    const cardId = '019a0000-0000-7000-8000-000000000012';
    const carded: JobPlan = {
      ...plan,
      welds: plan.welds.map((each) => ({ ...each, card: { id: cardId, number: 12, version: 1, name: 'x' } })),
    };
    const runs = (slips: number) =>
      Array.from({ length: 10 }, (_, i) => ({
        ...weldRunDraft('019a0000-0000-7000-8000-000000000001', 'W1', {
          seam: i + 1,
          outcome: i < slips ? 'slipped' : 'welded',
          card: { cardId, version: 1 },
        }),
        ...{
          id: `019a0000-0000-7000-8000-00000000010${i}`,
          personId: 'ines',
          windowId: null,
          withdrawnAt: null,
        },
        recordedAt: '2026-11-28T08:00:00.000Z',
      }));
    const said = (slips: number) => missing({ plan: carded, job: { runs: runs(slips), checks: [] } }).join();
    expect(said(3)).toContain('card 12 slipped or failed in 3 of 10 goes: weld a proof coupon');
    expect(said(2)).not.toContain('card 12');
  });
});
