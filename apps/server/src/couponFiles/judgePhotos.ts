import type { FiledPhoto } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import type { TellProgress } from '../fileWork/FileWork.js';
import { personIds } from '../people/face/readPeople.js';
import { cleanPicture, hashOf, UnreadablePicture } from '../photos/face/photoFiles.js';
import { keptPhotos, type KeptPhoto } from '../photos/face/readPhotos.js';
import type { NewPhoto } from '../photos/face/storePhotos.js';
import type { Archive } from './readArchive.js';
import { standingsOf, type JudgedRow, type Standings } from './face/JudgedRow.js';

/**
 * Holds the photos of a file against what is stored.
 *
 * @param takeIn see {@link takingIn}
 * @param coupons ids of the coupons that are stored or would be
 */
export async function judgePhotos(
  manager: EntityManager,
  { photos }: Archive,
  takeIn: TakeIn,
  coupons: ReadonlySet<string>,
  tell: TellProgress,
): Promise<readonly JudgedRow<NewPhoto>[]> {
  const ids = photos.flatMap(({ record }) => (record === null ? [] : [record.id]));
  const rows = await keptPhotos(manager, ids);
  const stored = new Map(rows.map((row) => [row.id, row]));
  const people = await personIds(manager);
  const known = { stored, people, coupons, takeIn };
  const judged: JudgedRow<NewPhoto>[] = [];
  const fresh = new Set<string>();
  for (const [i, photo] of photos.entries()) {
    tell({ phase: 'pictures', done: i, of: photos.length });
    const { record } = photo;
    const words = record === null ? '' : `photo of ${record.subject}, ${record.widthPx} × ${record.heightPx}`;
    const standing = standingsOf<NewPhoto>('photo', i + 1, words);
    const row =
      record !== null && fresh.has(record.id)
        ? standing.duplicate('stands twice in this file')
        : await judgePhoto(photo, known, standing);
    if (row.record !== null) fresh.add(row.record.photo.id);
    judged.push(row);
  }
  return judged;
}

/** What a photo is held against. */
interface Known {
  readonly stored: ReadonlyMap<string, KeptPhoto>;
  readonly people: ReadonlySet<string>;
  readonly coupons: ReadonlySet<string>;
  readonly takeIn: TakeIn;
}

async function judgePhoto(
  { record: photo, reasons }: Archive['photos'][number],
  { stored, people, coupons, takeIn }: Known,
  { wrong, duplicate, fresh }: Standings<NewPhoto>,
): Promise<JudgedRow<NewPhoto>> {
  if (photo === null) return wrong(...reasons);
  const same = stored.get(photo.id);
  if (same !== undefined) {
    return same.couponId === photo.couponId && [same.hash, same.sentHash].includes(photo.hash)
      ? duplicate('is here already')
      : wrong('id is that of another photo; a photo is never overwritten');
  }
  if (!coupons.has(photo.couponId)) return wrong('its coupon is neither here nor in this file');
  if (!people.has(photo.addedBy))
    return wrong(`addedBy is “${photo.addedBy}”; allowed is a person of this shop`);
  const taken = await takeIn(photo);
  return typeof taken === 'string' ? wrong(taken) : fresh(taken);
}

/** The picture of a photo as it would be kept, or why it cannot be. */
export type TakeIn = (photo: FiledPhoto) => Promise<NewPhoto | string>;

/** Takes each picture of a file in once, however often it is asked for: making one clean takes a moment. */
export function takingIn({ pictures }: Archive): TakeIn {
  const taken = new Map<string, Promise<NewPhoto | string>>();
  return (photo) => {
    const before = taken.get(photo.id);
    if (before !== undefined) return before;
    const now = cleanlyTaken(photo, pictures.get(photo.hash));
    taken.set(photo.id, now);
    return now;
  };
}

async function cleanlyTaken(photo: FiledPhoto, bytes: Uint8Array | undefined): Promise<NewPhoto | string> {
  if (bytes === undefined) return 'its picture is not in this file';
  const sent = Buffer.from(bytes);
  if (hashOf(sent) !== photo.hash) return 'its picture is not the one that its hash names';
  try {
    return { photo, picture: await cleanPicture(sent), sentHash: photo.hash };
  } catch (fault) {
    if (fault instanceof UnreadablePicture) return fault.message;
    throw fault;
  }
}
