import { stockKinds } from '@lone-heron/contract';
import { guides, type GuidedPart } from './guideSteps.js';

const parts: readonly GuidedPart[] = [...stockKinds, 'water'];

describe.each(parts)('how the %s is changed', (part) => {
  const { steps } = guides[part];

  it('gives every step a reason, and no step twice', () => {
    expect(steps.length).toBeGreaterThan(3);
    for (const { does, why } of steps) {
      expect(does.length).toBeGreaterThan(10);
      expect(why.length).toBeGreaterThan(10);
    }
    expect(new Set(steps.map(({ does }) => does)).size).toBe(steps.length);
  });

  it('begins with what keeps people whole, and ends with what tells the next one', () => {
    expect(steps[0]?.does).toMatch(/Laser off, key out|Extraction off and cool/);
    expect(steps.at(-1)?.does).toMatch(/Write down what was seen/);
  });
});

/** The fibre's end is the supplier's: its guide says to leave it, and opens nothing on a bench. */
const opened = parts.filter((part) => guides[part].opensLightPath && part !== 'fibreEnd');

describe.each(opened)('where the %s opens the path of the light', (part) => {
  it('asks for clean air, clean hands and the opening down', () => {
    const all = guides[part].steps.map(({ does }) => does).join('\n');
    expect(all).toMatch(/still air/);
    expect(all).toMatch(/face down/);
    expect(all).toMatch(/Clean hands/);
  });
});

describe('the order in which glass is looked at', () => {
  it('goes up the way of the light, and nobody looks through any', () => {
    const all = guides.window.steps.map(({ does }) => does).join('\n');
    expect(all).toMatch(/focus lens first, then collimator, then mirror, fibre end last/);
    expect(all).toMatch(/Never look through a glass/);
    const at = (words: RegExp) => guides.window.steps.findIndex(({ does }) => words.test(does));
    expect(at(/Look at the old glass/)).toBeLessThan(at(/focus lens first/));
    expect(at(/seal and its seat/)).toBeLessThan(at(/New glass in/));
    expect(at(/New glass in/)).toBeLessThan(at(/pointer alone/));
  });
});
