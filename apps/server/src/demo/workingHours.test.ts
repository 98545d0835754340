import { addDays, getHours, isSameDay } from 'date-fns';
import { atWork, begunAt, lastAtWork } from './workingHours.js';

const at = (hours: number, minutes = 0) => new Date(2026, 10, 25, hours, minutes).getTime();
const hour = 3600 * 1000;

describe('the sample workshop', () => {
  it.each([
    ['at noon it is now', at(12), at(12)],
    ['in the evening it is five o’clock', at(22, 43), at(17)],
    ['at night it is five o’clock of the day before', at(0, 43), addDays(at(17), -1).getTime()],
  ])('was last at work: %s', (_, now, last) => {
    expect(lastAtWork(now)).toBe(last);
  });

  it('did everything of the past in working hours of its own day, in its order', () => {
    const now = at(15);
    const moments = Array.from({ length: 24 * 20 }, (_, i) => now - (20 * 24 - i) * hour);
    const worked = moments.map((moment) => atWork(moment, now));
    worked.forEach((moment, i) => {
      expect(isSameDay(moment, moments[i] ?? 0)).toBe(true);
      if (!isSameDay(moment, now)) expect(getHours(moment)).toBeGreaterThanOrEqual(7);
      if (!isSameDay(moment, now)) expect(getHours(moment)).toBeLessThan(17);
    });
    expect(worked).toEqual(worked.toSorted((a, b) => a - b));
  });

  it('begins its days in the morning', () => {
    expect(begunAt(at(15) - 51 * hour, at(15))).toBe(new Date(2026, 10, 23, 7, 30).getTime());
    expect(begunAt(at(12), at(15))).toBe(at(12));
  });
});
