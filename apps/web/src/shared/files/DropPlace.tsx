import { FileUp } from 'lucide-react';

interface DropPlaceProps {
  /** Of the file that was chosen; null before one was. */
  name: string | null;
  /** Endings of the files that are read, with commas between. */
  accept: string;
  onFile: (file: File) => void;
}

/** Where a file is chosen or dropped. */
export function DropPlace({ name, accept, onFile }: DropPlaceProps) {
  return (
    <label
      className="flex min-h-24 cursor-pointer items-center justify-center gap-3 rounded-box border-2 border-dashed border-primary p-4 has-focus-visible:outline-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        const [file] = event.dataTransfer.files;
        if (file !== undefined) onFile(file);
      }}
    >
      <FileUp className="size-6" aria-hidden="true" />
      {name ?? 'Choose a file, or drop it here'}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file !== undefined) onFile(file);
          event.target.value = '';
        }}
      />
    </label>
  );
}
