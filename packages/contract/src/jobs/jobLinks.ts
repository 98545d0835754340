import { cycleIn } from '@lone-heron/core';
import type { JobWeld } from './jobWeld.js';

/** Something of a job that does not fit the rest of it. */
interface LinkFault {
  readonly path: readonly (string | number)[];
  readonly given: unknown;
  readonly allowed: string;
}

/** What of a job names something else of it. */
interface Linked {
  readonly parts: readonly { readonly key: string; readonly name: string; readonly into: string | null }[];
  readonly welds: readonly Pick<JobWeld, 'mark' | 'part' | 'after' | 'place'>[];
  readonly pictures: readonly { readonly photoId: string }[];
  readonly order: readonly string[] | null;
}

/** What of a job names something that is not there, or goes round: marks, parts, pictures, and the order somebody made. */
export function jobLinks(job: Linked): readonly LinkFault[] {
  const faults = [...twice(job), ...unknown(job), ...partsGoingRound(job)];
  return faults.length > 0 ? faults : [...weldsGoingRound(job), ...orderFaults(job)];
}

const same = (one: string, other: string) => one.toLowerCase() === other.toLowerCase();

function twice({ welds, parts }: Linked): LinkFault[] {
  return [
    ...welds.flatMap(({ mark }, i) =>
      welds.findIndex((each) => same(each.mark, mark)) === i
        ? []
        : [{ path: ['welds', i, 'mark'], given: mark, allowed: 'a mark that no other weld has' }],
    ),
    ...parts.flatMap(({ key }, i) =>
      parts.findIndex((each) => same(each.key, key)) === i
        ? []
        : [{ path: ['parts', i, 'key'], given: key, allowed: 'a key that no other part has' }],
    ),
  ];
}

function unknown({ welds, parts, pictures }: Linked): LinkFault[] {
  const keys = parts.map(({ key }) => key);
  const marks = new Set(welds.map(({ mark }) => mark));
  const isPart = (key: string | null) => key === null || keys.includes(key);
  const partsSaid = keys.length === 0 ? 'null: this job has no parts' : `null or one of ${keys.join(', ')}`;
  return [
    ...parts.flatMap(({ into }, i) =>
      isPart(into) ? [] : [{ path: ['parts', i, 'into'], given: into, allowed: partsSaid }],
    ),
    ...welds.flatMap(({ part, after, place }, i) => [
      ...(isPart(part) ? [] : [{ path: ['welds', i, 'part'], given: part, allowed: partsSaid }]),
      ...after.flatMap((mark, at) =>
        marks.has(mark)
          ? []
          : [{ path: ['welds', i, 'after', at], given: mark, allowed: 'marks of welds of this job' }],
      ),
      ...(place === null || pictures.some(({ photoId }) => photoId === place.photoId)
        ? []
        : [{ path: ['welds', i, 'place'], given: place.photoId, allowed: 'a picture of this job' }]),
    ]),
  ];
}

function partsGoingRound({ parts }: Linked): LinkFault[] {
  const at = (key: string | null) => parts.findIndex((each) => each.key === key);
  const before = parts.map((part) =>
    parts.flatMap(({ into }, i) => (into !== null && at(into) === parts.indexOf(part) ? [i] : [])),
  );
  const round = cycleIn(before);
  if (round === null) return [];
  const named = [...round, round[0] as number].map((i) => parts[i]?.name ?? '').join(' into ');
  return [{ path: ['parts'], given: named, allowed: `parts that do not go into themselves, as ${named} do` }];
}

function weldsGoingRound(job: Linked): LinkFault[] {
  const { welds } = job;
  const round = cycleIn(weldsBefore(job));
  if (round === null) return [];
  const named = [...round, round[0] as number].map((i) => welds[i]?.mark ?? '').join(' before ');
  return [
    { path: ['welds'], given: named, allowed: `welds whose “after” does not go round, as ${named} does` },
  ];
}

function orderFaults(job: Linked): LinkFault[] {
  const { welds, order } = job;
  if (order === null) return [];
  const wrong = (allowed: string) => [{ path: ['order'], given: order.join(', '), allowed }];
  const isWhole =
    order.length === welds.length &&
    new Set(order).size === order.length &&
    welds.every(({ mark }) => order.includes(mark));
  if (!isWhole) return wrong('every mark of this job once');
  const broken = brokenLink(job, order);
  return broken === null ? [] : wrong(`an order with ${broken.first} before ${broken.then}`);
}

/** Two marks that an order has the wrong way round; null where it breaks nothing. `order` holds every mark once. */
export function brokenLink(
  job: Pick<Linked, 'welds' | 'parts'>,
  order: readonly string[],
): { readonly first: string; readonly then: string } | null {
  const { welds } = job;
  const at = welds.map(({ mark }) => order.indexOf(mark));
  for (const [i, links] of weldsBefore(job).entries()) {
    const late = links.find((link) => (at[link] as number) > (at[i] as number));
    if (late !== undefined) return { first: welds[late]?.mark ?? '', then: welds[i]?.mark ?? '' };
  }
  return null;
}

/**
 * For each weld, by its index, those that must be done before it: what its “after” names, and every weld of a part that goes
 * into its own.
 */
export function weldsBefore({
  welds,
  parts,
}: Pick<Linked, 'welds' | 'parts'>): readonly (readonly number[])[] {
  const inside = new Map(parts.map(({ key }) => [key as string | null, partsInside(parts, key)]));
  inside.set(null, new Set(parts.map(({ key }) => key)));
  return welds.map(({ after, part }, i) => {
    const earlier = inside.get(part) ?? new Set<string>();
    return welds.flatMap((other, j) => {
      if (j === i) return [];
      const isNamed = after.includes(other.mark);
      const isInside = other.part !== null && other.part !== part && earlier.has(other.part);
      return isNamed || isInside ? [j] : [];
    });
  });
}

/** Parts that go into a part, and into those. */
function partsInside(parts: Linked['parts'], key: string): ReadonlySet<string> {
  const inside = new Set<string>();
  const add = (into: string) => {
    for (const each of parts) {
      if (each.into !== into || inside.has(each.key) || each.key === key) continue;
      inside.add(each.key);
      add(each.key);
    }
  };
  add(key);
  return inside;
}
