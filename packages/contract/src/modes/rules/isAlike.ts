/** Whether two of a kind are the same field for field, whatever the order of their fields. */
export function isAlike(one: object, other: object): boolean {
  const ordered = (value: object) => JSON.stringify(Object.entries(value).toSorted());
  return ordered(one) === ordered(other);
}
