import { standsOut, testKinds, type Coupon, type CouponTest, type Person } from '@lone-heron/contract';
import { Check, CircleHelp, Trash2, X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { toast, toastFailure } from '../../../shared/say/toast.js';
import { useRestoreTestMutation, useTestsQuery, useWithdrawTestMutation } from '../inspectionApi.js';
import { usePhotosQuery } from '../../../shared/api/photosApi.js';
import { problemOf } from '../../../shared/api/problemOf.js';
import { PictureLink } from '../../../shared/picture/PictureLink.js';
import { LoadFailed } from '../../../shared/page/LoadFailed.js';
import { shownMoment } from '../../../shared/figures/moments.js';
import { AddTest } from './AddTest.js';
import { isPaged, type PlainTestKind } from './testForms.js';
import { foundInWords, resultWords, testWords } from '../../../shared/vocabulary/testWords.js';
import { unlessShown } from '../../../shared/api/unlessShown.js';
import { useNow } from '../../../shared/clock/useNow.js';

/** What was tested and what it came to, and a button for each test there is. */
export function TestList({ coupon, people }: { coupon: Coupon; people: readonly Person[] }) {
  const { data: tests = [], error, refetch } = unlessShown(useTestsQuery(coupon.id));
  const [adding, setAdding] = useState<PlainTestKind | 'section' | null>(null);
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="Tests">
      <h2 className="font-semibold">Tests</h2>
      {error !== undefined && <LoadFailed what="the tests" error={error} retry={refetch} />}
      {tests.length === 0 && error === undefined && (
        <p className="text-soft">
          None yet. A section says how deep; a bend or a hammer says whether it holds.
        </p>
      )}
      <ul className="flex flex-col divide-y divide-base-300">
        {tests.map((test) => (
          <TestLine
            key={test.id}
            test={test}
            against={standsOut(test, coupon.joint)}
            who={people.find(({ id }) => id === test.doneBy)?.name ?? ''}
          />
        ))}
      </ul>
      {coupon.withdrawnAt === null && (
        <div className="flex flex-wrap gap-1.5" role="group" aria-label="Add a test">
          {testKinds.map((kind) =>
            isPaged(kind) ? (
              <Link
                key={kind}
                className="btn touch"
                title={testWords[kind].what}
                to={`/coupons/${coupon.id}/${kind}`}
              >
                {testWords[kind].name}
              </Link>
            ) : (
              <button
                key={kind}
                type="button"
                className="btn touch"
                title={testWords[kind].what}
                onClick={() => setAdding(kind)}
              >
                {testWords[kind].name}
              </button>
            ),
          )}
        </div>
      )}
      {adding !== null && <AddTest kind={adding} coupon={coupon} onClose={() => setAdding(null)} />}
    </section>
  );
}

/** What shows what a test came to; one that was taken away since is left out. */
function TestPhotos({ test: { couponId, photoIds } }: { test: CouponTest }) {
  const { data: photos = [] } = usePhotosQuery(couponId);
  const mine = photos.filter(({ id }) => photoIds.includes(id));
  if (mine.length === 0) return null;
  return (
    <p className="flex flex-wrap gap-1.5 py-1">
      {mine.map(({ id, hash }) => (
        <PictureLink key={id} hash={hash} words="Photo of the test" />
      ))}
    </p>
  );
}

const resultMarks = { holds: Check, fails: X, unclear: CircleHelp } as const;

interface TestLineProps {
  test: CouponTest;
  /** Why what it found cannot have held, where it was written down so. */
  against: readonly string[];
  who: string;
}

function TestLine({ test, against, who }: TestLineProps) {
  const now = useNow();
  const [withdraw] = useWithdrawTestMutation();
  const [restore] = useRestoreTestMutation();
  const Mark = resultMarks[test.result];
  const { name } = testWords[test.detail.kind];
  const takeBack = async () => {
    const { error } = await withdraw(test.id);
    if (error !== undefined) toastFailure(`The test is still there. ${problemOf(error).message}`);
    else
      toast(`${name} was taken back.`, { action: { label: 'Undo', onClick: () => void restore(test.id) } });
  };
  return (
    <li className="flex items-center gap-3 py-1.5">
      <Mark
        className={`size-6 shrink-0 ${test.result === 'fails' ? 'text-error' : 'text-soft'}`}
        aria-hidden="true"
      />
      <div className="min-w-0 grow">
        <p>
          <strong>{name}</strong> {resultWords[test.result]}
        </p>
        <p className="text-sm">{foundInWords(test.detail)}</p>
        {against.length > 0 && (
          <p className="fault text-sm">
            Not taken for held: {against.join(' ')} Take it back and write it down as it was.
          </p>
        )}
        <TestPhotos test={test} />
        <p className="text-sm text-soft">
          {who} {shownMoment(test.doneAt, now)}
          {test.remark !== '' && ` · “${test.remark}”`}
        </p>
      </div>
      <button
        type="button"
        className="btn touch btn-square btn-ghost"
        aria-label={`Take ${name.toLowerCase()} back`}
        onClick={() => void takeBack()}
      >
        <Trash2 className="size-5" aria-hidden="true" />
      </button>
    </li>
  );
}
