import { Eye } from 'lucide-react';
import { useMachinesQuery } from '../api/heronApi.js';
import { usePersonAtDesk } from '../door/usePersonAtDesk.js';
import { isOfOthers } from './isOfOthers.js';
import { workshopName } from './workshopChoices.js';
import { useWorkshopsQuery } from './workshopsApi.js';

type WhoseNoteProps = { readonly machineId: string } | { readonly workshopId: string | null | undefined };

/** Says over what is another workshop's that it can be seen and not changed; nothing over one's own. */
export function WhoseNote(props: WhoseNoteProps) {
  const { data: machines = [] } = useMachinesQuery(undefined);
  const person = usePersonAtDesk();
  const own = person?.workshopId ?? null;
  const whose =
    'machineId' in props ? machines.find(({ id }) => id === props.machineId)?.workshopId : props.workshopId;
  const isOthers = isOfOthers(person, whose);
  const { data: workshops } = useWorkshopsQuery(undefined, { skip: !isOthers });
  if (!isOthers || workshops === undefined || person === null) return null;
  const of = workshopName(workshops, whose);
  return (
    <p className="sheet flex items-center gap-3 p-3">
      <Eye className="size-6 shrink-0 text-soft" aria-hidden="true" />
      <span>
        <strong>This is of {of}.</strong> You are of {workshopName(workshops, own)}: you see it, and{' '}
        {(whose ?? null) === null ? 'somebody of the whole firm' : `somebody of ${of} or of the whole firm`}{' '}
        changes it.
      </span>
    </p>
  );
}
