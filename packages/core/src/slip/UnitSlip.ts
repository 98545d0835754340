/** A number that is not likely as it stands, with what was probably meant. */
export interface UnitSlip {
  readonly words: string;
  /** In the unit the number was read in; null where nothing likely explains it. */
  readonly probably: number | null;
}
