import { houseStarts, type Job, type ShopPhoto, type WeldCheck } from '@lone-heron/contract';
import { jobDraft, jobWeld, weldCheckDraft, weldRunDraft } from '@lone-heron/contract/testing';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { planJob } from '../plan/planJob.js';
import { jobFileOf } from './jobFileOf.js';
import { noCertificate, papersOf, type PaperContext } from './jobPapers.js';
import { photoFiles, photosToCome } from './photoFiles.js';
import { tablesAsCsv } from './tablesAsCsv.js';

const id = '019a0000-0000-7000-8000-000000000001';
const at = '2026-11-28T09:30:00.000Z';
const later = '2026-11-28T10:30:00.000Z';
const windowId = '019a0000-0000-7000-8000-000000000301';
const draft = jobDraft({
  ...{ name: 'gate', customer: '=HYPERLINK("x")', quantity: 2 },
  welds: [jobWeld('W1', { where: 'hinge', tests: ['dye'] }), jobWeld('W2')],
});
const run = (mark: string, seam: number, changes: object = {}): Job['runs'][number] => ({
  ...weldRunDraft(id, mark, { seam, weldedAt: at }),
  ...{ id: `019a0000-0000-7000-8000-00000000010${seam}`, personId: 'maren', recordedAt: at, windowId },
  withdrawnAt: null,
  ...changes,
});
const check: WeldCheck = {
  ...weldCheckDraft(id, 'W1', { undercutMm: 0.9, doneAt: later, found: 'deep at the end' }),
  ...{ id: '019a0000-0000-7000-8000-000000000201', personId: 'ines', recordedAt: at, withdrawnAt: null },
};
const job: Job = {
  ...{
    id,
    number: 7,
    state: 'released',
    revision: 1,
    madeAt: at,
    madeBy: 'ines',
    changedAt: at,
    withdrawnAt: null,
  },
  ...{
    draft,
    runs: [run('W1', 1), run('W1', 2, { isRepair: true, remark: 'undercut' })],
    checks: [check],
    claims: [],
    windows: [{ id: windowId, number: 5 }],
  },
};
const house = houseStarts;
const plan = planJob({
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
const context: PaperContext = {
  ...{ job, plan, machine: sampleMachine, house, pictures: [], photos: [] },
  nameOf: (person) => (person === 'maren' ? 'Maren' : 'Ines'),
  cardNumber: () => null,
};
const cells = (name: keyof typeof papersOf) =>
  papersOf[name](context).tables.flatMap(({ rows }) => rows.map((row) => row.join(' | ')));

describe('the papers of a job', () => {
  it('every table has a cell for every column', () => {
    for (const make of Object.values(papersOf))
      for (const { columns, rows } of make(context).tables)
        expect(rows.every((row) => row.length === columns.length)).toBe(true);
  });

  it('the traveller has the welds in their order with what is dialled, once', () => {
    const rows = cells('traveller');
    expect(rows).toHaveLength(2);
    expect(rows[0]).toContain('Power');
    expect(rows[1]).toContain('as above');
    expect(rows.join()).toContain('coupon first');
  });

  it('the weld map says who, when, how many seams, and what was mended', () => {
    const [w1, w2, mended] = cells('weldMap');
    expect(w1).toMatch(/^W1 \| .*hinge \| 2 of 2 \| Maren \| 28 Nov 2026 \| none \| 5$/);
    expect(w2).toContain('0 of 2');
    expect(mended).toMatch(/^W1 \| 2 \| repair \| undercut \| Maren/);
  });

  it('the inspection record says what failed and what is open', () => {
    const rows = cells('inspection');
    expect(rows.find((row) => row.startsWith('W1 | 304'))).toContain('failed');
    expect(rows.find((row) => row.startsWith('W2 | 304'))).toContain('not welded');
    expect(rows.at(-1)).toContain('undercut 0.9 mm, deep at the end | Ines');
  });

  it('the materials have the heats that were written down, a line for the rest, and the glass by its number', () => {
    const batches = [
      { material: { of: 'sheet', metal: 'stainless304', thicknessMm: 1.5 }, batch: 'heat 7' } as const,
    ];
    const paper = papersOf.materials({ ...context, job: { ...job, draft: { ...draft, batches } } });
    const [went, glass] = paper.tables.map(({ rows }) => rows);
    expect(went?.[0]?.slice(1)).toEqual(['heat 7', '']);
    expect(went?.slice(1).every(([, batch]) => batch === '')).toBe(true);
    expect(glass).toEqual([['5', 'W1']]);
  });

  it('the ZIP names a photo by what it is of, and leaves out one that has not arrived', () => {
    const photo = { id: windowId, hash: 'f00', type: 'image/jpeg' } as ShopPhoto;
    const shown = { ...check, photoIds: [photo.id, id] };
    const files = photoFiles({ job: { ...job, checks: [shown] }, photos: [photo] });
    expect(files.map(({ name }) => name)).toEqual(['photos/001 W1 look.jpg']);
    expect(photosToCome({ job: { ...job, checks: [shown] }, photos: [photo] })).toBe(1);
  });

  it('the quote adds up to what it takes', () => {
    const rows = cells('quote');
    expect(rows.find((row) => row.startsWith('Together'))).toContain('min');
    expect(rows.some((row) => row.startsWith('Four in five'))).toBe(true);
  });

  it('as JSON keep to their published schema, and say what they do not certify', () => {
    const file = JSON.parse(jobFileOf(context, new Date(at))) as {
      caution: string;
      papers: unknown[];
      people: unknown;
    };
    expect(file.caution).toBe(noCertificate);
    expect(file.papers).toHaveLength(5);
    expect(file.people).toEqual([
      { id: 'ines', name: 'Ines' },
      { id: 'maren', name: 'Maren' },
    ]);
  });

  it('as CSV run no formula in a spreadsheet', () => {
    const csv = tablesAsCsv([{ heading: 'x', columns: ['a'], rows: [['=1+1'], ['b,c']] }]);
    expect(csv).toBe('\uFEFFx\r\na\r\n\'=1+1\r\n"b,c"\r\n');
  });
});
