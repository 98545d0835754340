import type { PhaseLaw } from '../field/index.js';
import type { Diffusion, DiffusionMesh } from './Diffusion.js';

/**
 * Diffusion written as it is meant: the oracle of the compiled one, and what stands in for it where there is no
 * WebAssembly.
 */
export function plainDiffusion(mesh: DiffusionMesh, law: PhaseLaw): Diffusion {
  const places = mesh.columns * mesh.rows;
  const room = () => new Float64Array(places);
  const [enthalpy, feed, potential, first, rate] = [room(), room(), room(), room(), room()];
  let [last, before] = [room(), room()];
  return {
    enthalpy,
    feed,
    step: (weights, seconds) => {
      potentialInto(law, enthalpy, potential);
      rateInto(mesh, potential, feed, first);
      before.set(enthalpy);
      const opening = seconds * (weights.muTilde[1] as number);
      for (let at = 0; at < places; at++)
        last[at] = (enthalpy[at] as number) + opening * (first[at] as number);
      for (let stage = 2; stage <= weights.stages; stage++) {
        potentialInto(law, last, potential);
        rateInto(mesh, potential, feed, rate);
        const mu = weights.mu[stage] as number;
        const nu = weights.nu[stage] as number;
        const byRate = seconds * (weights.muTilde[stage] as number);
        const byFirst = seconds * (weights.gammaTilde[stage] as number);
        for (let at = 0; at < places; at++) {
          const held =
            mu * (last[at] as number) +
            nu * (before[at] as number) +
            (1 - mu - nu) * (enthalpy[at] as number);
          before[at] = held + byRate * (rate[at] as number) + byFirst * (first[at] as number);
        }
        [last, before] = [before, last];
      }
      enthalpy.set(last);
    },
  };
}

/** What each place gains, W/m3. */
function rateInto(
  mesh: DiffusionMesh,
  potential: Float64Array,
  feed: Float64Array,
  into: Float64Array,
): void {
  const { columns, right, below, perArea } = mesh;
  for (let at = 0; at < into.length; at++) {
    const here = potential[at] as number;
    const gained =
      (right[at - 1] ?? 0) * ((potential[at - 1] ?? 0) - here) +
      (right[at] as number) * ((potential[at + 1] ?? 0) - here) +
      (below[at - columns] ?? 0) * ((potential[at - columns] ?? 0) - here) +
      (below[at] as number) * ((potential[at + columns] ?? 0) - here);
    into[at] = (feed[at] as number) + gained * (perArea[at] as number);
  }
}

/** Flux potential, W/m, of enthalpies: a line with two kinks. */
function potentialInto(law: PhaseLaw, enthalpy: Float64Array, into: Float64Array): void {
  const line = potentialLine(law);
  for (let at = 0; at < into.length; at++) {
    const held = enthalpy[at] as number;
    const inside = Math.min(Math.max(held, line.low), line.high) - line.low;
    into[at] =
      line.solid * Math.min(held, line.low) +
      line.mushy * inside +
      line.liquid * Math.max(held - line.high, 0);
  }
}

/** Where the line of flux potential over enthalpy has its kinks, J/m3, and how steep its three parts are, m2/s. */
export function potentialLine(law: PhaseLaw) {
  const { enthalpyAtSolidus: low, enthalpyAtLiquidus: high, capacity } = law;
  return {
    low,
    high,
    solid: law.solidConductivity / capacity,
    mushy: (law.potentialAtLiquidus - law.potentialAtSolidus) / (high - low),
    liquid: law.liquidConductivity / capacity,
  };
}
