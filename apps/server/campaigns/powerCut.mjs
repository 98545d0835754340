/** Acts out a power cut after a kill: of what was written and not synced, some is lost. */
import {
  closeSync,
  ftruncateSync,
  openSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeSync,
} from 'node:fs';
import { join } from 'node:path';

const headLength = 1 + 5 * 8;
/** A disk writes whole sectors. */
const sector = 512;

/** @returns how many writes were not synced, and how many of them were lost */
export function cutPower(folder, log, draws) {
  const files = new Map(filesIn(folder).map((path) => [statSync(path).ino, path]));
  const volatile = unsynced(readFileSync(log));
  rmSync(log);
  let writes = 0;
  let lost = 0;
  for (const [file, entries] of volatile) {
    const path = files.get(file);
    if (path === undefined) continue;
    const kept = entries.map(() => draws.next() < 0.5);
    writes += entries.length;
    lost += kept.filter((isKept) => !isKept).length;
    replay(path, entries, kept, draws);
  }
  return { writes, lost };
}

function filesIn(folder) {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name));
}

/** What was written to each file since it was last synced. */
function unsynced(log) {
  const files = new Map();
  for (let at = 0; at + headLength <= log.length;) {
    const kind = String.fromCharCode(log[at]);
    const [file, where, sizeBefore, oldLength, newLength] = [0, 1, 2, 3, 4].map((i) =>
      Number(log.readBigUInt64LE(at + 1 + 8 * i)),
    );
    at += headLength;
    const old = log.subarray(at, at + oldLength);
    const bytes = log.subarray(at + oldLength, at + oldLength + newLength);
    at += oldLength + newLength;
    // The last entry may have been cut by the kill: then its write never came.
    if (at > log.length) break;
    if (kind === 'S') files.delete(file);
    else files.set(file, [...(files.get(file) ?? []), { kind, where, sizeBefore, old, bytes }]);
  }
  return files;
}

/** Takes a file back to its last sync, and writes again what was kept: in full, or the last one up to some sector. */
function replay(path, entries, kept, draws) {
  const file = openSync(path, 'r+');
  try {
    for (const { where, sizeBefore, old } of entries.toReversed()) {
      if (old.length > 0) writeSync(file, old, 0, old.length, where);
      ftruncateSync(file, sizeBefore);
    }
    entries.forEach(({ kind, where, bytes }, i) => {
      if (!kept[i]) return;
      if (kind === 'T') ftruncateSync(file, where);
      else {
        const isTorn = i === entries.length - 1 && draws.next() < 0.5;
        const length = isTorn ? Math.floor((draws.next() * bytes.length) / sector) * sector : bytes.length;
        writeSync(file, bytes, 0, length, where);
      }
    });
  } finally {
    closeSync(file);
  }
}
