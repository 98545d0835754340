import { farFace, type WeldJob } from '@lone-heron/core';

/** The two chances of a weld in words, each said so that neither is taken for the other. */

/** What an even line is here: from both sides that the runs meet; for a share, of that much. */
export function evenWords({ aim, runs }: WeldJob): string {
  if (aim.kind === 'share') return `reaches ${Math.round(aim.share * 100)} %, evenly`;
  return runs === 2 ? 'the two sides meet, evenly' : 'an even line';
}

/** What is done with no hole in it, evenly or heavily: “66 % without a hole” alone would be read as 34 % of holes. */
export function soundWords({ aim, runs, joint }: WeldJob): string {
  if (aim.kind === 'share') return 'that deep without a hole';
  if (runs === 2) return 'meet without a hole';
  return farFace(joint).isOpen ? 'through without a hole' : 'fused without a hole';
}
