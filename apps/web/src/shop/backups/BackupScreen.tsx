import { backupsKept, type Backup, type Backups as BackupsAnswer } from '@lone-heron/contract';
import { Download, HardDriveDownload, History } from 'lucide-react';
import { useMemo, useState } from 'react';
import { toast } from '../../shared/say/toast.js';
import { v7 as uuid } from 'uuid';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { Failure } from '../../shared/form/Failure.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { DropPlace } from '../../shared/files/DropPlace.js';
import { sentence } from '../../shared/keeping/keepingTroubles.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { useBackupsQuery, useMakeBackupMutation } from './backupApi.js';
import { holdsInWords, sizeInWords } from './backupInWords.js';
import { RestoreSheet } from './RestoreSheet.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useNow } from '../../shared/clock/useNow.js';

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
      <Restore isLead={person?.role === 'lead'} />
    </div>
  );
}

function Backups() {
  const now = useNow();
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
          : `Last backed up ${shownMoment(newest.madeAt, now)}.`}{' '}
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
        {data.backups.map((backup, i) => (
          <BackupLine key={backup.id} backup={backup} place={i + 1} />
        ))}
      </ul>
      <WhereTheyLie {...data} />
    </section>
  );
}

/** Where they are, and whether a disk that breaks takes all of them along. */
function WhereTheyLie({ folder, second }: Pick<BackupsAnswer, 'folder' | 'second'>) {
  return (
    <>
      <p className="text-sm text-soft">
        They lie in <span className="figure break-all">{folder}</span>.{' '}
        {second === null
          ? 'A disk that breaks takes them along: keep one somewhere else, or name a folder on another disk in HERON_BACKUP_ALSO when the server is started, and they are copied there by themselves.'
          : `Each is copied to ${second.folder} as well${second.isEncrypted ? ', encrypted: without its passphrase nobody opens it again' : ''}.`}
      </p>
      {second !== null && second.failure !== null && (
        <p className="caution px-3 py-2">
          The newest lies on this disk alone: {sentence(second.failure)} It is tried again every quarter of an
          hour.
        </p>
      )}
    </>
  );
}

/** @param place in the list, by which two of one minute are told apart */
function BackupLine({ backup, place }: { backup: Backup; place: number }) {
  const now = useNow();
  const { id, file, madeAt, bytes, lostPhotos, photosLie } = backup;
  const [isRestoring, setRestoring] = useState(false);
  const when = shownMoment(madeAt, now);
  const source = useMemo(() => ({ backup }), [backup]);
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
      <span className="min-w-60 grow basis-0 leading-snug">
        <strong>{when}</strong>
        <span className="block text-sm text-soft">
          {holdsInWords(backup)} · {sizeInWords(bytes)}
          {photosLie === 'beside' ? ' beside its photos' : ''}
        </span>
        {lostPhotos.length > 0 && (
          <span className="caution mt-1 block px-2 py-1 text-sm">
            {lostPhotos.length === 1 ? 'One photo was' : `${lostPhotos.length} photos were`} gone or damaged
            already and could not be copied. An older backup may have{' '}
            {lostPhotos.length === 1 ? 'it' : 'them'}.
          </span>
        )}
      </span>
      <span className="flex flex-wrap gap-2">
        <a
          className="btn touch-always"
          href={`/api/backups/${id}/file`}
          download={file}
          aria-label={`Keep backup ${place}, ${when}, elsewhere`}
        >
          <Download className="size-5" aria-hidden="true" /> Keep it elsewhere
        </a>
        <button
          type="button"
          className="btn touch-always"
          aria-label={`Put backup ${place}, ${when}, in place`}
          onClick={() => setRestoring(true)}
        >
          <History className="size-5" aria-hidden="true" /> Put it in place
        </button>
      </span>
      {isRestoring && <RestoreSheet source={source} onClose={() => setRestoring(false)} />}
    </li>
  );
}

/** How a shop comes back: at this page, from a file that was kept elsewhere, or at the machine itself. */
function Restore({ isLead }: { isLead: boolean }) {
  const [file, setFile] = useState<File | null>(null);
  const source = useMemo(() => (file === null ? null : { file }), [file]);
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="How it comes back">
      <h2 className="text-lg font-semibold">How it comes back</h2>
      <p>
        A backup is opened and looked through first, and says what it holds. Then it takes the place of
        everything, and what was there is set aside whole. One that is encrypted (it ends in .age) asks for
        its passphrase.
      </p>
      {isLead && <DropPlace name={file?.name ?? null} accept=".zip,.age" onFile={setFile} />}
      <p className="text-soft">
        Where this page does not open any more, stop Lone Heron on its machine, call{' '}
        <code className="figure">./heron restore FILE</code> there, and start it again.
      </p>
      {source !== null && <RestoreSheet source={source} onClose={() => setFile(null)} />}
    </section>
  );
}
