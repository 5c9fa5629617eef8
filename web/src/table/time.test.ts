import { describe, expect, it } from "vitest";
import { clock, day, later, minuteOf, now, sameDay, timeOf } from "./time";

describe("times at the table", () => {
  it("are local to the minute, whatever the zone and the season", () => {
    for (const at of ["2026-03-29T02:30", "2026-10-25T02:30", "2024-02-29T23:59", "2026-12-31T00:00"])
      expect(timeOf(minuteOf(at))).toBe(at);
  });

  it("go over midnight, the month and the year, both ways", () => {
    expect(later("2026-12-31T23:50", 15)).toBe("2027-01-01T00:05");
    expect(later("2026-03-01T00:10", -20)).toBe("2026-02-28T23:50");
    expect(minuteOf(later("2026-11-27T19:30", 1440)) - minuteOf("2026-11-27T19:30")).toBe(1440);
  });

  it("a date alone is its midnight, and seconds do not count", () => {
    expect(minuteOf("2026-11-27")).toBe(minuteOf("2026-11-27T00:00"));
    expect(minuteOf("2026-11-27T19:30:45")).toBe(minuteOf("2026-11-27T19:30"));
  });

  it("are said as a cook says them", () => {
    expect(clock("2026-11-27T09:05:00")).toBe("09:05");
    expect(day("2026-11-27T19:30")).toBe("Friday 27 November");
    expect(day("2026-11-29")).toBe("Sunday 29 November");
  });

  it("tell one day from the next", () => {
    expect(sameDay("2026-11-27T00:00", "2026-11-27T23:59")).toBe(true);
    expect(sameDay("2026-11-27T23:59", "2026-11-28T00:00")).toBe(false);
  });

  it("now is this very minute here", () => {
    const here = new Date();
    expect(Math.abs(minuteOf(now()) - (here.getTime() / 60_000 - here.getTimezoneOffset()))).toBeLessThan(2);
  });
});
