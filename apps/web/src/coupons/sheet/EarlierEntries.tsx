import type { Coupon, CouponDraft, CouponEntry, Person } from '@lone-heron/contract';
import { spokenLength } from '../../shared/figures/spoken.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useCouponEntriesQuery } from '../inspection/inspectionApi.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { dialledInWords, jointInWords } from '../../shared/sentences/settingInWords.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useNow } from '../../shared/clock/useNow.js';

/** What a coupon said before it was amended: the first entry stays. */
export function EarlierEntries({ coupon, people }: { coupon: Coupon; people: readonly Person[] }) {
  if (coupon.revision === 1) return null;
  return <Entries coupon={coupon} people={people} />;
}

function Entries({ coupon, people }: { coupon: Coupon; people: readonly Person[] }) {
  const { data = [], error, refetch } = unlessShown(useCouponEntriesQuery(coupon.id));
  const { data: machines = [] } = useMachinesQuery(undefined);
  const now = useNow();
  if (error !== undefined) return <LoadFailed what="the earlier entries" error={error} retry={refetch} />;
  const machineName = (id: string) => machines.find((each) => each.id === id)?.name ?? id;
  return (
    <section className="sheet px-5 py-3" aria-label="Earlier entries">
      <h2 className="font-semibold">Before it was amended</h2>
      <ol className="flex flex-col divide-y divide-base-300">
        {data.map((entry) => (
          <li key={entry.revision} className="py-2">
            <p>
              {entry.revision === 1 ? 'As it was logged' : `Entry ${entry.revision}`}:{' '}
              {entryInWords(entry.draft)} · {machineName(entry.draft.machineId)},{' '}
              {shownMoment(entry.draft.weldedAt, now)}
            </p>
            <p className="text-sm text-soft">
              Amended {shownMoment(entry.supersededAt, now)} by {nameOf(entry, people)}: {entry.why}
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}

function nameOf({ supersededBy }: CouponEntry, people: readonly Person[]): string {
  return people.find(({ id }) => id === supersededBy)?.name ?? '';
}

function entryInWords({
  joint,
  setting,
  back,
  lookedAt,
  lightOnS,
  runLengthMm,
  remark,
}: CouponDraft): string {
  const parts = [
    wordsOfLooks(lookedAt)[back].short,
    lightOnS === null ? 'light not timed' : `light on ${lightOnS} s`,
    runLengthMm === null ? 'run not measured' : `run ${spokenLength(runLengthMm)}`,
    jointInWords(joint),
    dialledInWords(setting),
    ...(remark === '' ? [] : [`“${remark}”`]),
  ];
  return parts.join(' · ');
}
