/** A backup that cannot be read back whole, or that this version cannot open. */
export class BrokenBackup extends Error {
  override readonly name = 'BrokenBackup';
}
