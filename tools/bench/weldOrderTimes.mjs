import * as core from '../../packages/core/dist/index.js';

/** Welds of a job put in order, keeping what comes before what: 12 for certain, 60 and 300 well, with what the bound leaves open. */
export function weldOrderTimes() {
  const found = [
    { count: 12, most: 0.5 },
    { count: 60, most: 5 },
    { count: 300, most: 25 },
  ].map(({ count, most }) => {
    const job = jobOf(count);
    core.planWeldOrder(job);
    const start = performance.now();
    const { cost, lowerBound } = core.planWeldOrder(job);
    const ms = performance.now() - start;
    const open = `${((cost / lowerBound - 1) * 100).toFixed(0)} % over the bound`;
    return {
      time: { name: `${count}`, ms, most },
      note: `${count} ${cost === lowerBound ? 'proved least' : open}`,
    };
  });
  return {
    what: 'welds in order',
    times: found.map(({ time }) => time),
    note: found.map(({ note }) => note).join(', '),
  };
}

/** Five set-ups and seven poses in no order; a quarter of the welds wait for an earlier one. */
function jobOf(count) {
  const setUp = (weld) => (weld * weld * 7919 + 13 * weld) % 5;
  const pose = (weld) => (weld * weld * weld * 31 + 3 * weld) % 7;
  const lost = (from, to) => (setUp(from) === setUp(to) ? 0 : 6) + (pose(from) === pose(to) ? 0 : 2);
  const welds = Array.from({ length: count }, (_, weld) => weld);
  return {
    minutes: welds.map((from) => welds.map((to) => lost(from, to))),
    first: welds.map((to) => lost(0, to)),
    before: welds.map((weld) => (weld % 4 === 3 ? [(weld * 31) % weld] : [])),
  };
}
