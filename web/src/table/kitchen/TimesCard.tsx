import { told } from "../../messages";
import { Button, Card, NumberField, SettledField } from "../../ui";
import { day, later } from "../time";
import type { ViewProps } from "../viewProps";

/** When it is served, and the times there are to work. */
export function TimesCard({ meal, change }: Pick<ViewProps, "meal" | "change">) {
  const kitchen = meal.kitchen ?? {};
  const times = kitchen.sittings ?? [];
  const serveAt = meal.serveAt ?? "";
  const set = (sittings: typeof times) => change({ kitchen: { ...kitchen, sittings } });
  const part = (at: number, change: object) => set(times.map((t, i) => (i === at ? { ...t, ...change } : t)));
  return (
    <Card title={told("web.table.times")}>
      <div className="flex flex-col gap-4">
        <SettledField
          type="datetime-local"
          label={told("web.table.on-the-table-at-field")}
          value={serveAt.slice(0, 16)}
          onSettled={(at) => change({ serveAt: at })}
        />
        <ul className="flex flex-col gap-3">
          {times.map((t, i) => (
            <li key={i} className="flex flex-wrap items-end gap-x-2 gap-y-1 border-t border-line pt-2">
              <div className="flex basis-full items-center justify-between">
                <p className="font-semibold">{day(t.from ?? serveAt)}</p>
                <Button
                  look="quiet"
                  className="min-h-9 text-sm"
                  aria-label={told("web.table.remove-this-time-to-work", day(t.from ?? serveAt))}
                  onClick={() => set(times.filter((_, k) => k !== i))}
                >
                  {told("web.table.remove")}
                </Button>
              </div>
              <SettledField
                type="datetime-local"
                label={told("web.table.work-from")}
                value={t.from ?? ""}
                onSettled={(from) => part(i, { from })}
              />
              <SettledField
                type="datetime-local"
                label={told("web.table.work-to")}
                value={t.to ?? ""}
                onSettled={(to) => part(i, { to })}
              />
              <NumberField
                label={told("web.table.hands")}
                value={t.cooks ?? kitchen.cooks ?? 1}
                min={1}
                max={kitchen.cooks ?? 1}
                onValue={(cooks) => part(i, { cooks: cooks ?? undefined })}
              />
            </li>
          ))}
        </ul>
        <div className="flex flex-wrap gap-2">
          <Button
            onClick={() => {
              const evening = later(serveAt, -24 * 60).slice(0, 10);
              set([{ from: `${evening}T18:00`, to: `${evening}T21:00` }, ...times]);
            }}
          >
            {told("web.table.add-the-evening-before")}
          </Button>
          <Button look="quiet" onClick={() => set([...times, { from: later(serveAt, -240), to: serveAt }])}>
            {told("web.table.add-time-on-the-day")}
          </Button>
        </div>
      </div>
    </Card>
  );
}
