import {
  couponFileFormats,
  largestCouponFile,
  filedNouns,
  type FilePreview,
  type FileRow,
  type FileStored,
  type FiledNoun,
  type CouponFileFormat,
} from '@lone-heron/contract';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { useSpokenUnits } from '../../shared/figures/shopUnits.js';
import { toast } from '../../shared/say/toast.js';
import { usePreviewFileMutation, useStoreFileMutation } from './couponFilesApi.js';
import { FileIn } from '../../shared/files/FileIn.js';
import { unlessBrokenOff, useFileWork } from '../../shared/files/useFileWork.js';
import { knownFile } from '../../shared/files/knownFile.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { readListAddress } from '../list/listAddress.js';

/** Coupons out to a file, and in from one after a look at every row. */
export function FilesScreen() {
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Coupons in and out" back={{ to: '/coupons', name: 'coupons' }} />
      <Out />
      <In />
    </div>
  );
}

const formatWords = {
  csv: 'CSV, for a spreadsheet',
  json: 'JSON, for a program',
  zip: 'ZIP, with photos and tests',
} as const;

/** What the list was narrowed to goes out; without that, everything. */
function Out() {
  const { search } = useLocation();
  const { sort: _sort, order: _order, ...filter } = readListAddress(new URLSearchParams(search)).query;
  const query = new URLSearchParams(Object.entries(filter).map(([name, value]) => [name, String(value)]));
  const isNarrowed = query.size > 0;
  const { length, travel, gasFlow } = useSpokenUnits();
  const asked = new URLSearchParams([...query, ...Object.entries({ length, travel, gasFlow })]);
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="Out">
      <h2 className="text-lg font-semibold">Out</h2>
      <p>
        {isNarrowed ? 'The coupons that the list was narrowed to' : 'Every coupon'}, oldest first; taken-back
        ones are left out.
      </p>
      <div className="flex flex-wrap gap-2">
        {couponFileFormats.map((format) => (
          <a
            key={format}
            className="btn touch-always"
            href={`/api/coupon-files/${format}?${asked.toString()}`}
            download
          >
            <Download className="size-5" aria-hidden="true" /> {formatWords[format]}
          </a>
        ))}
      </div>
    </section>
  );
}

/** A file that was chosen, and what would become of it. */
interface Chosen {
  readonly file: File;
  readonly format: CouponFileFormat;
}

function In() {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [preview, { data: shown, error, reset }] = usePreviewFileMutation();
  const [store, { isLoading: isStoring, error: storeError, reset: resetStore }] = useStoreFileMutation();
  const { send, work } = useFileWork();
  const choose = (file: File) => {
    work?.cancel();
    resetStore();
    reset();
    setChosen(null);
    const known = knownFile(file, largestCouponFile);
    setFault('fault' in known ? known.fault : null);
    if ('fault' in known) return;
    const { format } = known;
    setChosen({ file, format });
    void send((id) => preview({ format, file, work: id }));
  };
  const confirm = async () => {
    if (chosen === null || shown === undefined) return;
    const data = await send((id) => store({ ...chosen, hash: shown.hash, work: id }));
    if (data === undefined) return;
    toast(storedInWords(data));
    setChosen(null);
    reset();
  };
  return (
    <FileIn
      about="CSV with a head, our JSON, or our ZIP with photos and tests. Decimal points or commas, dates as ISO 8601. You see what becomes of every row, and nothing is stored before you say so."
      name={chosen?.file.name ?? null}
      accept=".csv,.json,.zip"
      fault={fault}
      work={work}
      lookError={unlessBrokenOff(error)}
      storeError={unlessBrokenOff(storeError)}
      onFile={choose}
    >
      {shown !== undefined && chosen !== null && (
        <Shown
          shown={shown}
          isStoring={isStoring}
          onConfirm={() => void confirm()}
          onLeave={() => setChosen(null)}
        />
      )}
    </FileIn>
  );
}

/** “2 coupons, 1 photo”: how many of each, those there are none of left out. */
function wordsOfCounts(counts: Readonly<Record<FiledNoun, number>>): string {
  return filedNouns
    .filter((noun) => counts[noun] > 0)
    .map((noun) => `${counts[noun]} ${noun}${counts[noun] === 1 ? '' : 's'}`)
    .join(', ');
}

function countInWords(rows: readonly FileRow[]): string {
  const of = (noun: FiledNoun) => rows.filter((row) => row.of === noun).length;
  return wordsOfCounts({ coupon: of('coupon'), photo: of('photo'), test: of('test') });
}

function storedInWords({ coupons, photos, tests }: FileStored): string {
  return `Stored: ${wordsOfCounts({ coupon: coupons, photo: photos, test: tests })}.`;
}

interface ShownProps {
  shown: FilePreview;
  isStoring: boolean;
  onConfirm: () => void;
  onLeave: () => void;
}

const standingWords = { wrong: 'wrong', duplicate: 'here already', new: 'to be added' } as const;
/** More rows of a kind than these are only counted: nobody reads thousands. */
const rowsShown = 200;

/** What would become of the file: what is wrong first, since that is what somebody must see. */
function Shown({ shown, isStoring, onConfirm, onLeave }: ShownProps) {
  const of = (standing: FileRow['standing']) => shown.rows.filter((row) => row.standing === standing);
  const fresh = of('new');
  return (
    <>
      <p className="text-lg" role="status">
        <strong>{fresh.length === 0 ? 'Nothing' : countInWords(fresh)} to be added</strong>,{' '}
        {of('duplicate').length} here already, {of('wrong').length} wrong and left out.
      </p>
      {shown.unknownColumns.length > 0 && (
        <p>Columns that nobody knows are left out: {shown.unknownColumns.join(', ')}.</p>
      )}
      {(['wrong', 'duplicate', 'new'] as const).map((standing) => (
        <Rows key={standing} standing={standing} rows={of(standing)} />
      ))}
      <div className="flex flex-wrap justify-end gap-3">
        <button type="button" className="btn touch-always btn-ghost" onClick={onLeave}>
          Store nothing
        </button>
        <button
          type="button"
          className="btn touch-always btn-primary"
          disabled={fresh.length === 0 || isStoring}
          onClick={onConfirm}
        >
          {isStoring ? 'Storing' : `Store ${countInWords(fresh)}`}
        </button>
      </div>
    </>
  );
}

function Rows({ standing, rows }: { standing: FileRow['standing']; rows: readonly FileRow[] }) {
  if (rows.length === 0) return null;
  return (
    <details open={standing === 'wrong'} className="rounded-box border border-base-300 px-4">
      <summary className="min-h-12 cursor-pointer content-center font-medium">
        {rows.length} {standingWords[standing]}
      </summary>
      <table className="table mb-3">
        <thead>
          <tr>
            <th scope="col">Row</th>
            <th scope="col">What</th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, rowsShown).map(({ of, row, words, reasons }) => (
            <tr key={`${of} ${row}`}>
              <th scope="row" className="tabular-nums">
                {of === 'coupon' ? row : `${of} ${row}`}
              </th>
              <td>{words}</td>
              <td className={standing === 'wrong' ? 'fault' : ''}>{reasons.join('; ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > rowsShown && <p className="pb-3 text-soft">and {rows.length - rowsShown} more.</p>}
    </details>
  );
}
