import { mainFont, moreLettersFont, textRuns } from './printable.js';

describe('words on a page', () => {
  it('are one run where the typeface’s first file has every letter', () => {
    expect(textRuns('Hatch frame, 2 mm – “keep”')).toEqual([
      { text: 'Hatch frame, 2 mm – “keep”', font: mainFont },
    ]);
  });

  it('take the letters of other languages from its second file', () => {
    expect(textRuns('Łukasz Dőry')).toEqual([
      { text: 'Ł', font: moreLettersFont },
      { text: 'ukasz D', font: mainFont },
      { text: 'ő', font: moreLettersFont },
      { text: 'ry', font: mainFont },
    ]);
  });

  it('lose the marks that neither file draws, and keep the letter', () => {
    expect(textRuns('Nguyễn')).toEqual([{ text: 'Nguyen', font: mainFont }]);
  });

  it('say signs that no file has in words', () => {
    const words = (text: string) => textRuns(text).map((run) => run.text);
    expect(words('56\u202f%')).toEqual(['56\u00a0%']);
    expect(words('≤ 5 µm')).toEqual(['at most 5 um']);
  });
});
