import { gasTable, shieldingGases, type ShieldingGas } from '../gas/index.js';
import { seamKinds, seamRow, type SeamKind } from '../joint/index.js';
import type { MetalId } from '../metal/index.js';
import { parseNumber, parseQuantity } from '../quantity/index.js';

/** What was understood of a joint said in a few words; what was not said is left out. */
export interface UnderstoodJoint {
  readonly metals: readonly MetalId[];
  readonly kind?: SeamKind;
  /** As they were typed, such as "16ga" or "1/16": a gauge needs its metal, so they are read later. */
  readonly thicknesses: readonly string[];
  readonly gap?: string;
  /** Diameter as it was typed; null for "no wire". */
  readonly wire?: string | null;
  /** Outside diameter of a tube as it was typed. */
  readonly tube?: string;
  readonly gas?: ShieldingGas;
  /** As it was typed, such as "40 cfh": what the joint asks is worked out, not said. */
  readonly flow?: string;
  /** Id of one of the machines that were named. */
  readonly machine?: string;
  /** Words that mean nothing here. */
  readonly unknown: readonly string[];
}

/** Patterns are tried in this order and taken out of the text, so that "inside corner" is not also a corner. */
const metalWords: readonly (readonly [pattern: string, metal: MetalId])[] = [
  ['galv\\w*|zinc(?:ed)?', 'galvanised'],
  ['316l?(?:\\s+stainless)?', 'stainless316'],
  ['304l?(?:\\s+stainless)?|stainless|ss|inox', 'stainless304'],
  [
    '(?:low[- ]carbon|mild|carbon|cold[- ]rolled|hot[- ]rolled|crs|hrs|a-?36)\\s*(?:steel)?|steel|ms',
    'lowCarbonSteel',
  ],
  ['3003', 'aluminium3003'],
  ['5083', 'aluminium5083'],
  ['6061', 'aluminium6061'],
  ['6082', 'aluminium6082'],
  ['5052(?:\\s+alumin\\w+)?|alumin\\w+|alu?', 'aluminium5052'],
  ['copper|cu', 'copper'],
  ['brass', 'brass'],
  ['titanium|ti', 'titanium2'],
  ['nickel(?:\\s+625)?|625(?:\\s+nickel)?', 'nickel625'],
];

/** The rarer kinds first: their words hold those of the common ones. */
const kindWords: readonly (readonly [pattern: string, kind: SeamKind])[] = seamKinds
  .toReversed()
  .map((kind) => [seamRow(kind).typed, kind]);

/** A length with or without its unit; two whole numbers beside each other are two, and “1 1/2” is one. */
const length = '(?:\\d+[- ]\\d+/\\d+|\\d*[.,]?\\d+(?:/\\d+)?)\\s*(?:mm|cm|in(?:ch)?|"|thou|ga(?:uge)?)?';

/** A flow of gas. */
const flow = '\\d+(?:[.,]\\d+)?\\s*(?:cfh|scfh|l/min|lpm)';

/** A tube this thick is its outside diameter: no wall that is welded by hand is. */
const leastTubeMm = 9;

/** Small words that only hold a sentence together. */
const glue = new Set([
  'to',
  'x',
  'and',
  'on',
  'with',
  'a',
  'an',
  'the',
  'of',
  'as',
  'weld',
  'sheet',
  'joint',
  '+',
  ',',
]);

/** A machine that can be said by its name. */
interface NamedMachine {
  readonly id: string;
  readonly name: string;
}

/**
 * Understands a joint said at once, such as "304 1.5 butt", "16ga al corner" or "steel 2 to 3 lap gap .2 wire 1".
 * Sizes are handed on as they were typed; a machine is understood by its name, with or without its article. Never throws; what is not understood is named.
 *
 * @example
 * understandJoint('16ga al corner') // => { metals: ['aluminium5052'], kind: 'outsideCorner', thicknesses: ['16ga'], unknown: [] }
 */
export function understandJoint(text: string, machines: readonly NamedMachine[] = []): UnderstoodJoint {
  let rest = ` ${text.toLowerCase().replace(/(\d)\s+(ga|gauge|mm|in|thou)\b/g, '$1$2')} `;
  const take = (pattern: string): string | undefined => {
    const found = new RegExp(`(?<=[\\s,])(?:${pattern})(?=[\\s,])`).exec(rest);
    if (found === null) return undefined;
    rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found[1] ?? found[0];
  };
  const machine = machines.find(({ name }) => take(namePattern(name)) !== undefined)?.id;
  const said = take(flow);
  const gas = shieldingGases.find((each) => take(gasTable[each].short) !== undefined);
  const isTube = /[\s,](?:tube|pipe|od)s?[\s,]/.test(rest);
  const noWire = take('(?:no|without)\\s+wire|dry');
  const wire = noWire === undefined ? (take(`wire\\s+(${length})`) ?? take(`(${length})\\s+wire`)) : null;
  const gap = take(`gap\\s+(?:of\\s+)?(${length})`) ?? take(`(${length})\\s+gap`);
  const kind = kindWords.find(([pattern]) => take(pattern) !== undefined)?.[1];
  const metals = metalWords
    .flatMap(([pattern, metal]) => {
      const at = rest.search(new RegExp(`(?<=[\\s,])(?:${pattern})(?=[\\s,])`));
      return take(pattern) === undefined ? [] : [{ at, metal }];
    })
    .toSorted((a, b) => a.at - b.at)
    .map(({ metal }) => metal);
  const thicknesses: string[] = [];
  for (let next = take(length); next !== undefined; next = take(length)) thicknesses.push(next.trim());
  const tube = isTube ? takeTube(thicknesses) : undefined;
  if (isTube) take('(?:tube|pipe|od)s?');
  const unknown = rest.split(/[\s,]+/).filter((word) => word !== '' && !glue.has(word));
  return {
    metals,
    ...(kind === undefined ? {} : { kind }),
    thicknesses: thicknesses.filter((each) => parseNumber(each) !== null),
    ...(gap === undefined ? {} : { gap: gap.trim() }),
    ...(wire === undefined ? {} : { wire: wire === null ? null : wire.trim() }),
    ...(tube === undefined ? {} : { tube }),
    ...(gas === undefined ? {} : { gas }),
    ...(said === undefined ? {} : { flow: said }),
    ...(machine === undefined ? {} : { machine }),
    unknown,
  };
}

/** A name as it may be said: "the bench unit" or "bench unit". */
function namePattern(name: string): string {
  const plain = name.toLowerCase().replace(/^the\s+/, '');
  return `(?:the\\s+)?${plain.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`;
}

/** Takes the outside diameter out of what was typed as sizes; undefined where none is large enough. */
function takeTube(sizes: string[]): string | undefined {
  const at = sizes.findIndex((size) => {
    const parsed = parseQuantity(size, 'length');
    return parsed.ok && parsed.value >= leastTubeMm;
  });
  return at === -1 ? undefined : sizes.splice(at, 1)[0];
}
