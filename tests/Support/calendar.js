// Reads an iCalendar file and prints the calendar's name, then each event with its days.
import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';

const calendar = new ICAL.Component(ICAL.parse(readFileSync(process.argv[2], 'utf8')));
console.log(calendar.getFirstPropertyValue('x-wr-calname'));
for (const component of calendar.getAllSubcomponents('vevent')) {
    const event = new ICAL.Event(component);
    if (!event.startDate.isDate || !event.uid || !component.getFirstPropertyValue('dtstamp')) {
        throw new Error(`${event.summary} is no whole day, or lacks what it is known by.`);
    }
    console.log(event.startDate.toString(), event.endDate.toString(), event.summary);
}
