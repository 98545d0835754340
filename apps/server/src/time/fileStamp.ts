/** A moment as it stands in the name of a file, such as 2026-11-25T18-00-00-000Z. */
export function fileStamp(moment: Date): string {
  return moment.toISOString().replaceAll(/[:.]/g, '-');
}
