/** What SQLite, PostgreSQL and the file system answer where a disk has no room. */
const fullCodes = ['SQLITE_FULL', 'ENOSPC', 'EDQUOT', '53100'];
const damagedCodes = ['SQLITE_CORRUPT', 'SQLITE_NOTADB', 'XX001', 'XX002'];
const lockedCodes = ['SQLITE_READONLY', 'EROFS', 'EACCES', 'EPERM', '25006', '42501'];
/** A database server that cannot be reached, is starting or stopping, or takes no more connections. */
const awayCodes = [
  ...['ECONNREFUSED', 'ECONNRESET', 'ENOTFOUND', 'EHOSTUNREACH', 'ENETUNREACH', 'ETIMEDOUT', 'EPIPE'],
  ...['57P01', '57P02', '57P03', '53300', '08000', '08001', '08003', '08006'],
];
/** What its driver says without a code. */
const awayWords =
  /Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error|connection is insecure/;

/** What a disk or a database server does to a shop: each kind wants something else done about it. */
export type StorageTrouble = 'full' | 'damaged' | 'locked' | 'disk' | 'away';

/**
 * What is behind an error of SQLite, PostgreSQL or the file system; null where it is none of the disk.
 *
 * SQLite tells finer kinds by a longer code, such as SQLITE_IOERR_WRITE.
 */
export function storageTrouble(error: unknown): StorageTrouble | null {
  const code = codeOf(error);
  const is = (codes: readonly string[]) => codes.some((each) => code === each || code.startsWith(`${each}_`));
  if (is(fullCodes)) return 'full';
  if (is(damagedCodes)) return 'damaged';
  if (is(lockedCodes)) return 'locked';
  if (is(['SQLITE_IOERR', 'SQLITE_CANTOPEN', 'EIO', '58030'])) return 'disk';
  return is(awayCodes) || (code === '' && awayWords.test(messageOf(error))) ? 'away' : null;
}

/** Code of an error, or of what it was made from: TypeORM wraps what the driver throws. */
export function codeOf(error: unknown): string {
  const { code, driverError } = (error ?? {}) as { code?: unknown; driverError?: unknown };
  if (typeof code === 'string') return code;
  return driverError === undefined ? '' : codeOf(driverError);
}

function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : '';
}

const toDo: Readonly<Record<StorageTrouble, string>> = {
  full: 'The disk is full: make room on it and start again. Nothing that was saved is lost.',
  damaged:
    'It is damaged, or no database at all. Leave it as it is, copy the whole folder elsewhere, then restore the newest backup (./heron restore FILE).',
  locked: 'It cannot be written: give its folder back the right to be written by whoever starts the server.',
  away: 'The database server does not answer: see that it runs and can be reached from here. Nothing that was saved is lost.',
  disk: 'The disk does not answer as it should: copy the folder to another disk before anything else.',
};

/** What to do about a trouble, in words for whoever starts the server. */
export function adviceFor(trouble: StorageTrouble): string {
  return toDo[trouble];
}
