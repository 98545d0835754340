import { largestPhoto } from '@lone-heron/contract';
import { photoFault } from './photoFault.js';

describe('a file taken as a photo', () => {
  it.each([
    [{ name: 'a.jpg', type: 'image/jpeg', size: 100 }, null],
    [{ name: 'IMG_1.HEIC', type: '', size: 100 }, null],
    [{ name: 'b', type: 'image/heif', size: 100 }, null],
    [{ name: 'c.tif', type: 'image/tiff', size: 100 }, 'is image/tiff; allowed is JPEG'],
    [{ name: 'IMG_1.HEIC', type: 'application/x-msdownload', size: 100 }, 'is application/x-msdownload'],
    [{ name: 'd.exe', type: '', size: 100 }, 'no picture that is known here'],
    [{ name: 'e.png', type: 'image/png', size: largestPhoto + 1 }, 'MB is taken'],
  ])('%j', (file, said) => {
    const fault = photoFault(file);
    if (said === null) expect(fault).toBeNull();
    else expect(fault).toContain(said);
  });
});
