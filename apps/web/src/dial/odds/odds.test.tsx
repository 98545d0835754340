import { houseStarts } from '@lone-heron/contract';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { readAddress } from '../dialAddress.js';
import { dialOutcome, noHand, suggestFor, type DialOutcome } from '../dialOutcome.js';
import { firstWords } from '../../shared/saidJoint/dialWords.js';
import { readSentence, type Said } from '../../shared/saidJoint/readSentence.js';
import Caution from './Caution.js';
import { Expectation } from './Expectation.js';
import Shortfall from './Shortfall.js';
import type { Dial } from '../useDial.js';
import Warnings from './Warnings.js';
import { wordsOfChange } from './wordsOfChange.js';

function outcomeOf(search: string): DialOutcome {
  const { said } = readSentence(readAddress(new URLSearchParams(search)).address.words, [sampleMachine]);
  const answer = dialOutcome(suggestFor(said as Said, houseStarts), noHand);
  if ('refusal' in answer) throw new Error(answer.refusal);
  return answer.outcome;
}

const textOf = (name: string) => screen.getByRole('region', { name }).textContent;

describe('what to expect', () => {
  it('gives each outcome its probability, in whole per cents that add up', () => {
    render(<Expectation outcome={outcomeOf('')} isSettled />);
    const shares = screen
      .getAllByRole('listitem')
      .map((item) => Number(/(\d+)\u202f%/.exec(item.textContent)?.[1]));
    expect(shares).toHaveLength(5);
    const total = shares.reduce((sum, share) => sum + share, 0);
    expect(Math.abs(total - 100)).toBeLessThanOrEqual(2);
    expect(textOf('What to expect')).toContain('Scrap first: about 4 coupons.');
  });

  it('says what a share of the thickness lands on', () => {
    render(<Expectation outcome={outcomeOf('first=3 mm&second=3 mm&aim=share-70')} isSettled />);
    expect(textOf('What to expect')).toContain('reaches 70 %, evenly');
  });

  it('says of two sides that they meet', () => {
    render(<Expectation outcome={outcomeOf('first=5 mm&second=5 mm&wire=none&sides=2')} isSettled />);
    expect(textOf('What to expect')).toContain('the two sides meet, evenly');
  });

  it.each([
    ['a butt', '', 'through without a hole'],
    ['a T, whose far side stays whole', 'kind=tee&first=2 mm&second=2 mm&wire=0.8', 'fused without a hole'],
    ['a share', 'first=3 mm&second=3 mm&aim=share-70', 'that deep without a hole'],
    ['two sides', 'first=5 mm&second=5 mm&wire=none&sides=2', 'meet without a hole'],
  ])('never leaves a cold weld of %s to be read as a hole', (_, search, said) => {
    render(<Expectation outcome={outcomeOf(search)} isSettled />);
    expect(textOf('What to expect')).toContain(said);
  });

  it('does not send anybody to weld scrap for what cannot be done', () => {
    const hopeless = outcomeOf('first=10 mm&second=10 mm&wire=none');
    render(<Expectation outcome={hopeless} isSettled />);
    expect(textOf('What to expect')).toContain('More scrap will not help');
  });

  it('says that scrap would tell where the machine falls short by less than the doubt', () => {
    render(<Expectation outcome={outcomeOf('first=6 mm&second=6 mm&wire=none')} isSettled />);
    expect(textOf('What to expect')).toMatch(/It may land all the same: about \d+ coupons would tell\./);
  });

  it('tries a remedy at a press', async () => {
    const hopeless = outcomeOf('first=6 mm&second=6 mm&wire=none');
    const sayWords = jest.fn();
    const dial = { address: { words: firstWords }, sayWords } as unknown as Dial;
    render(<Shortfall suggested={hopeless.suggested} dial={dial} machines={[sampleMachine]} />);
    await userEvent.click(screen.getByRole('button', { name: /^Weld from both sides/ }));
    expect(sayWords).toHaveBeenCalledWith({ sides: '2' });
    await userEvent.click(screen.getByRole('button', { name: /^A machine of \d+ W/ }));
    expect(sayWords).toHaveBeenLastCalledWith({ asIf: expect.stringMatching(/^\d+ W$/) });
  });
});

describe('a remedy as words of the sentence', () => {
  const machine = (id: string, watts: number) => ({
    ...sampleMachine,
    id,
    profile: { ...sampleMachine.profile, powerW: { least: 100, most: watts, step: 10 } },
  });
  const said = (change: Parameters<typeof wordsOfChange>[0], words = firstWords) =>
    wordsOfChange(change, words, [machine('weak', 1500), machine('huge', 3000), machine('strong', 2000)]);

  it('says sizes in mm, and turns the sheets with their metals', () => {
    expect(said({ kind: 'gap', gap: 0.00015 as never })).toEqual({ gap: '0.15 mm' });
    expect(said({ kind: 'bevel', land: 0.002 as never, includedAngle: (Math.PI / 3) as never })).toEqual({
      bevel: '60',
      land: '2 mm',
    });
    expect(said({ kind: 'wire', diameter: null })).toEqual({ wire: 'none' });
    expect(said({ kind: 'wire', diameter: 0.0012 as never })).toEqual({ wire: '1.2' });
    expect(said({ kind: 'share', share: 0.7 as never })).toEqual({ aim: 'share-70' });
    expect(said({ kind: 'leg', leg: 0.004 as never })).toEqual({ leg: '4 mm' });
    expect(said({ kind: 'hole', holeDiameter: 0.009 as never })).toEqual({ hole: '9 mm' });
    expect(said({ kind: 'bothSides', leg: 0.0015 as never })).toEqual({ sides: '2', leg: '1.5 mm' });
    const pair = { ...firstWords, first: '3 mm', second: '1 mm', secondMetal: 'copper' };
    expect(said({ kind: 'swapSheets' }, pair)).toEqual({
      first: '1 mm',
      second: '3 mm',
      metal: 'copper',
      secondMetal: 'stainless304',
    });
  });

  it('takes the weakest machine of the shop that is strong enough, and tries one where there is none', () => {
    expect(said({ kind: 'machine', power: 1800 as never })).toEqual({ machine: 'strong', asIf: '' });
    expect(said({ kind: 'machine', power: 4000 as never })).toEqual({ asIf: '4000 W' });
  });
});

describe('notices', () => {
  it('are not there when there is nothing to say', () => {
    const { container } = render(<Warnings outcome={outcomeOf('first=1.5 mm&second=1.5 mm&wire=none')} />);
    expect(container.innerHTML).toBe('');
  });

  it('say of galvanised sheet how much zinc boils off, and what to do', () => {
    render(<Warnings outcome={outcomeOf('metal=galvanised')} />);
    expect(screen.getByText(/Zinc boils off, about \d\.\d g a metre: extract/)).toBeTruthy();
  });

  it.each([
    ['metal=stainless304', 'hexavalent chromium'],
    ['metal=aluminium5052', 'throws the beam back'],
    ['metal=galvanised&kind=lap', 'Zinc boils'],
    ['metal=lowCarbonSteel', 'barrier shut'],
    ['metal=stainless304&secondMetal=copper', 'Copper and brass fume'],
  ])('caution for %s speaks of what hurts, and leaves the decision to people', (search, words) => {
    render(<Caution suggested={outcomeOf(search).suggested} />);
    const note = screen.getByRole('note').textContent;
    expect(note).toContain(words);
    expect(note).toMatch(/officer\s+decide/);
  });
});
