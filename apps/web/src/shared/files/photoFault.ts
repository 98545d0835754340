import { largestPhoto, sentPhotoTypes } from '@lone-heron/contract';

const megabyte = 1024 * 1024;

/** What a field for photos lets one choose: HEIC also by its name, for not every system knows its type. */
export const photoChoice = [...sentPhotoTypes, '.heic', '.heif'].join(',');

/** Why a file cannot be taken as a photo, and what to do; null for one that can. */
export function photoFault({ name, type, size }: Pick<File, 'name' | 'type' | 'size'>): string | null {
  const isHeicByName = type === '' && /\.hei[cf]$/i.test(name);
  if (!isHeicByName && !sentPhotoTypes.some((each) => each === type))
    return `${name} is ${type === '' ? 'no picture that is known here' : type}; allowed is JPEG, PNG, WebP or HEIC.`;
  if (size > largestPhoto)
    return `${name} has ${Math.ceil(size / megabyte)} MB; up to ${largestPhoto / megabyte} MB is taken.`;
  return null;
}
