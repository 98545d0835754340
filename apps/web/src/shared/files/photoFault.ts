import { largestPhoto, photoTypes } from '@lone-heron/contract';

const megabyte = 1024 * 1024;

/** Why a file cannot be taken as a photo, and what to do; null for one that can. */
export function photoFault({ name, type, size }: Pick<File, 'name' | 'type' | 'size'>): string | null {
  if (/heic|heif/i.test(type) || /\.hei[cf]$/i.test(name))
    return `${name} is HEIC, which browsers cannot show. Take the photo from this page, or set the camera to “most compatible”, or save it as JPEG.`;
  if (!photoTypes.some((each) => each === type))
    return `${name} is ${type === '' ? 'no picture that is known here' : type}; allowed is JPEG, PNG or WebP.`;
  if (size > largestPhoto)
    return `${name} has ${Math.ceil(size / megabyte)} MB; up to ${largestPhoto / megabyte} MB is taken.`;
  return null;
}
