import { upkeepState, type Machine, type MachineUpkeep, type UpkeepTask } from '@lone-heron/contract';
import ICAL from 'ical.js';

/** Days ahead that a reminder comes, so that a part can be ordered. */
const remindDays = 3;
const msPerDay = 86_400_000;
// The library counts a folded line without the blank it begins with: 74 of its octets are 75 of RFC 5545's.
ICAL.foldLength = 74;

/**
 * What is due as an iCalendar file (RFC 5545): one all-day event for each task that has a day, under an id that stays,
 * so that a calendar that asks again moves the event and does not add one. What is over is put on today.
 */
export function calendarFeed(
  machines: readonly Machine[],
  upkeep: readonly MachineUpkeep[],
  now: Date,
): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', '-//Lone Heron//Upkeep//EN');
  calendar.updatePropertyWithValue('x-wr-calname', 'Upkeep, Lone Heron');
  for (const each of upkeep) {
    const machine = machines.find(({ id }) => id === each.plan.machineId);
    if (machine === undefined) continue;
    for (const event of eventsOf(machine, each, now)) calendar.addSubcomponent(event);
  }
  return `${calendar.toString()}\r\n`;
}

function eventsOf(machine: Machine, { plan, standings }: MachineUpkeep, now: Date): ICAL.Component[] {
  return plan.tasks.flatMap((task) => {
    const standing = standings.find(({ taskId }) => taskId === task.id);
    if (standing?.dueAt == null) return [];
    const isOver = Date.parse(standing.dueAt) < now.getTime();
    const day = isOver ? now : new Date(standing.dueAt);
    const since = isOver ? `Due since ${standing.dueAt.slice(0, 10)}. ` : '';
    const isMissed = upkeepState(task, standing, now) === 'missed';
    const event = new ICAL.Component('vevent');
    event.updatePropertyWithValue('uid', `${machine.id}-${task.id}@lone-heron`);
    event.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(now, true));
    event.updatePropertyWithValue('dtstart', dayOf(day));
    event.updatePropertyWithValue('dtend', dayOf(new Date(day.getTime() + msPerDay)));
    event.updatePropertyWithValue(
      'summary',
      oneText(`${task.title}, ${machine.name}${isMissed ? ' (missed)' : ''}`),
    );
    event.updatePropertyWithValue('description', oneText(`${since}${task.how}`));
    event.updatePropertyWithValue('transp', 'TRANSPARENT');
    event.addSubcomponent(reminderOf(task));
    return event;
  });
}

function reminderOf({ title }: UpkeepTask): ICAL.Component {
  const alarm = new ICAL.Component('valarm');
  alarm.updatePropertyWithValue('action', 'DISPLAY');
  alarm.updatePropertyWithValue('description', oneText(title));
  alarm.updatePropertyWithValue('trigger', ICAL.Duration.fromSeconds((-remindDays * msPerDay) / 1000));
  return alarm;
}

function dayOf(at: Date): ICAL.Time {
  return ICAL.Time.fromDateString(at.toISOString().slice(0, 10));
}

/** A text as a calendar takes it: its lines end in one way, and it has no other control characters. */
function oneText(text: string): string {
  // oxlint-disable-next-line no-control-regex
  return text.replace(/\r\n?/g, '\n').replace(/[\u0000-\u0009\u000b-\u001f\u007f]/g, ' ');
}
