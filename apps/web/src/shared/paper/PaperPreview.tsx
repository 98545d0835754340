import { FileImage, FileText, Printer } from 'lucide-react';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { useEffect, useState } from 'react';
import { asChoices, PickField } from '../form/PickField.js';
import { saveFile } from '../files/saveFile.js';
import { pageFrame, papers, type Orientation, type PageFrame, type Paper } from './papers.js';

interface PaperPreviewProps {
  /** What the pages are about, for those who do not see them. */
  title: string;
  /** Without its ending. */
  fileName: string;
  orientation: Orientation;
  /** The paper to begin with. */
  begin: Paper;
  /** Laid out anew whenever this function is another one. */
  layOut: (frame: PageFrame) => TDocumentDefinitions;
}

/** Pages as they were laid out. */
interface Pages {
  readonly pdf: Blob;
  readonly address: string;
  readonly pictures: readonly { readonly png: Blob; readonly address: string }[];
}

/** The pages as they will be printed, to look at first, then to keep as PDF or as pictures. */
export function PaperPreview({ title, fileName, orientation, begin, layOut }: PaperPreviewProps) {
  const [picked, setPaper] = useState<Paper | null>(null);
  const paper = picked ?? begin;
  const { pages, fault } = usePages(paper, orientation, layOut);
  return (
    <section className="flex flex-col gap-3" aria-label={title}>
      <div className="sheet flex flex-wrap items-end gap-3 px-4 py-3">
        <PickField label="Paper" value={paper} choices={asChoices(papers)} onPick={setPaper} />
        <SaveButtons pages={pages} fileName={`${fileName}-${paper}`} />
      </div>
      {fault !== null && (
        <p role="alert" className="sheet border-l-4 border-l-error px-4 py-3">
          The page could not be laid out: {fault}
        </p>
      )}
      <p role="status" className="sr-only">
        {pages === null ? 'Laying out' : pagesInWords(pages.pictures.length)}
      </p>
      {pages === null && fault === null && <p className="px-4 text-soft">Laying the page out…</p>}
      {pages?.pictures.map(({ address }, i) => (
        <img
          key={address}
          src={address}
          alt={`${title}, page ${i + 1} of ${pages.pictures.length}`}
          className="sheet w-full self-center bg-white"
          style={{ maxWidth: orientation === 'portrait' ? '52rem' : '72rem' }}
        />
      ))}
    </section>
  );
}

function SaveButtons({ pages, fileName }: { pages: Pages | null; fileName: string }) {
  const isOne = pages?.pictures.length === 1;
  return (
    <>
      <button
        type="button"
        className="btn touch-always btn-primary"
        disabled={pages === null}
        aria-busy={pages === null}
        onClick={() => pages !== null && saveFile(`${fileName}.pdf`, pages.pdf)}
      >
        <FileText className="size-5" aria-hidden="true" /> Save PDF
      </button>
      {pages?.pictures.map(({ png }, i) => (
        <button
          key={i}
          type="button"
          className="btn touch-always"
          onClick={() => saveFile(`${fileName}${isOne ? '' : `-${i + 1}`}.png`, png)}
        >
          <FileImage className="size-5" aria-hidden="true" /> Save PNG{isOne ? '' : ` of page ${i + 1}`}
        </button>
      ))}
      {pages !== null && (
        <a className="btn touch-always" href={pages.address} target="_blank" rel="noreferrer">
          <Printer className="size-5" aria-hidden="true" /> Open to print
        </a>
      )}
    </>
  );
}

/** Pages laid out and drawn; what was asked for meanwhile wins over what is on its way. */
function usePages(paper: Paper, orientation: Orientation, layOut: PaperPreviewProps['layOut']) {
  const [pages, setPages] = useState<Pages | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let isStale = false;
    const addresses: string[] = [];
    const address = (blob: Blob) => {
      const made = URL.createObjectURL(blob);
      addresses.push(made);
      return made;
    };
    const lay = async () => {
      const [{ makePdf }, { pagePictures }] = await Promise.all([
        import('./makePdf.js'),
        import('./pagePictures.js'),
      ]);
      const pdf = await makePdf(layOut(pageFrame(paper, orientation)));
      const pictures = isStale ? [] : await pagePictures(pdf);
      if (isStale) return;
      setFault(null);
      setPages({
        pdf,
        address: address(pdf),
        pictures: pictures.map((png) => ({ png, address: address(png) })),
      });
    };
    lay().catch((error: unknown) => {
      if (!isStale) setFault(error instanceof Error ? error.message : String(error));
    });
    return () => {
      isStale = true;
      setPages(null);
      addresses.forEach((each) => URL.revokeObjectURL(each));
    };
  }, [paper, orientation, layOut]);
  return { pages, fault };
}

function pagesInWords(count: number): string {
  return count === 1 ? '1 page' : `${count} pages`;
}
