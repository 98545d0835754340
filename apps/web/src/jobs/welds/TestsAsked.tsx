import { testKinds, type JobWeld } from '@lone-heron/contract';
import { testWords } from '../../shared/vocabulary/testWords.js';

interface TestsAskedProps {
  tests: JobWeld['tests'];
  onChange: (tests: JobWeld['tests']) => void;
}

/** Tests that are asked for beside what the level asks. */
export function TestsAsked({ tests, onChange }: TestsAskedProps) {
  return (
    <fieldset className="flex flex-wrap gap-2">
      <legend className="mb-1 text-sm font-medium">Tests asked for</legend>
      {testKinds.map((kind) => {
        const isAsked = tests.includes(kind);
        return (
          <label key={kind} className={`btn touch-always btn-sm ${isAsked ? 'btn-primary' : ''}`}>
            <input
              type="checkbox"
              className="sr-only"
              checked={isAsked}
              onChange={() => onChange(isAsked ? tests.filter((each) => each !== kind) : [...tests, kind])}
            />
            {testWords[kind].name}
          </label>
        );
      })}
    </fieldset>
  );
}
