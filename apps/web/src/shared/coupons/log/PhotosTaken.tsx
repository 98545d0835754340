import { photoSubjects, type PhotoSubject } from '@lone-heron/contract';
import { Camera, X } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { photoChoice, photoFault } from '../../files/photoFault.js';
import { photoSubjectWords } from '../../vocabulary/photoSubjects.js';

/** A photo that is taken but not stored yet, under the id it will be stored by. */
export interface TakenPhoto {
  readonly id: string;
  readonly subject: PhotoSubject;
  readonly picture: File;
}

interface PhotosTakenProps {
  photos: readonly TakenPhoto[];
  /** What a photo most likely shows. */
  subject?: PhotoSubject;
  onChange: (photos: readonly TakenPhoto[]) => void;
}

/** What a photo may be said to show: one of a test is taken where the test is written down. */
const subjectsWith = (subject: PhotoSubject) =>
  photoSubjects.filter((each) => each !== 'test' || subject === 'test');

/** Photos that go with a coupon when it is saved: from the camera of a phone, or from a file. */
export function PhotosTaken({ photos, subject = 'face', onChange }: PhotosTakenProps) {
  const [fault, setFault] = useState<string | null>(null);
  const add = (files: readonly File[]) => {
    setFault(files.map(photoFault).find((each) => each !== null) ?? null);
    const fitting = files.filter((file) => photoFault(file) === null);
    onChange([...photos, ...fitting.map((picture) => ({ id: uuid(), subject, picture }))]);
  };
  return (
    <div
      className="flex flex-wrap items-center gap-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        add([...event.dataTransfer.files]);
      }}
    >
      <label
        className="btn touch-always has-focus-visible:outline-3"
        title="Choose or take one, or drop it here"
      >
        <Camera className="size-5" aria-hidden="true" /> Add a photo
        <input
          type="file"
          accept={photoChoice}
          multiple
          className="sr-only"
          onChange={(event) => {
            add([...(event.target.files ?? [])]);
            event.target.value = '';
          }}
        />
      </label>
      {photos.map((photo) => (
        <Taken
          key={photo.id}
          photo={photo}
          onSubject={(subject) =>
            onChange(photos.map((each) => (each.id === photo.id ? { ...each, subject } : each)))
          }
          onRemove={() => onChange(photos.filter(({ id }) => id !== photo.id))}
        />
      ))}
      {fault !== null && (
        <p role="alert" className="fault text-sm">
          {fault}
        </p>
      )}
    </div>
  );
}

interface TakenProps {
  photo: TakenPhoto;
  onSubject: (subject: PhotoSubject) => void;
  onRemove: () => void;
}

function Taken({ photo, onSubject, onRemove }: TakenProps) {
  const address = useMemo(() => URL.createObjectURL(photo.picture), [photo.picture]);
  useEffect(() => () => URL.revokeObjectURL(address), [address]);
  // Not every browser shows HEIC; what is kept of it is JPEG.
  const [isShown, setIsShown] = useState(true);
  return (
    <figure className="flex items-center gap-1 rounded-box border border-base-300 p-1">
      {isShown ? (
        <img
          src={address}
          alt={`Photo ${photo.picture.name}`}
          className="size-14 rounded object-cover"
          onError={() => setIsShown(false)}
        />
      ) : (
        <figcaption className="w-28 text-sm break-words">
          {photo.picture.name}, shown once it is kept
        </figcaption>
      )}
      <select
        className="select touch w-28 text-base"
        aria-label={`What ${photo.picture.name} shows`}
        value={photo.subject}
        onChange={(event) => onSubject(event.target.value as PhotoSubject)}
      >
        {subjectsWith(photo.subject).map((subject) => (
          <option key={subject} value={subject}>
            {photoSubjectWords[subject]}
          </option>
        ))}
      </select>
      <button
        type="button"
        className="btn touch btn-square btn-ghost"
        aria-label={`Leave ${photo.picture.name} out`}
        onClick={onRemove}
      >
        <X className="size-5" aria-hidden="true" />
      </button>
    </figure>
  );
}
