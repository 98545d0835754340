import { PickField } from '../../../shared/form/PickField.js';

const zooms = [
  { value: '1', label: 'as wide as here' },
  { value: '2', label: 'twice as large' },
  { value: '4', label: 'four times' },
] as const;

/** How large the picture is shown. */
export function PictureZoom({ zoom, onZoom }: { zoom: number; onZoom: (zoom: number) => void }) {
  return (
    <div className="w-40">
      <PickField
        label="Picture"
        value={String(zoom)}
        choices={zooms}
        onPick={(value) => onZoom(Number(value))}
      />
    </div>
  );
}
