import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api } from "../../api";
import { rich, told } from "../../messages";
import { ALLERGENS, allergenWord, Card, NEEDS, needWord, PickAny, PickOne, sentence } from "../../ui";
import type { StopProps } from "../stopProps";

/** Who eats, and what the dish must be safe for besides. */
export function NeedsPicker({ plan, brief, edit }: Pick<StopProps, "plan" | "brief" | "edit">) {
  const avoid = brief.avoid ?? [];
  const house = useQuery({ queryKey: ["house"], queryFn: api.house });
  const people = house.data?.house.people ?? [];
  return (
    <Card title={told("web.dish.safe-for")} aside={judged(plan)}>
      <div className="flex flex-col gap-3">
        {people.length > 0 ? (
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
            <span className="font-medium text-faded">{told("web.dish.who-eats")}</span>
            <PickAny
              label={told("web.dish.who-eats")}
              value={brief.eaters ?? []}
              onPick={(eaters) => edit({ eaters })}
              options={people.map((p) => ({ value: p.id ?? p.name ?? "", label: p.name ?? "" }))}
            />
          </div>
        ) : (
          <p className="text-sm text-faded">
            {rich("web.dish.cooking-for-the-same-people-often", {
              a: (words) => (
                <Link to="/house" className="font-semibold text-rim underline">
                  {words}
                </Link>
              ),
            })}
          </p>
        )}
        <PickAny
          label={told("web.ui.needs")}
          value={brief.needs ?? []}
          onPick={(needs) => edit({ needs })}
          options={NEEDS.map((n) => ({ value: n as string, label: sentence(needWord(n)) }))}
        />
        <div className="flex flex-wrap items-center gap-x-6 gap-y-3">
          <PickOne
            label={told("web.ui.how-strict")}
            value={brief.strict ? "strict" : "ingredient"}
            onPick={(v) => edit({ strict: v === "strict" })}
            options={[
              { value: "ingredient", label: told("web.ui.by-ingredient") },
              { value: "strict", label: told("web.ui.strict-traces-matter") },
            ]}
          />
          <details className="flex-1 basis-56">
            <summary className="cursor-pointer py-2 font-semibold text-rim">
              {told("web.ui.single-allergens", avoid.length ? `: ${avoid.map(allergenWord).join(", ")}` : "")}
            </summary>
            <PickAny
              label={told("web.dish.single-allergens")}
              value={avoid}
              onPick={(a) => edit({ avoid: a })}
              options={ALLERGENS.map((a) => ({ value: a as string, label: sentence(allergenWord(a)) }))}
            />
          </details>
        </div>
      </div>
    </Card>
  );
}

function judged({ needs }: StopProps["plan"]): string | undefined {
  const all = [...needs.needs.map(needWord), ...needs.avoid.map((a) => told("web.ui.no", allergenWord(a)))];
  return all.length ? told("web.dish.judged-for-strictly", all.join(", "), Boolean(needs.strict)) : undefined;
}
