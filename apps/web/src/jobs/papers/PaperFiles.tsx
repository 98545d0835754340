import { Download, FileJson, FileSpreadsheet, FolderArchive } from 'lucide-react';
import { useState } from 'react';
import { inFileName, saveFile } from '../../shared/files/saveFile.js';
import { toastFailure } from '../../shared/say/toast.js';
import { customerZip } from './customerZip.js';
import { jobFileOf } from './jobFileOf.js';
import { quote, type PaperContext } from './jobPapers.js';
import { tablesAsCsv } from './tablesAsCsv.js';

interface PaperFilesProps {
  context: PaperContext;
  printedAt: Date;
}

/** The papers as files: everything in one ZIP for the customer, all of it as JSON, the quote as CSV. */
export function PaperFiles({ context, printedAt }: PaperFilesProps) {
  const [isBusy, setBusy] = useState(false);
  const { number, draft } = context.job;
  const name = inFileName(`job ${number} ${draft.name}`);
  const saveZip = async () => {
    setBusy(true);
    try {
      saveFile(`${name}.zip`, await customerZip(context, printedAt));
    } catch (fault) {
      toastFailure(`The ZIP could not be made: ${fault instanceof Error ? fault.message : String(fault)}`);
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="sheet flex flex-wrap items-center gap-3 px-4 py-3">
      <button
        type="button"
        className="btn touch-always"
        disabled={isBusy}
        aria-busy={isBusy}
        onClick={() => void saveZip()}
      >
        <FolderArchive className="size-5" aria-hidden="true" />{' '}
        {isBusy ? 'Packing' : 'All for the customer (ZIP)'}
      </button>
      <button
        type="button"
        className="btn touch-always"
        onClick={() =>
          saveFile(`${name}.json`, new Blob([jobFileOf(context, printedAt)], { type: 'application/json' }))
        }
      >
        <FileJson className="size-5" aria-hidden="true" /> Save JSON
      </button>
      <a className="btn touch-always btn-ghost" href="/api/jobs/schema" download="job-1.schema.json">
        <Download className="size-5" aria-hidden="true" /> Its JSON Schema
      </a>
      <button
        type="button"
        className="btn touch-always"
        onClick={() =>
          saveFile(`${name}-quote.csv`, new Blob([tablesAsCsv(quote(context).tables)], { type: 'text/csv' }))
        }
      >
        <FileSpreadsheet className="size-5" aria-hidden="true" /> Save the quote as CSV
      </button>
    </div>
  );
}
