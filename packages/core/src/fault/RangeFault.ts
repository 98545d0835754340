/** What a caller needs to put a refused value right. */
export interface FaultDetail {
  /** The quantity in the shop's words, such as "thickness". */
  readonly quantity: string;
  /** The value as it was given. */
  readonly given: string;
  /** What would have been accepted, with its unit. */
  readonly allowed: string;
  /** What to do next, when there is more to say than the allowed range. */
  readonly remedy?: string;
}

/** A value that the core refuses to compute with: it names the quantity, what was given and what is allowed. */
export class RangeFault extends Error implements FaultDetail {
  override readonly name = 'RangeFault';
  readonly quantity: string;
  readonly given: string;
  readonly allowed: string;
  readonly remedy?: string;

  constructor(detail: FaultDetail) {
    super(describeFault(detail));
    this.quantity = detail.quantity;
    this.given = detail.given;
    this.allowed = detail.allowed;
    if (detail.remedy !== undefined) this.remedy = detail.remedy;
  }
}

/**
 * One sentence for a person: what was given, what is allowed, what to do.
 *
 * @example
 * describeFault({ quantity: 'thickness', given: '400 mm', allowed: '0.3 to 12 mm' }) // => 'thickness 400 mm: allowed is 0.3 to 12 mm.'
 */
export function describeFault({ quantity, given, allowed, remedy }: FaultDetail): string {
  const sentence = `${quantity} ${given}: allowed is ${allowed}.`;
  return remedy === undefined ? sentence : `${sentence} ${remedy}`;
}
