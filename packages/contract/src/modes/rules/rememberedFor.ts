/**
 * What was worked out for something that never changes, worked out once: trials of a shop are thousands, and a plate asks for
 * the odds of a hundred settings at a time. Forgotten with the thing itself.
 */
export class RememberedFor<Owner extends object, Value> {
  private readonly known = new WeakMap<Owner, Map<string, Value>>();

  of(owner: Owner, key: string, make: () => Value): Value {
    const mine = this.known.get(owner) ?? new Map<string, Value>();
    this.known.set(owner, mine);
    const before = mine.get(key);
    if (before !== undefined) return before;
    const made = make();
    mine.set(key, made);
    return made;
  }
}
