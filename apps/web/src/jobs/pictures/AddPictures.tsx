import type { JobDraft } from '@lone-heron/contract';
import { ImagePlus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { problemOf } from '../../shared/api/problemOf.js';
import { useAddShopPhotoMutation } from '../../shared/api/shopPhotosApi.js';
import { useAsSomebody } from '../../shared/door/useAsSomebody.js';
import { drawingChoice, heightShareOf, picturesOf } from './pictureOf.js';

interface AddPicturesProps {
  draft: JobDraft;
  /** The picture that is worked on; null for none. */
  shown: string | null;
  onShow: (photoId: string) => void;
  onAdd: (pictures: JobDraft['pictures']) => void;
  onRemove: (photoId: string) => void;
}

/** The pictures of a job: added from photos, drawings and PDF pages, one of them worked on. */
export function AddPictures({ draft, shown, onShow, onAdd, onRemove }: AddPicturesProps) {
  const { pictures } = draft;
  const asSomebody = useAsSomebody();
  const { add, isBusy, fault } = useAddPictures(draft.machineId, onAdd);
  return (
    <section className="sheet flex flex-col gap-2 p-4" aria-label="Pictures">
      <div className="flex flex-wrap items-center gap-2">
        {pictures.map(({ photoId, name }, i) => (
          <button
            key={photoId}
            type="button"
            className={`btn touch-always ${photoId === shown ? 'btn-primary' : ''}`}
            aria-pressed={photoId === shown}
            onClick={() => onShow(photoId)}
          >
            {name === '' ? `Picture ${i + 1}` : name}
          </button>
        ))}
        <label className="btn touch-always" aria-busy={isBusy}>
          <ImagePlus className="size-5" aria-hidden="true" /> {isBusy ? 'Adding' : 'Add a drawing or photo'}
          <input
            type="file"
            accept={drawingChoice}
            className="sr-only"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              event.target.value = '';
              if (file !== undefined) asSomebody(() => void add(file));
            }}
          />
        </label>
        {shown !== null && (
          <button type="button" className="btn touch-always btn-ghost" onClick={() => onRemove(shown)}>
            <Trash2 className="size-5" aria-hidden="true" /> Take this picture out
          </button>
        )}
      </div>
      {pictures.length === 0 && (
        <p className="text-soft">
          A photo of the part, or its drawing as PNG, JPEG, WebP, SVG or PDF. Then draw along each seam on it.
        </p>
      )}
      {fault !== null && (
        <p role="alert" className="fault">
          {fault}
        </p>
      )}
    </section>
  );
}

function useAddPictures(machineId: string, onAdd: AddPicturesProps['onAdd']) {
  const [send] = useAddShopPhotoMutation();
  const [isBusy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const add = async (file: File) => {
    setBusy(true);
    setFault(null);
    try {
      const added: JobDraft['pictures'] = [];
      for (const [i, picture] of (await picturesOf(file)).entries()) {
        const id = uuid();
        const { error } = await send({ id, subject: 'job', machineId, picture });
        if (error !== undefined) throw new Error(problemOf(error).message);
        const name = file.name.replace(/\.[^.]+$/, '').slice(0, 50);
        const numbered = i === 0 ? name : `${name}, page ${i + 1}`;
        added.push({ photoId: id, name: numbered, heightShare: await heightShareOf(picture), widthMm: null });
      }
      onAdd(added);
    } catch (error) {
      setFault(`${file.name} was not added: ${error instanceof Error ? error.message : String(error)}`);
    } finally {
      setBusy(false);
    }
  };
  return { add, isBusy, fault };
}
