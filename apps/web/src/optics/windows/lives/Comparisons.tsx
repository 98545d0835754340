import type { LifeFactor, Machine, WindowStudy } from '@lone-heron/contract';
import { usePeopleQuery } from '../../../shared/api/heronApi.js';
import { figure } from '../../../shared/figures/figures.js';
import { sentenceStart } from '../../../shared/sentences/sentenceStart.js';
import { factorWords, levelInWords } from './lifeWords.js';

interface ComparisonsProps {
  study: WindowStudy;
  machines: readonly Machine[];
  onPick: (factor: LifeFactor) => void;
}

const believedBelow = 0.05;

/** Every comparison by itself, with what is too few to tell said so. */
export function Comparisons({ study, machines, onPick }: ComparisonsProps) {
  const { data: people = [] } = usePeopleQuery(undefined);
  return (
    <section className="sheet overflow-x-auto px-5 py-3" aria-label="Compared by" tabIndex={0}>
      <h2 className="font-semibold">Compared by each, one at a time</h2>
      <table className="table [&_td]:py-1.5 [&_th]:py-1.5">
        <thead>
          <tr>
            <th scope="col">By</th>
            <th scope="col">Told?</th>
            <th scope="col">Fails so many times as often as the others (failed of windows)</th>
            <th scope="col">
              <span className="sr-only">Curves</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {study.comparisons.map(({ factor, p, levels }) => (
            <tr key={factor}>
              <th scope="row">{sentenceStart(factorWords[factor])}</th>
              <td className="whitespace-nowrap">{toldInWords(p)}</td>
              <td>
                {levels.length === 0
                  ? 'nobody wrote it down'
                  : levels
                      .map(({ level, services, failures, ratio }) => {
                        const name = levelInWords(factor, level, { machines, people });
                        const times = ratio === null ? '' : ` ×${figure(ratio, 1)}`;
                        return `${name}${times} (${failures} of ${services})`;
                      })
                      .join(', ')}
              </td>
              <td>
                <button
                  type="button"
                  className="btn touch btn-ghost"
                  aria-label={`Curves by ${factorWords[factor]}`}
                  onClick={() => {
                    onPick(factor);
                    window.scrollTo({ top: 0 });
                  }}
                >
                  Curves
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="pt-1 text-sm text-soft">
        Log-rank test; the chance is raised for ten comparisons (Holm), so that one of them does not stand out
        by being many. One at a time, things that go together all stand out.
      </p>
    </section>
  );
}

function toldInWords(p: number | null): string {
  if (p === null) return 'too few to tell';
  if (p >= believedBelow) return 'no: may be chance';
  return p < 0.001 ? 'yes: p under 0.001' : `yes: p ${figure(p, 3)}`;
}
