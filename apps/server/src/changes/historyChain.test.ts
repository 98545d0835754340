import fc from 'fast-check';
import { brokenLink, linkOf, type HistoryLine } from './face/historyChain.js';

const lines = fc.array(
  fc.record({
    at: fc.date({ noInvalidDate: true }).map((date) => date.toISOString()),
    personId: fc.option(fc.string()),
    noun: fc.string(),
    subjectId: fc.string(),
    what: fc.string(),
  }),
  { minLength: 2, maxLength: 8 },
);

type Sealed = HistoryLine & { readonly hash: string };

function sealed(history: readonly HistoryLine[]): Sealed[] {
  let before = '';
  return history.map((line) => {
    before = linkOf(before, line);
    return { ...line, hash: before };
  });
}

describe('a history', () => {
  it('is whole as it was written', () => {
    fc.assert(fc.property(lines, (history) => expect(brokenLink(sealed(history))).toBeNull()));
    expect(brokenLink([])).toBeNull();
  });

  it('tells the first line that was changed, in any of its parts', () => {
    const part = fc.constantFrom('at', 'personId', 'noun', 'subjectId', 'what', 'hash');
    fc.assert(
      fc.property(lines, fc.nat(), part, (history, at, name) => {
        const place = at % history.length;
        const changed = sealed(history).map((line, i) =>
          i === place ? { ...line, [name]: `${line[name] ?? ''}, changed` } : line,
        );
        expect(brokenLink(changed)).toBe(place + 1);
      }),
    );
  });

  it('tells where a line was taken out, put in again elsewhere or written anew with a hash of its own', () => {
    fc.assert(
      fc.property(lines, fc.nat(), (history, at) => {
        const whole = sealed(history);
        // Of the last line nobody here can tell: the note of saves does.
        const place = at % (whole.length - 1);
        const without = whole.toSpliced(place, 1);
        expect(brokenLink(without)).toBe(place + 1);
        const line = { ...(whole[place] as Sealed), what: 'never was' };
        const forged = { ...line, hash: linkOf(whole[place - 1]?.hash ?? '', line) };
        expect(brokenLink(whole.with(place, forged))).toBe(place + 2);
      }),
    );
  });
});
