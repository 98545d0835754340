import { largestExchange, type ExchangeFileFormat, type ExchangeStored } from '@lone-heron/contract';
import { useState } from 'react';
import { toast } from 'sonner';
import { usePreviewExchangeMutation, useStoreExchangeMutation } from '../../shared/api/exchangeApi.js';
import { FileIn } from '../../shared/files/FileIn.js';
import { knownFile } from '../../shared/files/knownFile.js';
import { ShownExchange } from './ShownExchange.js';

/** A file that was chosen. */
interface Chosen {
  readonly file: File;
  readonly format: ExchangeFileFormat;
}

/** Another shop's file, looked at part by part before anything is stored. */
export function ReadExchange() {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [taken, setTaken] = useState<readonly string[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const [preview, { data: shown, isLoading, error, reset }] = usePreviewExchangeMutation();
  const [store, storing] = useStoreExchangeMutation();
  const choose = (file: File) => {
    storing.reset();
    reset();
    setChosen(null);
    setTaken([]);
    const known = knownFile(file, { json: largestExchange, csv: largestExchange });
    setFault('fault' in known ? known.fault : null);
    if ('fault' in known) return;
    const { format } = known;
    setChosen({ file, format });
    void preview({ format, file, take: [] });
  };
  const confirm = async () => {
    if (chosen === null || shown === undefined) return;
    const { data } = await store({ ...chosen, take: taken, hash: shown.hash });
    if (data === undefined) return;
    toast(`Stored: ${storedInWords(data)}.`);
    setChosen(null);
    reset();
  };
  return (
    <FileIn
      about="A JSON from another Lone Heron, or cards as CSV. You see what becomes of every part first. Nothing of yours is overwritten: theirs goes on from yours, or stands beside it where you say so. Their signatures are kept as theirs; here a card is signed by your own lead."
      name={chosen?.file.name ?? null}
      accept=".json,.csv"
      fault={fault}
      isLooking={isLoading}
      lookError={error}
      storeError={storing.error}
      onFile={choose}
    >
      {shown !== undefined && chosen !== null && (
        <ShownExchange
          shown={shown}
          taken={taken}
          isStoring={storing.isLoading}
          onTake={(id, isTaken) => setTaken(isTaken ? [...taken, id] : taken.filter((each) => each !== id))}
          onConfirm={() => void confirm()}
          onLeave={() => setChosen(null)}
        />
      )}
    </FileIn>
  );
}

function storedInWords({ machines, cards, coupons }: ExchangeStored): string {
  const counts = [
    ['machine', machines],
    ['card', cards],
    ['coupon', coupons],
  ] as const;
  return counts
    .filter(([, count]) => count > 0)
    .map(([noun, count]) => `${count} ${noun}${count === 1 ? '' : 's'}`)
    .join(', ');
}
