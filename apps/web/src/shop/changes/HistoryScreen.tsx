import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { useChangesQuery } from '../../shared/api/peopleApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { ShopPage } from '../ShopPage.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Who changed what, newest first: machines, templates, people, training and the shop's records. */
export function HistoryScreen() {
  const now = useNow();
  const { data: changes, error, refetch } = unlessShown(useChangesQuery(undefined));
  const { data: people = [] } = usePeopleQuery(undefined);
  if (error !== undefined) return <LoadFailed what="the history" error={error} retry={refetch} />;
  if (changes === undefined) return <Loading what="the history" />;
  const nameOf = (id: string | null) =>
    id === null ? 'the shop itself' : (people.find((person) => person.id === id)?.name ?? id);
  return (
    <ShopPage title="History">
      <section className="sheet overflow-x-auto" aria-label="Changes" tabIndex={0}>
        {changes.length === 0 ? (
          <p className="p-4 text-soft">
            Nothing was changed yet. Every change of a machine, a template, a person or a record shows here,
            with who made it.
          </p>
        ) : (
          <table className="table">
            <thead>
              <tr>
                <th scope="col">When</th>
                <th scope="col">Who</th>
                <th scope="col">Of</th>
                <th scope="col">What</th>
              </tr>
            </thead>
            <tbody>
              {changes.map(({ id, at, personId, noun, what }) => (
                <tr key={id}>
                  <td className="whitespace-nowrap">{shownMoment(at, now)}</td>
                  <td>{nameOf(personId)}</td>
                  <td className="text-soft">{noun}</td>
                  <td>{what}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </section>
    </ShopPage>
  );
}
