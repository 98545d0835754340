import {
  bucklingForce,
  bucklingHeat,
  tendonForce,
  type PressedStrip,
  type ShrinkingMetal,
} from '../../warp/index.js';
import { closedForm, type GoldenCheck } from '../goldenCheck.js';
import { compare, overCases } from '../overCases.js';

interface TendonCase {
  input: Omit<ShrinkingMetal & PressedStrip, 'thickness' | 'width' | 'edgeFactor'> & {
    heatJPerM: number;
    thicknessMm: number;
    widthMm: number;
    k: number;
  };
  tendonN: number;
  criticalN: number;
  buckles: boolean;
  leastHeatJPerM: number;
}

const tendonBuckling = overCases<TendonCase>(({ input, ...wanted }, label) => {
  const { heatJPerM, thicknessMm, widthMm, k, poisson, ...metal } = input;
  const strip = { thickness: thicknessMm / 1000, width: widthMm / 1000, edgeFactor: k, poisson };
  const pull = tendonForce(metal, heatJPerM);
  const critical = bucklingForce(strip, metal.young);
  return compare(label, closedForm, [
    ['pull', wanted.tendonN, pull],
    ['force it gives way at', wanted.criticalN, critical],
    ['gives way', Number(wanted.buckles), Number(pull > critical)],
    ['least heat', wanted.leastHeatJPerM, bucklingHeat(metal, strip)],
  ]);
});

/** What a seam does to sheets once it is cold. */
export const warpChecks: readonly (readonly [file: string, check: GoldenCheck])[] = [
  ['tendon-buckling', tendonBuckling as GoldenCheck],
];
