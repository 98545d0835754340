import {
  causeOdds,
  checkMinutes,
  everyFaultCause,
  everyFaultCheck,
  everyFaultSymptom,
  faultChecks,
  faultNetwork,
  nextChecks,
  type FaultCause,
  type FaultCheckName,
  type NetworkNode,
  type Seen,
} from './index.js';
import { randomStream } from '../numeric/index.js';

const network = faultNetwork();
const node = (name: string) => network.find((each) => each.name === name) as NetworkNode;

/** A case as it is in truth: the cause, what shows, and what every check would find. */
interface DrawnCase {
  readonly cause: FaultCause;
  readonly symptoms: Seen;
  readonly findings: Readonly<Record<FaultCheckName, 'yes' | 'no'>>;
}

/** Cases somebody would come with: something must show. */
function drawCase(random: () => number): DrawnCase {
  for (;;) {
    let left = random();
    const at = (node('cause').table[0] ?? []).findIndex((chance) => (left -= chance) < 0);
    const cause = everyFaultCause[Math.max(0, at)] as FaultCause;
    const isYes = (name: string) => random() < (node(name).table[Math.max(0, at)]?.[0] ?? 0);
    const answers = (names: readonly string[]) =>
      Object.fromEntries(names.map((name) => [name, isYes(name) ? 'yes' : 'no']));
    const symptoms = answers(everyFaultSymptom);
    if (!Object.values(symptoms).includes('yes')) continue;
    return { cause, symptoms, findings: answers(everyFaultCheck) as DrawnCase['findings'] };
  }
}

/** A cause is believed at this chance, and then mended. */
const believed = 0.8;

/** Minutes until the true cause is believed; null where the answers never point at it, however many checks are made. */
function minutesToCause(
  { cause, symptoms, findings }: DrawnCase,
  choose: (seen: Seen) => FaultCheckName | undefined,
): number | null {
  let seen: Seen = symptoms;
  let minutes = 0;
  for (;;) {
    const truth = causeOdds(network, seen).find((each) => each.cause === cause);
    if ((truth?.chance ?? 0) >= believed) return minutes;
    const check = choose(seen);
    if (check === undefined) return null;
    minutes += checkMinutes(check);
    seen = { ...seen, [check]: findings[check] };
  }
}

describe('the finder', () => {
  const random = randomStream(2026);
  const cases = Array.from({ length: 500 }, () => drawCase(random));
  const byMinutes = everyFaultCheck.toSorted((one, other) => checkMinutes(one) - checkMinutes(other));
  const inOrder = cases.map((each) =>
    // Nobody can fire a light that does not come, in whatever order they go.
    minutesToCause(each, (seen) =>
      byMinutes.find(
        (check) => !(check in seen) && !(seen['noLight'] === 'yes' && faultChecks[check].needsLight),
      ),
    ),
  );
  const asked = cases.map((each) => minutesToCause(each, (seen) => nextChecks(network, seen)[0]?.check));

  it('reaches the true cause in at least 40 % fewer minutes than the checks in order of their minutes', () => {
    const both = cases.flatMap((_case, i) => {
      const [finder, order] = [asked[i] ?? null, inOrder[i] ?? null];
      return finder === null || order === null ? [] : [{ finder, order }];
    });
    const mean = (of: 'finder' | 'order') => both.reduce((sum, each) => sum + each[of], 0) / both.length;
    expect(both.length).toBeGreaterThan(400);
    expect(mean('order')).toBeGreaterThan(5);
    expect(mean('finder')).toBeLessThan(0.6 * mean('order'));
  });

  it('reaches it as often', () => {
    const reached = (all: readonly (number | null)[]) => all.filter((minutes) => minutes !== null).length;
    expect(reached(asked)).toBeGreaterThanOrEqual(reached(inOrder));
  });
});
