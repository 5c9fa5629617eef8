import { useQuery } from "@tanstack/react-query";
import { api } from "../api";
import { told } from "../messages";
import { Card, Notice, Page, PickOne } from "../ui";
import { People } from "./People";
import { SchoolChoices } from "./SchoolChoices";
import { Tools } from "./Tools";
import { useHouse } from "./useHouse";

const SPOONS = [
  { value: "us", label: told("web.house.us-cup-237-ml") },
  { value: "metric", label: told("web.house.metric-cup-250-ml") },
  { value: "british", label: told("web.house.british-pint-568-ml") },
  { value: "australian", label: told("web.house.australian-tbsp-20-ml") },
];
const AMOUNTS = [
  { value: "both", label: told("web.house.scales-cups-beside") },
  { value: "metric", label: told("web.house.scales-only") },
  { value: "cups", label: told("web.house.cups-first") },
];

/** Who eats here, how this house cooks, and what it has: what every dish starts from. */
export function HousePage() {
  const { house, error, saving, saved, change } = useHouse();
  const choices = useQuery({ queryKey: ["house", "choices"], queryFn: api.houseChoices, staleTime: Infinity });
  return (
    <Page title={told("web.ui.house")}>
      <div className="mb-4 flex flex-wrap items-baseline justify-between gap-2">
        <h1 className="text-2xl font-bold">{told("web.ui.house")}</h1>
        <p role="status" className="text-faded">
          {saving ? told("web.ui.saving") : saved && !error ? told("web.ui.saved") : ""}
        </p>
      </div>
      {error && (
        <div className="mb-4">
          <Notice tone="danger" title={told("web.ui.not-saved")}>
            {error.message}
          </Notice>
        </div>
      )}
      {house && (
        <div className="grid items-start gap-5 lg:grid-cols-2">
          <div className="flex flex-col gap-5">
            <People people={house.people ?? []} onPeople={(people) => change({ people })} />
            <Card title={told("web.house.amounts")}>
              <div className="flex flex-col gap-3">
                <div>
                  <p className="mb-1 text-sm font-medium text-faded">
                    {told("web.house.cups-and-spoons-in-recipes-that")}
                  </p>
                  <PickOne
                    label={told("web.house.cups-and-spoons")}
                    value={house.spoons ?? "us"}
                    options={SPOONS}
                    onPick={(spoons) => change({ spoons })}
                  />
                </div>
                <div>
                  <p className="mb-1 text-sm font-medium text-faded">{told("web.house.show-amounts-as")}</p>
                  <PickOne
                    label={told("web.house.show-amounts-as")}
                    value={house.amounts ?? "both"}
                    options={AMOUNTS}
                    onPick={(amounts) => change({ amounts })}
                  />
                </div>
              </div>
            </Card>
            <Tools
              tools={choices.data?.tools ?? []}
              lacks={house.lacks ?? []}
              keptApart={house.keptApart ?? []}
              onTools={change}
            />
          </div>
          <SchoolChoices
            questions={choices.data?.questions ?? []}
            schools={house.schools ?? {}}
            onSchools={(schools) => change({ schools })}
          />
        </div>
      )}
      {!house && !error && <p role="status">{told("web.house.opening-the-house")}</p>}
    </Page>
  );
}
