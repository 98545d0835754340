import fc from 'fast-check';
import {
  causeOdds,
  everyFaultCause,
  everyFaultCheck,
  everyFaultSymptom,
  faultChecks,
  faultNetwork,
  nextChecks,
  posterior,
  type FaultCause,
  type FaultCheck,
  type Network,
  type NetworkNode,
  type Seen,
} from './index.js';

/** The chances of a node by adding up every combination of every node's states. */
function byEnumeration(network: Network, asked: string, seen: Seen): readonly number[] {
  const all = network.reduce<readonly Record<string, string>[]>(
    (before, { name, states }) => before.flatMap((one) => states.map((state) => ({ ...one, [name]: state }))),
    [{}],
  );
  const rowOf = ({ parents }: NetworkNode, states: Seen) =>
    parents.reduce((at, parent) => {
      const node = network.find(({ name }) => name === parent) as NetworkNode;
      return at * node.states.length + node.states.indexOf(states[parent] ?? '');
    }, 0);
  const chanceOf = (states: Seen) =>
    network.reduce(
      (product, node) =>
        product * (node.table[rowOf(node, states)]?.[node.states.indexOf(states[node.name] ?? '')] ?? 0),
      1,
    );
  const fitting = all.filter((states) =>
    Object.entries(seen).every(([name, state]) => states[name] === state),
  );
  const { states } = network.find(({ name }) => name === asked) as NetworkNode;
  const sums = states.map((state) =>
    fitting.filter((one) => one[asked] === state).reduce((sum, one) => sum + chanceOf(one), 0),
  );
  const total = sums.reduce((sum, each) => sum + each, 0);
  return sums.map((each) => each / total);
}

/** Networks of five nodes with two or three states and up to two parents each. */
const networks: fc.Arbitrary<Network> = fc
  .array(
    fc.record({
      count: fc.integer({ min: 2, max: 3 }),
      parents: fc.uniqueArray(fc.nat(10), { maxLength: 2 }),
      weights: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 27, maxLength: 27 }),
    }),
    { minLength: 5, maxLength: 5 },
  )
  .map((nodes) => {
    const made: NetworkNode[] = [];
    for (const [i, { count, parents, weights }] of nodes.entries()) {
      const mine = i === 0 ? [] : [...new Set(parents.map((parent) => `n${parent % i}`))];
      const rows = mine.reduce(
        (product, name) => product * (made.find((node) => node.name === name)?.states.length ?? 1),
        1,
      );
      const states = Array.from({ length: count }, (_, state) => `s${state}`);
      const table = Array.from({ length: rows }, (_, row) => {
        const some = states.map((_state, at) => weights[(row * count + at) % weights.length] ?? 1);
        const sum = some.reduce((all, each) => all + each, 0);
        return some.map((each) => each / sum);
      });
      made.push({ name: `n${i}`, states, parents: mine, table });
    }
    return made;
  });

describe('a network', () => {
  it('agrees with adding up every combination, whatever was seen', () => {
    fc.assert(
      fc.property(networks, fc.nat(4), fc.subarray([0, 1, 2, 3, 4]), (network, asked, seenAt) => {
        const seen = Object.fromEntries(
          seenAt.filter((at) => at !== asked).map((at) => [`n${at}`, `s${at % 2}`]),
        );
        const exact = byEnumeration(network, `n${asked}`, seen);
        posterior(network, `n${asked}`, seen).forEach((chance, i) =>
          expect(chance).toBeCloseTo(exact[i] ?? Number.NaN, 10),
        );
      }),
      { numRuns: 150 },
    );
  });

  it('refuses a node, a state and a table that cannot be', () => {
    const network: Network = [{ name: 'rain', states: ['yes', 'no'], parents: [], table: [[0.3, 0.7]] }];
    expect(() => posterior(network, 'snow', {})).toThrow('node snow: allowed is rain');
    expect(() => posterior(network, 'rain', { rain: 'some' })).toThrow('rain some: allowed is yes, no');
    const torn: Network = [{ name: 'rain', states: ['yes', 'no'], parents: [], table: [[0.3, 0.6]] }];
    expect(() => posterior(torn, 'rain', {})).toThrow('sum to 1');
    const sure: Network = [
      { name: 'rain', states: ['yes', 'no'], parents: [], table: [[0, 1]] },
      {
        name: 'wet',
        states: ['yes', 'no'],
        parents: ['rain'],
        table: [
          [1, 0],
          [0, 1],
        ],
      },
    ];
    expect(() => posterior(sure, 'rain', { wet: 'yes' })).toThrow('can happen');
  });
});

describe('the network of faults', () => {
  const network = faultNetwork();

  it('names every cause in some check and in some symptom', () => {
    for (const cause of everyFaultCause) {
      const at = everyFaultCause.indexOf(cause);
      const showing = (names: readonly string[]) =>
        network.filter(({ name, table }) => names.includes(name) && (table[at]?.[0] ?? 0) >= 0.3);
      expect(showing(everyFaultSymptom)).not.toEqual([]);
      expect(showing(everyFaultCheck).some(({ table }) => (table[at]?.[0] ?? 0) >= 0.8)).toBe(true);
    }
  });

  it('says what a welder would say of plain cases', () => {
    const likeliest = (seen: Seen, of = network) => causeOdds(of, seen)[0]?.cause;
    expect(likeliest({ yellowSeam: 'yes' })).toBe('lowGas');
    expect(likeliest({ powerFades: 'yes', shallow: 'yes' })).toBe('dirtyWindow');
    expect(likeliest({ noLight: 'yes', alarm: 'no' })).toBe('poorEarth');
    expect(likeliest({ cracks: 'yes' })).toBe('wrongFiller');
  });

  it('moves with what is known already and with the shop’s own cases', () => {
    const chanceOf = (cause: string, of: Network, seen: Seen) =>
      causeOdds(of, seen).find((each) => each.cause === cause)?.chance ?? 0;
    const fades = { powerFades: 'yes' };
    const plain = chanceOf('dirtyWindow', network, fades);
    expect(chanceOf('dirtyWindow', faultNetwork({ windowLifeShare: 1.5 }), fades)).toBeGreaterThan(plain);
    expect(chanceOf('dirtyWindow', faultNetwork({ windowLifeShare: 0.05 }), fades)).toBeLessThan(plain);
    expect(chanceOf('focusOff', faultNetwork({}, { focusOff: 12 }), fades)).toBeGreaterThan(
      chanceOf('focusOff', network, fades),
    );
    expect(chanceOf('coolantOut', faultNetwork({ isCoolantGood: true }), { alarm: 'yes' })).toBeLessThan(
      chanceOf('coolantOut', network, { alarm: 'yes' }),
    );
  });

  it('asks a cheap check before one behind isolation, where both could tell', () => {
    const [first] = nextChecks(network, { yellowSeam: 'yes' });
    expect(first?.check).toBe('gasAtTheGun');
    const order = nextChecks(network, { shallow: 'yes' }).map(({ check }) => check);
    expect(order.indexOf('settingAgainstCard')).toBeLessThan(order.indexOf('windowOut'));
    expect(nextChecks(network, { gasAtTheGun: 'no' }).map(({ check }) => check)).not.toContain('gasAtTheGun');
  });

  it.each(everyFaultSymptom)(
    'asks of “%s” only what it allows, over all checks that may have come to nothing',
    (symptom) => {
      for (const made of [null, ...everyFaultCheck]) {
        const seen = { [symptom]: 'yes', ...(made === null ? {} : { [made]: 'no' }) };
        const odds = new Map(causeOdds(network, seen).map(({ cause, chance }) => [cause, chance]));
        for (const { check } of nextChecks(network, seen)) {
          const { needsLight, finds }: FaultCheck = faultChecks[check];
          if (symptom === 'noLight') expect([check, needsLight]).toEqual([check, false]);
          const likely = Object.entries(finds)
            .filter(([, often]) => often >= 0.3)
            .reduce((sum, [cause]) => sum + (odds.get(cause as FaultCause) ?? 0), 0);
          expect([symptom, made, check, likely >= 0.05]).toEqual([symptom, made, check, true]);
        }
      }
    },
  );

  it('fires no light where there is none, and looks at no clamp for holes that come from the gas', () => {
    const lit = everyFaultCheck.filter((check) => faultChecks[check].needsLight);
    expect(lit).toEqual(['askTheHand', 'gunAngle', 'cleanScrap', 'otherBottle', 'focusLine']);
    const ofHoles = nextChecks(network, { holes: 'yes', soot: 'yes' }).map(({ check }) => check);
    expect(ofHoles).not.toContain('workClamp');
    expect(ofHoles).not.toContain('interlocks');
    expect(ofHoles).toContain('otherBottle');
  });
});
