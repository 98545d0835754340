interface MapFieldProps {
  readonly label: string;
  /** What the field for its file is called. */
  readonly file: string;
  readonly text: string;
  readonly onMap: (text: string) => void;
}

/** A map as text, or out of a file. */
export function MapField({ label, file, text, onMap }: MapFieldProps) {
  return (
    <div className="flex flex-col gap-1">
      <label className="flex flex-col gap-1">
        <span className="text-sm font-medium">{label}</span>
        <textarea
          className="textarea h-48 w-full font-mono text-sm"
          spellCheck={false}
          value={text}
          onChange={(event) => onMap(event.target.value)}
        />
      </label>
      <input
        type="file"
        className="file-input touch-always"
        accept="application/json,.json"
        aria-label={file}
        onChange={(event) => {
          const [picked] = event.target.files ?? [];
          void picked?.text().then(onMap);
        }}
      />
    </div>
  );
}
