import fc from 'fast-check';
import { localMean } from './localMean.js';

/** The mean by looking at every pixel of every square. */
function byLooking(width: number, height: number, data: Uint8Array, counts: Uint8Array, reach: number) {
  return Float32Array.from(data, (_, at) => {
    const [x, y] = [at % width, Math.floor(at / width)];
    let [sum, count] = [0, 0];
    for (let down = Math.max(0, y - reach); down <= Math.min(height - 1, y + reach); down++) {
      for (let across = Math.max(0, x - reach); across <= Math.min(width - 1, x + reach); across++) {
        const there = down * width + across;
        if (counts[there] !== 1) continue;
        sum += data[there] ?? 0;
        count += 1;
      }
    }
    return sum / count;
  });
}

describe('the mean around each pixel', () => {
  it('is the same as by looking at every one, edges and gaps and all', () => {
    const pictures = fc.integer({ min: 1, max: 9 }).chain((width) =>
      fc.integer({ min: 1, max: 9 }).chain((height) => {
        const length = width * height;
        return fc.record({
          width: fc.constant(width),
          height: fc.constant(height),
          data: fc.uint8Array({ minLength: length, maxLength: length }),
          counts: fc.uint8Array({ minLength: length, maxLength: length, max: 1 }),
          reach: fc.integer({ min: 0, max: 4 }),
        });
      }),
    );
    fc.assert(
      fc.property(pictures, ({ width, height, data, counts, reach }) => {
        const slow = byLooking(width, height, data, counts, reach);
        localMean({ width, height, data }, counts, reach).forEach((mean, at) => {
          const expected = slow[at] ?? 0;
          if (Number.isNaN(expected)) expect(mean).toBeNaN();
          else expect(mean).toBeCloseTo(expected, 3);
        });
      }),
    );
  });
});
