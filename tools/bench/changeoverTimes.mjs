import * as core from '../../packages/core/dist/index.js';

const { planChangeovers } = core;

/** Set-ups put in order: 12 for certain, 60 well, with how far the bound leaves open. */
export function changeoverTimes() {
  const table = (count) =>
    Array.from({ length: count }, (_, i) =>
      Array.from({ length: count }, (_, j) => 2 + ((i * 7919 + j * 104_729 + i * j * 31) % 29)),
    );
  const found = [
    { count: 12, most: 1.9 },
    { count: 60, most: 19 },
  ].map(({ count, most }) => {
    const minutes = table(count);
    planChangeovers(minutes, 0);
    const start = performance.now();
    const { cost, lowerBound } = planChangeovers(minutes, 0);
    const ms = performance.now() - start;
    const open = `${((cost / lowerBound - 1) * 100).toFixed(0)} % over the bound`;
    return {
      time: { name: `${count}`, ms, most },
      note: `${count} ${cost === lowerBound ? 'proved least' : open}`,
    };
  });
  return {
    what: 'set-ups in order',
    times: found.map(({ time }) => time),
    note: found.map(({ note }) => note).join(', '),
  };
}
