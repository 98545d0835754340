import { decodeText } from './decodeText.js';

describe('the text of a file', () => {
  it('is read as UTF-8, its mark left out', () => {
    expect(decodeText(Buffer.from('\uFEFFgrößer ½″'))).toBe('größer ½″');
  });

  it('is read as a spreadsheet of Western Europe wrote it where it is no UTF-8', () => {
    expect(decodeText(Buffer.from([0x67, 0x72, 0xf6, 0xdf, 0x65, 0x72, 0x20, 0x80]))).toBe('größer €');
  });
});
