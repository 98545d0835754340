import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import * as core from './index.js';
import * as samples from './testing/sampleJobs.js';

/**
 * Every `@example` in the core's doc comments: an expression, `// =>`, and what it gives. It may name what the core shows, and what
 * its own file and its domain do. Where an example needs a whole job it is that of testing/sampleJobs.ts: a 1.5 mm butt in 304 with a gap of 0.1 mm on the bench machine.
 */
interface DocExample {
  file: string;
  expression: string;
  expected: string;
}

const examplePattern = /@example\n\s*\*\s(.+?)\s\/\/ => (.+)$/gm;

function findExamples(folder: string): DocExample[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'))
    .flatMap((file) =>
      [...readFileSync(join(folder, file), 'utf8').matchAll(examplePattern)].map((match) => ({
        file,
        expression: match[1] as string,
        expected: match[2] as string,
      })),
    );
}

function shownBy(path: string): Record<string, unknown> {
  return jest.requireActual(join(__dirname, path));
}

function evaluate(source: string, file: string): unknown {
  const known = { ...core, ...samples, ...shownBy(join(dirname(file), 'index.ts')), ...shownBy(file) };
  const run = new Function(...Object.keys(known), `return (${source});`) as (...values: unknown[]) => unknown;
  return run(...Object.values(known));
}

describe('examples in the doc comments', () => {
  const examples = findExamples(__dirname);

  it('are found', () => {
    expect(examples.length).toBeGreaterThan(20);
  });

  it.each(examples)('$file: $expression gives $expected', ({ file, expression, expected }) => {
    expect(evaluate(expression, file)).toEqual(evaluate(expected, file));
  });
});
