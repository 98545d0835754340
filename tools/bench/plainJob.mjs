/**
 * The plain job that every speed is a ratio to: arithmetic, small objects and a sort, as the product's own work is made of.
 * A machine that is slow or busy is so for both, so that a bound holds on any. It took 26 ms where the bounds were set: 20 ms for a
 * search are 0.77 of it, 5 s for a start 190.
 */
export function plainJobMs() {
  let least = Infinity;
  for (let i = 0; i < 9; i++) {
    const start = performance.now();
    plainJob();
    least = Math.min(least, performance.now() - start);
  }
  return least;
}

/** Its sum is looked at, so that no engine leaves the work out. */
function plainJob() {
  const points = [];
  let seed = 1;
  for (let i = 0; i < 40_000; i++) {
    seed = (seed * 16_807) % 2_147_483_647;
    const x = seed / 2_147_483_647;
    points.push({ x, y: Math.exp(-x * x) + Math.sqrt(x) * Math.log1p(x) });
  }
  points.sort((one, other) => one.y - other.y);
  const sum = points.reduce((total, { x, y }, i) => total + x * y * (i % 7), 0);
  if (!(sum > 0)) throw new Error('the plain job came to nothing');
}
