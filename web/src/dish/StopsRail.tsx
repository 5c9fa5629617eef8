import { Link } from "react-router";
import type { Plan } from "../api";
import { told } from "../messages";
import { attention, STOP_WORDS, STOPS, type Stop } from "./stops";

/** The line of work, in the order cooks work. */
export function StopsRail({ id, at, plan }: { id: string; at: Stop; plan: Plan | undefined }) {
  return (
    <nav aria-label={told("web.dish.stops")} className="no-print mb-5 overflow-x-auto">
      <ol className="flex min-w-max items-stretch border-b-2 border-line">
        {STOPS.map((stop, i) => {
          const look = attention(stop, plan);
          return (
            <li key={stop}>
              <Link
                to={`/dishes/${id}/${stop}`}
                aria-current={stop === at ? "step" : undefined}
                className={`-mb-0.5 flex h-full min-h-12 items-center gap-2 border-b-4 px-2 py-1.5 font-semibold sm:px-4 ${stop === at ? "border-rim text-rim" : "border-transparent text-faded hover:text-ink"}`}
              >
                <span aria-hidden="true" className="hidden text-sm font-normal sm:inline">
                  {i + 1}
                </span>
                {STOP_WORDS[stop]}
                {look && (
                  <span className="rounded-md bg-warm-soft px-1.5 py-0.5 text-sm font-semibold text-warm">{look}</span>
                )}
              </Link>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
