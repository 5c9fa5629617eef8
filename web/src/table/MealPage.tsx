import { Link, useParams } from "react-router";
import { Away } from "../api";
import { told } from "../messages";
import { Button, Notice, Page } from "../ui";
import { ApartView } from "./apart/ApartView";
import { ClockView } from "./clock/ClockView";
import { GuestsView } from "./guests/GuestsView";
import { KitchenView } from "./kitchen/KitchenView";
import { ServeView } from "./serve/ServeView";
import { ShoppingView } from "./shopping/ShoppingView";
import { clock, day } from "./time";
import { type Planning, useMeal, useMealPlan } from "./useMeal";
import type { ViewProps } from "./viewProps";
import { attention, isView, VIEW_WORDS, VIEWS, type View } from "./views";

const SCREENS: Record<View, (props: ViewProps) => React.ReactNode> = {
  guests: GuestsView,
  kitchen: KitchenView,
  clock: ClockView,
  apart: ApartView,
  shopping: ShoppingView,
  serve: ServeView,
};

export function MealPage() {
  const { id = "", view } = useParams();
  const at: View = isView(view) ? view : "clock";
  const { kept, missing, refused, saving, change, undo } = useMeal(id);
  const planning = useMealPlan(kept, saving);
  if (!kept) {
    return (
      <Page title={told("web.table.meal")}>
        {missing ? (
          <Notice tone="warm" title={told("web.table.this-meal-cannot-be-opened-now")}>
            {missing.message}
          </Notice>
        ) : (
          <p role="status">{told("web.table.fetching-the-meal")}</p>
        )}
      </Page>
    );
  }
  const { meal } = kept;
  const Screen = SCREENS[at];
  const title = meal.title ?? told("web.table.meal");
  return (
    <Page
      title={title}
      bar={
        <>
          <div className="order-last min-w-0 basis-full sm:order-none sm:flex-1 sm:basis-0">
            <h1 className="truncate text-lg font-bold leading-tight">{title}</h1>
            <p className="text-sm text-faded">
              {meal.serveAt && told("web.table.on-the-table-at", day(meal.serveAt), clock(meal.serveAt))}
            </p>
          </div>
          <span
            role="status"
            aria-label={told("web.ui.saving-label")}
            className="ml-auto text-sm font-semibold text-faded"
          >
            {saving ? told("web.ui.saving") : refused ? told("web.ui.not-saved") : told("web.ui.saved")}
          </span>
          <Button look="quiet" disabled={saving || !kept.canUndo} onClick={undo}>
            {told("web.table.undo")}
          </Button>
          <Link to={`/table/${id}/print`} className="font-semibold text-rim underline">
            {told("web.table.on-paper-button")}
          </Link>
          <Link to="/table" className="font-semibold text-rim underline">
            {told("web.table.all-meals")}
          </Link>
        </>
      }
    >
      <Rail id={id} at={at} planning={planning} own={Boolean(meal.order)} />
      {refused && (
        <div className="mb-4">
          <Notice tone="danger" title={told("web.ui.not-saved")}>
            {told("web.table.the-meal-stands-as-it-was", refused.message)}
          </Notice>
        </div>
      )}
      {planning.error && (
        <div className="mb-4">
          <Notice
            tone={planning.error instanceof Away ? "warm" : "danger"}
            title={told("web.ui.this-cannot-be-planned-as-it")}
          >
            {planning.error.message} {planning.plan && told("web.table.the-last-plan-that-worked-is")}
          </Notice>
        </div>
      )}
      {planning.plan ? (
        <Screen kept={kept} meal={meal} plan={planning.plan} change={change} />
      ) : (
        !planning.error && <p role="status">{told("web.table.working-out-the-first-plan")}</p>
      )}
    </Page>
  );
}

function Rail({ id, at, planning, own }: { id: string; at: View; planning: Planning; own: boolean }) {
  return (
    <div className="mb-4 flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
      <nav
        aria-label={told("web.table.views-of-the-meal")}
        className="min-w-0 max-w-full overflow-x-auto border-b-2 border-line"
      >
        <ul className="flex min-w-max items-stretch">
          {VIEWS.map((view) => {
            const look = attention(view, planning.plan);
            return (
              <li key={view}>
                <Link
                  ref={view === at ? intoView : undefined}
                  to={`/table/${id}/${view}`}
                  aria-current={view === at ? "page" : undefined}
                  className={`flex h-full min-h-12 items-center gap-2 border-b-4 px-2 py-1.5 font-semibold sm:px-4 ${view === at ? "border-rim text-rim" : "border-transparent text-faded hover:text-ink"}`}
                >
                  {VIEW_WORDS[view]}
                  {look && (
                    <span className="rounded-md bg-warm-soft px-1.5 py-0.5 text-sm font-semibold text-warm">
                      {look}
                    </span>
                  )}
                </Link>
              </li>
            );
          })}
        </ul>
      </nav>
      <div className="text-sm">
        <Proof planning={planning} own={own} />
      </div>
    </div>
  );
}

/** On a phone the rail is wider than the page: the view one is on stays in sight. */
function intoView(link: HTMLAnchorElement | null) {
  link?.scrollIntoView({ block: "nearest", inline: "center" });
}

function Proof({ planning: { plan, proving }, own }: { planning: Planning; own: boolean }) {
  if (proving) {
    return (
      <span role="status" className="flex items-center gap-2 font-semibold text-warm">
        <span aria-hidden="true" className="size-3 animate-pulse rounded-full bg-warm" />
        {plan ? told("web.table.a-good-plan-looking-for-the") : told("web.table.planning")}
      </span>
    );
  }
  if (!plan) return null;
  const best = plan.status.proven
    ? told("web.table.proven-no-better-order-exists")
    : told("web.table.best-found", gap(plan.status.gap));
  return (
    <span role="status" className="font-semibold text-faded">
      {own ? told("web.table.your-own-order") : best}
    </span>
  );
}

/** A bound this far off says nothing of the plan, only that the search ended before it knew. */
const TELLS_NOTHING = 0.5;

function gap(share: number): string {
  if (share >= TELLS_NOTHING) return told("web.table.a-better-order-may-exist");
  return told("web.table.at-most-from-the-best", Math.max(1, Math.round(share * 100)));
}
