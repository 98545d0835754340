import type { Problem, ProtectiveWindow, Trial, TrialLadder } from '@lone-heron/contract';
import { couponDraft, newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';

let server: SampleServer;
beforeAll(async () => {
  server = await startSampleServer();
});
afterAll(() => server.stop());

const work = {
  ...{ mode: 'cut', metal: 'lowCarbonSteel', thicknessMm: 1.5, gas: 'air', pressureBar: 8, boreMm: 1.2 },
  ...{ line: 'straight', lengthMm: 300, aim: 'clean' },
};
const setting = {
  ...{ mode: 'cut', powerW: 900, dutyPercent: 50, pulseHz: 500, paceMmS: 15, focusMm: 0, standoffMm: 1 },
};
const draft = (changes: object = {}) => ({
  ...{ machineId: 'bench', work, setting, look: 'beard', isTintLeft: null, kerfMm: 0.3, wasSent: null },
  ...{ lightOnS: 60, stated: 0.4, ladder: null, photoIds: [], remark: 'a beard of 0.3 mm' },
  ...{ madeAt: couponDraft().weldedAt, ...changes },
});
const put = (body: object, id = newId()) => server.http.put(`/api/trials/${id}`).send(body);
const allowedOf = (body: unknown) => (body as Problem).errors?.map(({ field, allowed }) => [field, allowed]);

const weightedOf = async () => {
  const windows = (await server.http.get('/api/windows').expect(200)).body as ProtectiveWindow[];
  return windows.find(({ machineId }) => machineId === 'bench')?.lightOnS ?? 0;
};

describe('a trial', () => {
  it('is kept with a number of its own, and stands first in the list', async () => {
    const { body } = (await put(draft()).expect(200)) as { body: Trial };
    expect(body).toMatchObject({ ...draft(), personId: 'ines', machineRevision: 1, withdrawnAt: null });
    expect(body.number).toBeGreaterThan(0);
    expect(((await server.http.get('/api/trials')).body as Trial[])[0]).toEqual(body);
  });

  it('counts its light on the window that is fitted, until it is taken back', async () => {
    const before = await weightedOf();
    const id = newId();
    await put(draft({ lightOnS: 600 }), id).expect(200);
    expect(await weightedOf()).toBeCloseTo(before + 600, 3);
    await server.http.put(`/api/trials/${id}/withdrawal`).expect(200);
    expect(await weightedOf()).toBeCloseTo(before, 3);
    await server.http.delete(`/api/trials/${id}/withdrawal`).expect(200);
    expect(await weightedOf()).toBeCloseTo(before + 600, 3);
  });

  it.each([
    ['a mode the machine has not got', draft({ machineId: 'barrow' }), 'work.mode'],
    ['more power than the panel has', draft({ setting: { ...setting, powerW: 1600 } }), 'setting.powerW'],
    ['more pressure than the head bears', draft({ work: { ...work, pressureBar: 16 } }), 'work.pressureBar'],
    ['a machine nobody has', draft({ machineId: 'x' }), 'machineId'],
    ['a look of another mode', draft({ look: 'bare' }), 'look'],
    ['a rung of no ladder', draft({ ladder: { ladderId: newId(), index: 0 } }), 'ladder.ladderId'],
    ['a day that has not come', draft({ madeAt: '2099-01-01T00:00:00.000Z' }), 'madeAt'],
  ])('refuses %s by its field', async (_, body, field) => {
    const answer = await put(body).expect(422);
    expect(allowedOf(answer.body)?.map(([name]) => name)).toEqual([field]);
  });
});

describe('a ladder of trials', () => {
  it('has rungs that trials name, and none beyond its values', async () => {
    const ladderId = newId();
    const ladder = { machineId: 'bench', work, setting, name: 'pace', knob: 'paceMmS', values: [8, 12] };
    const { body } = (await server.http.put(`/api/trial-ladders/${ladderId}`).send(ladder).expect(200)) as {
      body: TrialLadder;
    };
    expect(body).toMatchObject({ ...ladder, closedAt: null });
    await put(draft({ ladder: { ladderId, index: 1 } })).expect(200);
    const answer = await put(draft({ ladder: { ladderId, index: 2 } })).expect(422);
    expect(allowedOf(answer.body)).toEqual([['ladder.index', '0 to 1, the rungs of pace']]);
  });

  it('has no rung that its machine cannot do', async () => {
    const ladder = { machineId: 'bench', work, setting, name: 'power', knob: 'powerW', values: [900, 2400] };
    const answer = await server.http.put(`/api/trial-ladders/${newId()}`).send(ladder).expect(422);
    expect(allowedOf(answer.body)).toEqual([['setting.powerW', expect.stringContaining('up to 1500 W')]]);
  });
});
