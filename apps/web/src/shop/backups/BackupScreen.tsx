import { backupsKept, type Backup } from '@lone-heron/contract';
import { Download, HardDriveDownload } from 'lucide-react';
import { useState } from 'react';
import { toast } from '../../shared/say/toast.js';
import { v7 as uuid } from 'uuid';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { figure } from '../../shared/figures/figures.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { useBackupsQuery, useMakeBackupMutation } from './backupApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** The whole shop copied: now, every night by itself, and how it comes back. */
export function BackupScreen() {
  const person = usePersonAtDesk();
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Backup" back={{ to: '/shop', name: 'the shop' }} />
      {person?.role === 'lead' ? (
        <Backups />
      ) : (
        <p className="sheet p-6 text-lg">
          A backup holds everything of the shop. It is for a lead who is signed in.
        </p>
      )}
      <Restore />
    </div>
  );
}

function Backups() {
  const { data, error, refetch } = unlessShown(useBackupsQuery(undefined));
  // Kept until it is made: a second tap, or a try after a lost answer, is the same backup.
  const [id, setId] = useState(() => uuid());
  const [make, making] = useMakeBackupMutation();
  if (error !== undefined) return <LoadFailed what="the backups" error={error} retry={refetch} />;
  if (data === undefined) return <Loading what="the backups" />;
  const start = async () => {
    const answer = await make(id);
    if (answer.error !== undefined) return;
    setId(uuid());
    toast('The shop is backed up. The copy was opened and looked through.');
  };
  const [newest] = data.backups;
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="Backups">
      <p className="text-lg">
        {newest === undefined
          ? 'Nothing is backed up yet.'
          : `Last backed up ${shownMoment(newest.madeAt, new Date())}.`}{' '}
        <span className="text-soft">
          By itself every night, or once the shop is open again. Up to {backupsKept.most} are kept, for up to{' '}
          {backupsKept.oldestDays} days.
        </span>
      </p>
      <button
        type="button"
        className="btn touch-always self-start btn-primary"
        disabled={making.isLoading}
        onClick={() => void start()}
      >
        <HardDriveDownload className="size-5" aria-hidden="true" />
        {making.isLoading ? 'Copying, then looking through it' : 'Back up now'}
      </button>
      <Failure what="Not backed up." error={making.error} />
      <ul className="flex flex-col divide-y divide-base-300">
        {data.backups.map((backup) => (
          <BackupLine key={backup.id} backup={backup} />
        ))}
      </ul>
      <p className="text-sm text-soft">
        They lie in <span className="figure break-all">{data.folder}</span>. A disk that breaks takes them
        along: keep one somewhere else.
      </p>
    </section>
  );
}

function BackupLine({ backup: { id, file, madeAt, bytes, counts, lostPhotos } }: { backup: Backup }) {
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
      <span className="min-w-0 grow leading-snug">
        <strong>{shownMoment(madeAt, new Date())}</strong>
        <span className="block text-sm text-soft">
          {counts.coupons} coupons, {counts.tests} tests, {counts.cards} cards, {counts.photos} photos,{' '}
          {counts.machines} machines, {counts.people} people · {sizeInWords(bytes)}
        </span>
        {lostPhotos.length > 0 && (
          <span className="caution mt-1 block px-2 py-1 text-sm">
            {lostPhotos.length === 1 ? 'One photo was' : `${lostPhotos.length} photos were`} gone or damaged
            already and could not be copied. An older backup may have{' '}
            {lostPhotos.length === 1 ? 'it' : 'them'}.
          </span>
        )}
      </span>
      <a
        className="btn touch-always"
        href={`/api/backups/${id}/file`}
        download={file}
        aria-label={`Keep the backup of ${shownMoment(madeAt, new Date())} elsewhere`}
      >
        <Download className="size-5" aria-hidden="true" /> Keep it elsewhere
      </a>
    </li>
  );
}

function sizeInWords(bytes: number): string {
  const megabytes = bytes / 1024 / 1024;
  return megabytes < 1 ? `${figure(bytes / 1024, 0)} kB` : `${figure(megabytes, 1)} MB`;
}

/** How a shop comes back: at the machine itself, since it takes the place of everything. */
function Restore() {
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-4" aria-label="How it comes back">
      <h2 className="text-lg font-semibold">How it comes back</h2>
      <ol className="flex list-decimal flex-col gap-1 pl-6">
        <li>Stop Lone Heron on its machine.</li>
        <li>
          Call <code className="figure">./heron restore FILE</code>. It opens the backup, says what it holds
          and asks.
        </li>
        <li>What was there before is set aside in a folder of its own and stays.</li>
        <li>Start Lone Heron again.</li>
      </ol>
    </section>
  );
}
