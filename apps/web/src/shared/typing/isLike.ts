/** Whether a kept value can stand where another stood: what an older version kept may be of another shape. */
export function isLike<Value>(pattern: Value, kept: unknown): kept is Value {
  if (pattern === null || pattern === undefined) return true;
  if (Array.isArray(pattern)) return Array.isArray(kept);
  if (typeof pattern !== 'object') return typeof kept === typeof pattern;
  if (typeof kept !== 'object' || kept === null || Array.isArray(kept)) return false;
  return Object.entries(pattern).every(([key, value]) =>
    isLike(value, (kept as Record<string, unknown>)[key]),
  );
}
