import { upkeepState, type Machine, type MachineUpkeep } from '@lone-heron/contract';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

/** Days ahead that a reminder comes, so that a part can be ordered. */
const remindDays = 3;

/**
 * What is due as an iCalendar file (RFC 5545): one all-day event for each task that has a day, under an id that stays,
 * so that a calendar that asks again moves the event and does not add one. What is over is put on today.
 *
 * @throws where the calendar cannot be written
 */
export function calendarFeed(
  machines: readonly Machine[],
  upkeep: readonly MachineUpkeep[],
  now: Date,
): string {
  const events = upkeep.flatMap((each) => {
    const machine = machines.find(({ id }) => id === each.plan.machineId);
    return machine === undefined ? [] : eventsOf(machine, each, now);
  });
  const { error, value } = createEvents(events, {
    productId: 'lone-heron/upkeep',
    calName: 'Upkeep, Lone Heron',
  });
  if (!value) throw error ?? new Error('the calendar could not be written');
  return value;
}

function eventsOf(machine: Machine, { plan, standings }: MachineUpkeep, now: Date): EventAttributes[] {
  return plan.tasks.flatMap((task) => {
    const standing = standings.find(({ taskId }) => taskId === task.id);
    if (standing?.dueAt == null) return [];
    const state = upkeepState(task, standing, now);
    const isOver = Date.parse(standing.dueAt) < now.getTime();
    const at = isOver ? now : new Date(standing.dueAt);
    const since = isOver ? `Due since ${standing.dueAt.slice(0, 10)}. ` : '';
    return {
      uid: `${machine.id}-${task.id}@lone-heron`,
      title: `${task.title}, ${machine.name}${state === 'missed' ? ' (missed)' : ''}`,
      description: `${since}${task.how}`,
      start: dayOf(at),
      end: dayOf(new Date(at.getTime() + 86_400_000)),
      startInputType: 'utc',
      busyStatus: 'FREE',
      transp: 'TRANSPARENT',
      alarms: [
        {
          action: 'display',
          description: task.title,
          trigger: { before: true, days: remindDays },
        },
      ],
    } satisfies EventAttributes;
  });
}

function dayOf(at: Date): DateArray {
  return [at.getUTCFullYear(), at.getUTCMonth() + 1, at.getUTCDate()];
}
