import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as core from './index.js';

/** Every `@example` in the core's doc comments: an expression, `// =>`, and what it gives. */
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

function evaluate(source: string): unknown {
  const names = Object.keys(core);
  const run = new Function(...names, `return (${source});`) as (...values: unknown[]) => unknown;
  return run(...names.map((name) => core[name as keyof typeof core]));
}

describe('examples in the doc comments', () => {
  const examples = findExamples(__dirname);

  it('are found', () => {
    expect(examples.length).toBeGreaterThan(20);
  });

  it.each(examples)('$file: $expression gives $expected', ({ expression, expected }) => {
    expect(evaluate(expression)).toEqual(evaluate(expected));
  });
});
