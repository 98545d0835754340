import { versionInForce, type Card, type CardVersion, type Machine, type Person } from '@lone-heron/contract';
import { Link } from 'react-router';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { cardForecast, forecastMelt } from '../cardForecast.js';
import { changedFacts } from './changedFacts.js';
import { useNow } from '../../shared/clock/useNow.js';

interface CardVersionsProps {
  card: Card;
  shown: CardVersion;
  machines: readonly Machine[];
  people: readonly Person[];
  onShow: (version: number) => void;
}

/** Every version: who, when, why, and what changed against the one before with both drawn. */
export function CardVersions({ card, shown, machines, people, onShow }: CardVersionsProps) {
  const inForce = versionInForce(card)?.version;
  const name = (id: string | null) => people.find((each) => each.id === id)?.name ?? '';
  const now = useNow();
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="Versions">
      <h2 className="font-semibold">Versions</h2>
      <ol className="flex flex-col divide-y divide-base-300">
        {card.versions.map((version, i) => (
          <li key={version.version} className="flex flex-col gap-1 py-2">
            <div className="flex flex-wrap items-center gap-2">
              <strong>Version {version.version}</strong>
              {version.version === inForce && (
                <span className="rounded-box border border-primary px-2 text-sm">welded by</span>
              )}
              <span className="text-sm text-soft">
                {name(version.madeBy)} {shownMoment(version.madeAt, now)}
                {version.signedAt !== null &&
                  `, signed by ${name(version.signedBy)} ${shownMoment(version.signedAt, now)}`}
              </span>
              {version.version !== shown.version && (
                <button
                  type="button"
                  className="btn touch ml-auto btn-sm"
                  aria-label={`Show version ${version.version} here`}
                  onClick={() => onShow(version.version)}
                >
                  Show
                </button>
              )}
            </div>
            {version.why !== '' && <p>“{version.why}”</p>}
            <CarriedFrom version={version} />
            <Elsewhere version={version} />
            <Changed before={card.versions[i + 1]} after={version} machines={machines} />
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Who wrote and signed it where it came from; a signature counts in its own shop alone. */
function Elsewhere({ version: { elsewhere, signedAt } }: { version: CardVersion }) {
  const now = useNow();
  if (elsewhere === null) return null;
  const { writtenBy, writtenAt, signedBy, signedAt: signedThere } = elsewhere;
  return (
    <p className="text-sm">
      From another shop, written by {writtenBy} {shownMoment(writtenAt, now)}
      {signedThere !== null && `, signed there by ${signedBy ?? ''} ${shownMoment(signedThere, now)}`}.
      {signedAt === null && ' Not signed here.'}
    </p>
  );
}

function CarriedFrom({ version: { carriedFrom } }: { version: CardVersion }) {
  if (carriedFrom === null) return null;
  return (
    <p className="text-sm">
      Carried over from{' '}
      <Link className="underline" to={`/cards/${carriedFrom.cardId}`}>
        version {carriedFrom.version} of another card
      </Link>
      ; to be proved here.
    </p>
  );
}

interface ChangedProps {
  before: CardVersion | undefined;
  after: CardVersion;
  machines: readonly Machine[];
}

/** What a version changed, line by line, and the expected melt of both. */
function Changed({ before, after, machines }: ChangedProps) {
  if (before === undefined) return null;
  const machine = machines.find(({ id }) => id === after.content.machineId);
  const facts = changedFacts(before.content, after.content, machine);
  return (
    <>
      <table className="table table-sm">
        <thead>
          <tr>
            <th scope="col">Changed</th>
            <th scope="col">Version {before.version}</th>
            <th scope="col">Version {after.version}</th>
          </tr>
        </thead>
        <tbody>
          {facts.map(({ name, was, is }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{was}</td>
              <td className="font-semibold">{is}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="grid grid-cols-2 gap-3">
        {[before, after].map((version) => (
          <Drawn key={version.version} version={version} machine={machine} />
        ))}
      </div>
    </>
  );
}

const nothingLearned = () => null;

function Drawn({ version, machine }: { version: CardVersion; machine: Machine | undefined }) {
  const expected = machine === undefined ? null : cardForecast(version.content, machine, nothingLearned);
  if (expected === null || 'refusal' in expected) return null;
  return (
    <figure>
      <MiniSection
        melt={forecastMelt(expected)}
        outcome={expected.forecast.outcome}
        className="h-20 w-full"
      />
      <figcaption className="text-center text-sm text-soft">Version {version.version}</figcaption>
    </figure>
  );
}
