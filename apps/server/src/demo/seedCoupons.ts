import type { Photo } from '@lone-heron/contract';
import { v7 as uuid } from 'uuid';
import type { EntityManager } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { rowFromDraft } from '../coupons/couponRow.js';
import { CouponTestEntity } from '../inspection/couponTest.entity.js';
import { keepSection } from '../inspection/face/keepSection.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { PhotoEntity } from '../photos/photo.entity.js';
import { cleanPicture, hashOf, type PhotoFiles } from '../photos/face/photoFiles.js';
import { randomStream, type RandomStream } from '@lone-heron/core';
import { sampleCoupons, type SampleCoupon } from './sampleCoupons.js';
import type { SamplePast } from './sampleDialIns.js';
import { facePicture, sectionFound, sectionPicture } from './sampleSections.js';

/** Every so manyth butt coupon was cut, and of those without a mark behind more; the newest two are still to be measured. */
const cutEvery = 14;
const cutColdEvery = 3;
const leftToMeasure = 2;

/** Coupons with the window they went through, and drawn sections of some. */
export async function seedCoupons(
  manager: EntityManager,
  files: PhotoFiles,
  past: SamplePast,
  now: number,
): Promise<void> {
  const random = randomStream(20_26);
  const windows = await manager.find(ProtectiveWindowEntity, { order: { fittedAt: 'DESC' } });
  const stored: { id: string; sample: SampleCoupon }[] = [];
  for (const [index, sample] of sampleCoupons(past, now, random).entries()) {
    const { draft, personId } = sample;
    const window = windows.find((one) => one.machineId === draft.machineId && one.fittedAt <= draft.weldedAt);
    const id = uuid({ msecs: Date.parse(draft.weldedAt) });
    await manager.insert(CouponEntity, {
      ...rowFromDraft(draft),
      id,
      personId,
      number: index + 1,
      machineRevision: 1,
      windowId: window?.id ?? '',
      recordedAt: draft.weldedAt,
      withdrawnAt: null,
      revision: 1,
      section: null,
    });
    stored.push({ id, sample });
  }
  if (past === 'months') await seedSections(manager, files, stored, random);
}

async function seedSections(
  manager: EntityManager,
  files: PhotoFiles,
  stored: readonly { id: string; sample: SampleCoupon }[],
  random: RandomStream,
): Promise<void> {
  const butts = stored.filter(
    ({ sample: { draft } }) => draft.joint.kind === 'butt' && draft.slip === undefined,
  );
  const isCut = ({ sample: { draft } }: (typeof butts)[number], i: number) =>
    i % (draft.back === 'none' ? cutColdEvery : cutEvery) === 0 || i >= butts.length - leftToMeasure;
  const cut = butts.filter(isCut);
  for (const [index, { id, sample }] of cut.entries()) {
    const section = { subject: 'section', sent: await sectionPicture(sample, random) } as const;
    const photoId = await seedPhoto(manager, files, id, sample, section);
    if (index >= cut.length - leftToMeasure) {
      const face = { subject: 'face', sent: await facePicture(sample, random) } as const;
      await seedPhoto(manager, files, id, sample, face);
      continue;
    }
    const { weldedAt } = sample.draft;
    await manager.insert(CouponTestEntity, {
      id: uuid({ msecs: Date.parse(weldedAt) }),
      couponId: id,
      kind: 'section',
      detail: sectionFound(sample, photoId, random),
      result: 'holds',
      remark: 'drawn sample, not a photo',
      doneAt: weldedAt,
      photoIds: [],
      doneBy: 'maren',
      recordedAt: weldedAt,
      withdrawnAt: null,
    });
    await keepSection(manager, id);
  }
}

async function seedPhoto(
  manager: EntityManager,
  files: PhotoFiles,
  couponId: string,
  sample: SampleCoupon,
  { subject, sent }: { subject: Photo['subject']; sent: Buffer },
): Promise<string> {
  const picture = await cleanPicture(sent);
  await files.keep(picture);
  const id = uuid({ msecs: Date.parse(sample.draft.weldedAt) });
  const { hash, type, widthPx, heightPx, bytes } = picture;
  await manager.insert(PhotoEntity, {
    ...{ id, couponId, hash, type, widthPx, heightPx },
    subject,
    sentHash: hashOf(sent),
    bytes: bytes.length,
    addedAt: sample.draft.weldedAt,
    addedBy: 'maren',
    withdrawnAt: null,
  });
  return id;
}
