import Database from 'better-sqlite3';
import { QueryFailedError } from 'typeorm';
import { adviceFor, storageTrouble } from './storageFault.js';

describe('what is wrong with a disk', () => {
  it.each([
    [{ code: 'SQLITE_FULL' }, 'full'],
    [{ code: 'ENOSPC' }, 'full'],
    [{ code: 'SQLITE_CORRUPT_VTAB' }, 'damaged'],
    [{ code: 'SQLITE_READONLY_DBMOVED' }, 'locked'],
    [{ code: 'EROFS' }, 'locked'],
    [{ code: 'SQLITE_IOERR_FSYNC' }, 'disk'],
    [{ code: 'SQLITE_BUSY' }, null],
    [new Error('no code'), null],
    [undefined, null],
  ])('%j is %s', (error, trouble) => {
    expect(storageTrouble(error)).toBe(trouble);
  });

  it('is read through what TypeORM wraps around it, of a database that really is full', () => {
    const database = new Database(':memory:');
    database.exec('CREATE TABLE kept (word TEXT); PRAGMA max_page_count = 2');
    const fill = () => database.prepare('INSERT INTO kept VALUES (?)').run('x'.repeat(20_000));
    let full: unknown = null;
    try {
      fill();
    } catch (error) {
      full = error;
    }
    expect(storageTrouble(full)).toBe('full');
    expect(storageTrouble(new QueryFailedError('INSERT', [], full as Error))).toBe('full');
    database.close();
  });

  it('is said with what to do', () => {
    expect(adviceFor('full')).toContain('make room');
    expect(adviceFor('damaged')).toContain('./heron restore');
  });
});
