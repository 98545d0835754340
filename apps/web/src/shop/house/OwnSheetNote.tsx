import type { HouseSheet } from '@lone-heron/contract';
import { useWorkshopsQuery } from '../../shared/workshops/workshopsApi.js';
import { workshopName } from '../../shared/workshops/workshopChoices.js';
import type { WrittenSheet } from './useHouseSheet.js';

/** Says whether a sheet is one's workshop's own or the firm's, and leads back to the firm's; nothing where there is one for all. */
export function OwnSheetNote<Sheet extends HouseSheet>({ sheet }: { readonly sheet: WrittenSheet<Sheet> }) {
  const { whose, mayChange, isSaving, leaveToFirm } = sheet;
  const { data: workshops } = useWorkshopsQuery(undefined, { skip: whose === null });
  if (whose === null || workshops === undefined) return null;
  const name = workshopName(workshops, whose.workshopId);
  return (
    <div className="sheet flex flex-wrap items-center gap-3 p-3">
      <p className="grow">
        {whose.isOwn
          ? `${name} has this of its own, on top of the firm’s.`
          : `This is the firm’s. Changed here it becomes ${name}’s own, and the firm’s stays as it is.`}
      </p>
      {whose.isOwn && mayChange && (
        <button
          type="button"
          className="btn touch-always"
          onClick={() => {
            if (!isSaving) void leaveToFirm();
          }}
        >
          Go by the firm’s again
        </button>
      )}
    </div>
  );
}
