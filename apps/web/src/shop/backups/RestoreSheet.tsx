import type { BackupContents } from '@lone-heron/contract';
import { useEffect, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { PinField } from '../../shared/door/PinField.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { Modal } from '../../shared/page/Modal.js';
import { useBeginRestoreMutation, useLookAtBackupMutation, type RestoreSource } from './backupApi.js';
import { OpenSealed } from './OpenSealed.js';
import { holdsInWords } from './backupInWords.js';
import { useShopBack } from './useShopBack.js';
import { useNow } from '../../shared/clock/useNow.js';

/** Puts a backup in the place of everything: looked through first, said what it holds, and signed with the PIN. */
export function RestoreSheet({ source, onClose }: { source: RestoreSource; onClose: () => void }) {
  const [id] = useState(() => uuid());
  const [look, looked] = useLookAtBackupMutation();
  const [opened, setOpened] = useState<BackupContents | null>(null);
  const [aside, setAside] = useState<string | null>(null);
  useShopBack(aside !== null);
  useEffect(() => {
    void look({ id, ...source });
  }, [look, id, source]);
  if (aside !== null) return <Restoring aside={aside} />;
  const contents = looked.data?.is === 'open' ? looked.data.contents : opened;
  return (
    <Modal title="Put a backup in place" onClose={onClose}>
      {looked.isLoading && <p role="status">Opening the backup and looking through it.</p>}
      <Failure what="It cannot be put in place." error={looked.error} />
      {looked.data?.is === 'sealed' && opened === null && <OpenSealed id={id} onOpened={setOpened} />}
      {contents !== null && <SignRestore id={id} contents={contents} onBegun={setAside} />}
    </Modal>
  );
}

interface SignRestoreProps {
  /** Of the restore. */
  id: string;
  contents: BackupContents;
  /** @param aside folder that keeps what was there before */
  onBegun: (aside: string) => void;
}

/** What becomes of the shop, and the signature under it. */
function SignRestore({ id, contents, onBegun }: SignRestoreProps) {
  const person = usePersonAtDesk();
  const [pin, setPin] = useState('');
  const [begin, begun] = useBeginRestoreMutation();
  const sign = async () => {
    const { data } = await begin({ id, pin });
    if (data !== undefined) onBegun(data.aside);
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (pin.length >= 4 && !begun.isLoading) void sign();
      }}
    >
      <WhatBecomes contents={contents} />
      <PinField label={`PIN of ${person?.name ?? 'the lead'}`} value={pin} onType={setPin} isStart />
      <Failure what="Not put in place." error={begun.error} />
      <SaveButton
        name="Put it in place"
        waitsFor={pin.length >= 4 ? null : 'Your PIN signs it.'}
        isSaving={begun.isLoading}
      />
    </form>
  );
}

function WhatBecomes({ contents }: { contents: BackupContents }) {
  const now = useNow();
  return (
    <>
      <p className="text-lg">
        The shop becomes as it was <strong>{shownMoment(contents.madeAt, now)}</strong>:{' '}
        {holdsInWords(contents)}.
      </p>
      <p className="caution px-3 py-2" role="status">
        What was written since is no longer in it. It is not deleted: all that is there now is set aside in a
        folder beside the data. The shop closes for a moment, and everybody signs in again.
      </p>
    </>
  );
}

function Restoring({ aside }: { aside: string }) {
  return (
    <Modal title="The shop is put back" onClose={() => undefined}>
      <p role="status" className="text-lg">
        It closes for a moment and opens as it was. This page opens anew by itself. What was there before is
        kept in <span className="figure break-all">{aside}</span> beside the data.
      </p>
    </Modal>
  );
}
