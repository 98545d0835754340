import { positions } from '@lone-heron/core';

type WeldingPosition = (typeof positions)[number];

/** What a line says beside its joint, each as it was typed; what was not said is left out. */
export interface WeldLineParts {
  readonly mark?: string;
  readonly count?: string;
  readonly sides?: 1 | 2;
  readonly length?: string;
  readonly leg?: string;
  readonly hole?: string;
  readonly stitch?: { readonly length: string; readonly pitch: string; readonly offset?: string };
  readonly after: readonly string[];
  readonly pose?: string;
  readonly where?: string;
  readonly position?: WeldingPosition;
  /** The joint itself, for who reads joints. */
  readonly rest: string;
}

const number = '(?:\\d+[- ]\\d+/\\d+|\\d*[.,]?\\d+(?:/\\d+)?)';
const length = `${number}\\s*(?:mm|cm|m|in(?:ch)?|ft|"|thou)?`;
const mark = '[a-z]{1,4}[-.]?\\d{1,5}[a-z]?';

const positionWords: readonly (readonly [pattern: string, position: WeldingPosition])[] = positions.map(
  (each) => [positionPattern(each), each],
);

/** "verticalUp" is typed as "vertical up". */
function positionPattern(position: WeldingPosition): string {
  return position.replace(/([A-Z])/g, (capital) => `\\s+${capital.toLowerCase()}`);
}

/** Takes what a line says beside its joint out of it. */
export function weldLineParts(text: string): WeldLineParts {
  let rest = ` ${text} `;
  const take = (pattern: string): RegExpExecArray | null => {
    const found = new RegExp(`(?<=[\\s,;:])(?:${pattern})(?=[\\s,;:.])`, 'i').exec(rest);
    if (found === null) return null;
    rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found;
  };
  const where = takeQuoted();
  const after = take(`after\\s+(${mark}(?:(?:\\s*(?:,|and|\\+)\\s*|\\s+)${mark})*)`)?.[1];
  const pose = take('pose:?\\s+([^,;]+)')?.[1]?.trim();
  const first = new RegExp(`^\\s*(${mark})[:.)]?(?=[\\s,;])`, 'i').exec(rest);
  if (first !== null && !looksLikeJoint(first[1] ?? '')) rest = ` ${rest.slice(first[0].length)}`;
  const stitch = takeStitch(take);
  const leg = take(`leg:?\\s+(${length})`)?.[1];
  const hole = take(`hole:?\\s+(${length})`)?.[1];
  const sides =
    take('(?:both|two|2|each)\\s+sides?') !== null ? 2 : take('(?:one|1)\\s+side') !== null ? 1 : undefined;
  const counted = take('[x×]\\s?(\\d+)|(\\d+)\\s?[x×]') ?? take('(\\d+)\\s*(?:off|pcs|pieces|times|seams)');
  const long =
    take(`(?:length|len|l)\\s*[:=]?\\s*(${length})(?:\\s+long)?`) ??
    take(`(${length})\\s+long`) ??
    // No sheet is said in these.
    take(`(${number}\\s*(?:m|ft))`);
  const position = positionWords.find(([pattern]) => take(pattern) !== null)?.[1];
  return {
    ...(first === null || looksLikeJoint(first[1] ?? '') ? {} : { mark: first[1] as string }),
    ...(counted === null ? {} : { count: (counted[1] ?? counted[2]) as string }),
    ...(sides === undefined ? {} : { sides }),
    ...(long?.[1] === undefined ? {} : { length: long[1].trim() }),
    ...(leg === undefined ? {} : { leg: leg.trim() }),
    ...(hole === undefined ? {} : { hole: hole.trim() }),
    ...(stitch === null ? {} : { stitch }),
    after: after === undefined ? [] : (after.match(new RegExp(mark, 'gi')) ?? []),
    ...(pose === undefined ? {} : { pose }),
    ...(where === undefined ? {} : { where }),
    ...(position === undefined ? {} : { position }),
    rest: rest.replace(/;/g, ',').trim(),
  };

  function takeQuoted(): string | undefined {
    const found = /["“”]([^"“”]{2,})["“”]/.exec(rest);
    // An inch mark is no quotation.
    if (found === null || /\d$/.test(rest.slice(0, found.index))) return undefined;
    rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found[1]?.trim();
  }
}

/** "ss304" and "a36" say a metal, "t2" nothing yet. */
function looksLikeJoint(word: string): boolean {
  return /^(?:ss|aisi|al|alu|a|ms|crs|hrs|ti|cu|od|ga|ga\.)[-.]?\d+/i.test(word) && !/^a-?\d$/i.test(word);
}

function takeStitch(
  take: (pattern: string) => RegExpExecArray | null,
): NonNullable<WeldLineParts['stitch']> | null {
  const found =
    take(`stitch(?:ed|es)?:?\\s+(${length})\\s*(?:every|pitch|at|/|-|on)\\s*(${length})`) ??
    take(`(${length})\\s+stitch(?:es)?\\s+(?:every|pitch|at)\\s+(${length})`);
  if (found === null) return null;
  const offset = take(`(?:offset|shifted|staggered)(?:\\s+by)?\\s+(${length})`)?.[1];
  return {
    length: (found[1] as string).trim(),
    pitch: (found[2] as string).trim(),
    ...(offset === undefined ? {} : { offset: offset.trim() }),
  };
}
