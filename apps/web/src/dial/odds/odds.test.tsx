import { render, screen } from '@testing-library/react';
import { sampleMachine } from '../../testing/sampleMachine.js';
import { readAddress } from '../dialAddress.js';
import { dialOutcome, suggestFor, type DialOutcome } from '../dialOutcome.js';
import { readSentence, type Said } from '../readSentence.js';
import { Caution } from './Caution.js';
import { Expectation } from './Expectation.js';
import { Shortfall } from './Shortfall.js';
import { Warnings } from './Warnings.js';

function outcomeOf(search: string): DialOutcome {
  const { said } = readSentence(readAddress(new URLSearchParams(search)).words, [sampleMachine]);
  const answer = dialOutcome(suggestFor(said as Said), {});
  if ('refusal' in answer) throw new Error(answer.refusal);
  return answer.outcome;
}

const textOf = (name: string) => screen.getByRole('region', { name }).textContent;

describe('what to expect', () => {
  it('gives each outcome its probability, in whole per cents that add up', () => {
    render(<Expectation outcome={outcomeOf('')} />);
    const shares = screen
      .getAllByRole('listitem')
      .map((item) => Number(/(\d+)\u202f%/.exec(item.textContent)?.[1]));
    expect(shares).toHaveLength(5);
    const total = shares.reduce((sum, share) => sum + share, 0);
    expect(Math.abs(total - 100)).toBeLessThanOrEqual(2);
    expect(textOf('What to expect')).toContain('Scrap first: about 3 coupons.');
  });

  it('says what a share of the thickness lands on', () => {
    render(<Expectation outcome={outcomeOf('first=3 mm&second=3 mm&aim=share-70')} />);
    expect(textOf('What to expect')).toContain('stops within a tenth of 70 %');
  });

  it('does not send anybody to weld scrap for what cannot be done', () => {
    const hopeless = outcomeOf('first=10 mm&second=10 mm&wire=none');
    render(<Expectation outcome={hopeless} />);
    expect(textOf('What to expect')).toContain('More scrap will not help');
    render(<Shortfall shortfall={hopeless.suggestion.shortfall!} />);
    expect(textOf('What stands in the way')).toContain('Weld from both sides.');
  });
});

describe('notices', () => {
  it('are not there when there is nothing to say', () => {
    const { container } = render(<Warnings warnings={[]} />);
    expect(container.innerHTML).toBe('');
    render(<Warnings warnings={['one thing', 'another']} />);
    expect(screen.getAllByRole('listitem').map((item) => item.textContent)).toEqual(['one thing', 'another']);
  });

  it.each([
    ['stainless304', 'hexavalent chromium'],
    ['aluminium5052', 'throws the beam back'],
    ['lowCarbonSteel', 'barrier shut'],
  ] as const)('caution for %s speaks of what hurts, and leaves the decision to people', (metal, words) => {
    render(<Caution metal={metal} />);
    const note = screen.getByRole('note').textContent;
    expect(note).toContain(words);
    expect(note).toContain('safety officer decide');
  });
});
