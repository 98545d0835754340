import type { HeardLight, MachineSpell } from '@lone-heron/contract';

type Figures = MachineSpell['figures'];

/** What some spells came to together: seconds added up, means weighed by them, the most of what heats. */
export function takeSpells(spells: readonly MachineSpell[]): HeardLight {
  const litS = spells.reduce((sum, { figures }) => sum + figures.litS, 0);
  return {
    spellIds: spells.map(({ id }) => id),
    litS: rounded(litS, 2),
    powerW: meanOf(spells, ({ powerW }) => powerW, 1),
    gasLMin: meanOf(spells, ({ gasLMin }) => gasLMin, 1),
    coolantMostC: mostOf(spells, ({ coolantMostC }) => coolantMostC),
    holderMostC: mostOf(spells, ({ holderMostC }) => holderMostC),
  };
}

/** Spells that a record can still take: not taken, long enough to be a weld, newest first. */
export function freeSpells(spells: readonly MachineSpell[]): readonly MachineSpell[] {
  return spells.filter(({ isTaken, figures }) => !isTaken && figures.litS >= leastWeld);
}
/** s: what is shorter is a finger that slipped off the trigger. */
const leastWeld = 0.2;

function meanOf(
  spells: readonly MachineSpell[],
  valueOf: (figures: Figures) => number | null,
  decimals: number,
): number | null {
  const said = spells.flatMap(({ figures }) => {
    const value = valueOf(figures);
    return value === null ? [] : [{ value, litS: figures.litS }];
  });
  const litS = said.reduce((sum, each) => sum + each.litS, 0);
  if (litS === 0) return null;
  return rounded(said.reduce((sum, each) => sum + each.value * each.litS, 0) / litS, decimals);
}

function mostOf(
  spells: readonly MachineSpell[],
  valueOf: (figures: Figures) => number | null,
): number | null {
  const said = spells.map(({ figures }) => valueOf(figures)).filter((value) => value !== null);
  return said.length === 0 ? null : rounded(Math.max(...said), 1);
}

function rounded(value: number, decimals: number): number {
  return Number(value.toFixed(decimals));
}
