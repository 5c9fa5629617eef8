import { told } from "../messages";

const DAYS = [
  told("web.table.sunday"),
  told("web.table.monday"),
  told("web.table.tuesday"),
  told("web.table.wednesday"),
  told("web.table.thursday"),
  told("web.table.friday"),
  told("web.table.saturday"),
];
const MONTHS = told("web.table.january-february-march-april-may-june").split(" ");

/** A local date and time as the server tells it, as minutes since some midnight long ago. No zone comes into it. */
export function minuteOf(at: string): number {
  const [date, time = "00:00"] = at.split("T");
  const [year, month, day] = date.split("-").map(Number);
  const [hour, minute] = time.split(":").map(Number);
  return Date.UTC(year, month - 1, day, hour, minute) / 60_000;
}

export function timeOf(minute: number): string {
  return new Date(minute * 60_000).toISOString().slice(0, 16);
}

export function later(at: string, minutes: number): string {
  return timeOf(minuteOf(at) + minutes);
}

/** 18:30 */
export function clock(at: string): string {
  return at.slice(11, 16);
}

/** Thursday 26 November */
export function day(at: string): string {
  const date = new Date(minuteOf(at) * 60_000);
  return `${DAYS[date.getUTCDay()]} ${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}`;
}

export function sameDay(a: string, b: string): boolean {
  return a.slice(0, 10) === b.slice(0, 10);
}

/** The cook's own clock, to the minute. */
export function now(): string {
  const here = new Date();
  return new Date(here.getTime() - here.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}
