import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { Away, api, type Plan, type ShoppingItem } from "../../api";
import { CrossSection } from "../../drawing";
import { told } from "../../messages";
import { allergenWord, Button, dial, grams, minutes, needWord, Page, sentence } from "../../ui";
import { lasts } from "../bake/PhaseStrip";
import { beside } from "../beside";
import { Cautions } from "../Cautions";
import { used } from "../prep/Steps";
import { usePlan } from "../usePlan";

/** One printed page for the counter: what goes in, what to do first, how to build and bake it. */
export function CardPage() {
  const { id = "" } = useParams();
  const dish = useQuery({ queryKey: ["dish", id], queryFn: () => api.dish(id), staleTime: 0 });
  const title = dish.data?.title ?? told("web.dish.card");
  return (
    <Page title={told("web.dish.card-of", title)}>
      {dish.data ? (
        <Sheet dishId={id} title={title} brief={dish.data.brief} />
      ) : (
        <p role="status">{dish.error?.message ?? told("web.dish.fetching-the-dish")}</p>
      )}
    </Page>
  );
}

function Sheet({ dishId, title, brief }: { dishId: string; title: string; brief: Parameters<typeof usePlan>[1] }) {
  const { data: plan, error } = usePlan(dishId, brief);
  // What is printed must be the plan of this very brief.
  const refused = error && !(error instanceof Away);
  if (!plan || refused) return <p role="status">{error?.message ?? told("web.ui.working-out-the-plan")}</p>;
  return (
    <>
      <div className="no-print mb-4 flex flex-wrap items-center gap-2">
        <Button look="main" onClick={() => window.print()}>
          {told("web.dish.print-this-card")}
        </Button>
        <Link to={`/dishes/${dishId}/build`} className="font-semibold text-rim underline">
          {told("web.dish.back-to-build")}
        </Link>
      </div>
      <article className="card-sheet mx-auto max-w-4xl rounded-xl border border-line bg-sheet p-5 text-[0.94rem] leading-snug">
        <header className="mb-3 flex flex-wrap items-baseline justify-between gap-x-4 border-b-4 border-rim pb-2">
          <h1 className="text-xl font-bold">{title}</h1>
          <p className="font-semibold">{safeFor(plan)}</p>
        </header>
        <div className="grid gap-5 sm:grid-cols-[1fr_1.35fr]">
          <div className="flex flex-col gap-3">
            <section>
              <h2 className="font-bold text-rim">{told("web.dish.have-ready")}</h2>
              <ul>
                {plan.ingredients.map((i) => (
                  <li key={i.ingredient ?? i.item} className="flex justify-between gap-3 border-b border-line">
                    <span>
                      {i.item}
                      {BUY[i.buy] && <span className="text-warm"> · {BUY[i.buy]}</span>}
                    </span>
                    <span className="text-right">{i.display}</span>
                  </li>
                ))}
              </ul>
            </section>
            <CrossSection build={plan.build} title={title} />
            {plan.unresolved.length > 0 && (
              <section>
                <h2 className="font-bold text-danger">{told("web.dish.left-out-title")}</h2>
                <ul className="list-disc pl-5">
                  {plan.unresolved.map((u) => (
                    <li key={`${u.source}-${u.text}`}>{u.text}</li>
                  ))}
                </ul>
              </section>
            )}
          </div>
          <div className="flex flex-col gap-3">
            <section>
              <h2 className="font-bold text-rim">{told("web.dish.first")}</h2>
              <StepList plan={plan} when="before" />
            </section>
            <section>
              <h2 className="font-bold text-rim">{told("web.dish.build-bottom-to-top")}</h2>
              <ol className="list-decimal pl-5">
                {plan.build.layers.map((l, i) => (
                  <li key={`${i}-${l.name}`}>
                    {l.name} <strong>{grams(l.grams)}</strong>
                    {plan.build.pan.count > 1 && told("web.dish.and-a-dish", grams(l.grams / plan.build.pan.count))}
                    {l.measure && ` (${l.measure})`}
                    {l.late && told("web.dish.on-during-the-bake")}
                    {laidWords(plan, i)}
                    {l.words && `. ${l.words}`}
                  </li>
                ))}
              </ol>
              {beside(plan.build).map((l) => (
                <p key={l.name}>{told("web.dish.beside", l.name, l.grams > 0 && ` (${grams(l.grams)})`, l.use)}</p>
              ))}
              <StepList plan={plan} when="built" label={told("web.dish.before-it-bakes")} />
            </section>
            <section>
              <h2 className="font-bold text-rim">{told("web.dish.bake")}</h2>
              <StepList plan={plan} when="while-baking" label={told("web.dish.make-meanwhile")} />
              <ol className="list-decimal pl-5">
                {plan.bake.phases.map((p, i) => (
                  <li key={`${i}-${p.kind}`}>
                    <strong>{lasts(p)}</strong>{" "}
                    {p.celsius
                      ? told("web.dish.at-how-hot", p.covered ? "covered" : p.kind, dial(p.celsius))
                      : told("web.dish.rest-then")}
                    {p.adds.length > 0 && told("web.dish.card-now-on", p.adds.join(", ").toLowerCase())}
                    {p.stir && told("web.dish.stir-once")}
                  </li>
                ))}
              </ol>
              <StepList plan={plan} when="to-serve" label={told("web.dish.to-serve")} />
              <p>{told("web.dish.done-when-signs", plan.bake.signs.join(" "))}</p>
              {plan.bake.notes.map((note) => (
                <p key={note}>{note}</p>
              ))}
            </section>
          </div>
        </div>
        <section className="mt-3">
          <h2 className="mb-1 font-bold text-rim">{told("web.dish.take-care")}</h2>
          <Cautions cautions={plan.cautions} />
        </section>
      </article>
    </>
  );
}

/** The steps of one time, each with what goes in; `label` says when, where they stand beside another list. */
function StepList({ plan, when, label }: { plan: Plan; when: Plan["prep"]["steps"][number]["when"]; label?: string }) {
  const steps = plan.prep.steps.filter((s) => s.when === when);
  if (steps.length === 0) return null;
  return (
    <>
      {label && <p className="font-semibold">{label}:</p>}
      <ol className={label ? "list-disc pl-5" : "list-decimal pl-5"}>
        {steps.map((s, i) => (
          <li key={s.id}>
            {s.item !== steps[i - 1]?.item && <strong>{sentence(s.item)}. </strong>}
            {s.text}
            {s.uses.length > 0 && <span className="text-faded"> [{s.uses.map(used).join(", ")}]</span>}
            {s.heat?.startsWith("oven") && <span className="text-faded"> ({s.heat})</span>}
            {when === "before" && (
              <span className="text-faded"> {told("web.dish.before", minutes(s.startMinutesBefore))}</span>
            )}
          </li>
        ))}
      </ol>
    </>
  );
}

const BUY: Record<ShoppingItem["buy"], string | null> = {
  any: null,
  "read-label": told("web.dish.read-the-label"),
  "with-claim": told("web.dish.only-with-a-claim"),
  ask: told("web.dish.ask-what-it-is"),
};

function laidWords(plan: Plan, layer: number): string {
  const laid = plan.build.laid.find((l) => l.layer === layer);
  if (!laid) return "";
  const each = plan.build.rolls?.fillingEach;
  return `: ${laid.words.split(". ")[0].replace(/\.$/, "").toLowerCase()}${each ? `; ${each}` : ""}`;
}

function safeFor({ needs }: Plan): string {
  const all = [...needs.needs.map(needWord), ...needs.avoid.map((a) => told("web.ui.no", allergenWord(a)))];
  return all.length
    ? told("web.dish.strictly-keep-it-apart", sentence(all.join(", ")), Boolean(needs.strict))
    : told("web.dish.no-needs-named");
}
