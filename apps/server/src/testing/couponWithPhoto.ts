import type { Photo } from '@lone-heron/contract';
import sharp from 'sharp';
import { couponDraft, newId, type Desk } from './sampleServer.js';

/** Stores a coupon with a photo of its face. @returns the photo */
export async function couponWithPhoto(desk: Desk): Promise<Photo> {
  const couponId = newId();
  await desk.put(`/api/coupons/${couponId}`).send(couponDraft()).expect(201);
  const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#c86' } })
    .png()
    .toBuffer();
  const answer = await desk
    .put(`/api/coupons/${couponId}/photos/${newId()}?subject=face`)
    .set('Content-Type', 'image/png')
    .send(picture)
    .expect(200);
  return answer.body as Photo;
}
