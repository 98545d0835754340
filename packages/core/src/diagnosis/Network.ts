import { RangeFault } from '../fault/index.js';

/** A question with a few answers, and how likely each is for every combination of its parents' answers. */
export interface NetworkNode {
  readonly name: string;
  readonly states: readonly string[];
  /** Names of nodes that stand before it. */
  readonly parents: readonly string[];
  /** A row for each combination of the parents' states, the last parent turning fastest; each row sums to 1. */
  readonly table: readonly (readonly number[])[];
}

/** Nodes in an order in which parents stand before their children. */
export type Network = readonly NetworkNode[];

/** What was seen: the state of some nodes by their name. */
export type Seen = Readonly<Record<string, string>>;

/** A table over some nodes, the last of them turning fastest. */
interface Factor {
  readonly names: readonly string[];
  readonly values: readonly number[];
}

const rowSlack = 1e-9;

/**
 * The chances of a node's states given what was seen, exact, by summing out one node after another. Nodes that neither
 * were seen nor bear on it are left out from the start.
 *
 * @param asked name of a node
 * @returns one chance a state, in the node's order
 * @throws RangeFault for a node, a state or a table that cannot be, and for what was seen being impossible
 * @source Zhang and Poole 1994, variable elimination
 */
export function posterior(network: Network, asked: string, seen: Seen): readonly number[] {
  const nodes = new Map(network.map((node) => [node.name, node]));
  const question = requireNode(nodes, asked);
  for (const [name, state] of Object.entries(seen)) stateIndex(requireNode(nodes, name), state);
  const relevant = withAncestors(nodes, [asked, ...Object.keys(seen)]);
  const bearing = network.filter(({ name }) => relevant.has(name));
  for (const node of bearing) requireTable(node, nodes);
  let factors = bearing.map((node) => reduced(factorOf(node), nodes, seen));
  for (const { name } of bearing) {
    if (name === asked || name in seen) continue;
    const touching = factors.filter(({ names }) => names.includes(name));
    const product = touching.reduce((one, other) => multiplied(one, other, nodes));
    factors = [...factors.filter((factor) => !touching.includes(factor)), summedOut(product, name, nodes)];
  }
  const { values } = factors.reduce((one, other) => multiplied(one, other, nodes));
  const total = values.reduce((sum, value) => sum + value, 0);
  if (!(total > 0)) {
    throw new RangeFault({
      quantity: 'what was seen',
      given: JSON.stringify(seen),
      allowed: 'something that can happen by the tables',
    });
  }
  if (asked in seen) return question.states.map((state) => (state === seen[asked] ? 1 : 0));
  return values.map((value) => value / total);
}

function requireNode(nodes: ReadonlyMap<string, NetworkNode>, name: string): NetworkNode {
  const node = nodes.get(name);
  if (node !== undefined) return node;
  throw new RangeFault({ quantity: 'node', given: name, allowed: [...nodes.keys()].join(', ') });
}

function stateIndex({ name, states }: NetworkNode, state: string): number {
  const index = states.indexOf(state);
  if (index >= 0) return index;
  throw new RangeFault({ quantity: name, given: state, allowed: states.join(', ') });
}

function requireTable(node: NetworkNode, nodes: ReadonlyMap<string, NetworkNode>): void {
  const rows = node.parents.reduce((count, name) => count * requireNode(nodes, name).states.length, 1);
  const isWhole = (row: readonly number[]) =>
    row.length === node.states.length &&
    row.every((chance) => chance >= 0) &&
    Math.abs(row.reduce((sum, chance) => sum + chance, 0) - 1) < rowSlack;
  if (node.table.length === rows && node.table.every(isWhole)) return;
  throw new RangeFault({
    quantity: `table of ${node.name}`,
    given: `${node.table.length} rows`,
    allowed: `${rows} rows of ${node.states.length} chances that sum to 1`,
  });
}

function withAncestors(
  nodes: ReadonlyMap<string, NetworkNode>,
  names: readonly string[],
): ReadonlySet<string> {
  const found = new Set<string>();
  const take = (name: string) => {
    if (found.has(name)) return;
    found.add(name);
    nodes.get(name)?.parents.forEach(take);
  };
  names.forEach(take);
  return found;
}

function factorOf({ name, parents, table }: NetworkNode): Factor {
  return { names: [...parents, name], values: table.flat() };
}

/** A factor with the nodes that were seen held at their state and left out. */
function reduced(factor: Factor, nodes: ReadonlyMap<string, NetworkNode>, seen: Seen): Factor {
  const names = factor.names.filter((name) => !(name in seen));
  const values = combinations(names, nodes).map((states) =>
    valueAt(factor, (name) => states[name] ?? seen[name], nodes),
  );
  return { names, values };
}

function multiplied(one: Factor, other: Factor, nodes: ReadonlyMap<string, NetworkNode>): Factor {
  const names = [...new Set([...one.names, ...other.names])];
  const values = combinations(names, nodes).map(
    (states) => valueAt(one, (name) => states[name], nodes) * valueAt(other, (name) => states[name], nodes),
  );
  return { names, values };
}

function summedOut(factor: Factor, name: string, nodes: ReadonlyMap<string, NetworkNode>): Factor {
  const names = factor.names.filter((each) => each !== name);
  const states = requireNode(nodes, name).states;
  const values = combinations(names, nodes).map((rest) =>
    states.reduce(
      (sum, state) => sum + valueAt(factor, (each) => (each === name ? state : rest[each]), nodes),
      0,
    ),
  );
  return { names, values };
}

/** Every combination of the nodes' states, the last node turning fastest. */
function combinations(names: readonly string[], nodes: ReadonlyMap<string, NetworkNode>): readonly Seen[] {
  return names.reduce<readonly Seen[]>(
    (before, name) =>
      before.flatMap((states) =>
        requireNode(nodes, name).states.map((state) => ({ ...states, [name]: state })),
      ),
    [{}],
  );
}

function valueAt(
  { names, values }: Factor,
  stateOf: (name: string) => string | undefined,
  nodes: ReadonlyMap<string, NetworkNode>,
): number {
  const index = names.reduce((at, name) => {
    const node = requireNode(nodes, name);
    return at * node.states.length + stateIndex(node, stateOf(name) ?? '');
  }, 0);
  return values[index] ?? 0;
}
