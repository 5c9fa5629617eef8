import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Eater } from "../../api";
import { PersonForm } from "../../house";
import { told } from "../../messages";
import { Button, Card, Notice, SettledField } from "../../ui";
import type { ViewProps } from "../viewProps";
import { CompareCard } from "./CompareCard";
import { DishesCard } from "./DishesCard";
import { eaterOf, personOf, renamed, without } from "./eaters";
import { Matrix } from "./Matrix";

/** No guest is called so. */
const NEW = " new";

/** Who comes, what there is, and what each can eat of it. */
export function GuestsView({ meal, plan, change }: ViewProps) {
  const [open, setOpen] = useState<string | null>(null);
  const house = useQuery({ queryKey: ["house"], queryFn: api.house });
  const eaters = meal.eaters ?? [];
  const dishes = meal.dishes ?? [];
  const absent = (house.data?.house.people ?? []).filter((p) => !eaters.some((e) => e.name === p.name));
  const keep = (was: string, is: Eater) => {
    const known = eaters.some((e) => e.name === was);
    change({
      eaters: known ? eaters.map((e) => (e.name === was ? is : e)) : [...eaters, is],
      dishes: dishes.map((d) => ({ ...d, for: renamed(d.for, was, is.name ?? "") })),
    });
    setOpen(null);
  };
  const remove = (name: string) =>
    change({
      eaters: eaters.filter((e) => e.name !== name),
      dishes: dishes.map((d) => ({ ...d, for: without(d.for, name) })),
    });
  const shown = eaters.find((e) => e.name === open);
  return (
    <div className="flex flex-col gap-5">
      {plan.gaps.map((gap) => (
        <Notice key={gap.eater} tone="danger" title={told("web.table.has-nothing-to-eat", gap.eater)}>
          {gap.offer}
        </Notice>
      ))}
      <Card
        title={told("web.table.who-eats-what")}
        aside={told("web.table.people-dishes", eaters.length, plan.labels.length)}
      >
        <Matrix
          plan={plan}
          eaters={eaters}
          isFor={(dish, name) => !dishes[dish]?.for || dishes[dish].for.includes(name)}
          onChange={(name) => setOpen(open === name ? null : name)}
          onRemove={remove}
        />
        {shown && <PersonForm key={open} person={personOf(shown)} onKeep={(p) => keep(shown.name ?? "", eaterOf(p))} />}
        {open === NEW && (
          <PersonForm
            person={{ id: "", name: "", needs: [], avoid: [], strict: false, certifiedOats: false }}
            onKeep={(p) => keep(p.name ?? "", eaterOf(p))}
          />
        )}
        <div className="mt-2 flex flex-wrap gap-2">
          <Button onClick={() => setOpen(open === NEW ? null : NEW)}>{told("web.table.add-a-guest")}</Button>
          {absent.map((p) => (
            <Button key={p.id} look="quiet" onClick={() => keep(p.name ?? "", eaterOf(p))}>
              {told("web.table.add-of-this-house", p.name)}
            </Button>
          ))}
        </div>
      </Card>
      <div className="grid items-start gap-5 lg:grid-cols-2">
        <DishesCard meal={meal} plan={plan} change={change} />
        <div className="flex flex-col gap-5">
          <CompareCard plan={plan} />
          <Card title={told("web.table.the-meal")}>
            <SettledField
              label={told("web.table.what-this-meal-is-called")}
              value={meal.title ?? ""}
              onSettled={(title) => title.trim() && change({ title: title.trim() })}
            />
          </Card>
        </div>
      </div>
    </div>
  );
}
