import { useQuery } from "@tanstack/react-query";
import { api } from "../api";
import { Card, Notice, Page, PickOne } from "../ui";
import { People } from "./People";
import { SchoolChoices } from "./SchoolChoices";
import { Tools } from "./Tools";
import { useHouse } from "./useHouse";

const SPOONS = [
  { value: "us", label: "US (cup 237 ml)" },
  { value: "metric", label: "Metric (cup 250 ml)" },
  { value: "british", label: "British (pint 568 ml)" },
  { value: "australian", label: "Australian (tbsp 20 ml)" },
];
const AMOUNTS = [
  { value: "both", label: "Scales, cups beside" },
  { value: "metric", label: "Scales only" },
  { value: "cups", label: "Cups first" },
];

/** Who eats here, how this house cooks, and what it has: what every dish starts from. */
export function HousePage() {
  const { house, error, saving, saved, change } = useHouse();
  const choices = useQuery({ queryKey: ["house", "choices"], queryFn: api.houseChoices, staleTime: Infinity });
  return (
    <Page title="House">
      <div className="mb-4 flex flex-wrap items-baseline justify-between gap-2">
        <h1 className="text-2xl font-bold">House</h1>
        <p role="status" className="text-faded">
          {saving ? "Saving…" : saved && !error ? "Saved" : ""}
        </p>
      </div>
      {error && (
        <div className="mb-4">
          <Notice tone="danger" title="Not saved">
            {error.message}
          </Notice>
        </div>
      )}
      {house && (
        <div className="grid items-start gap-5 lg:grid-cols-2">
          <div className="flex flex-col gap-5">
            <People people={house.people ?? []} onPeople={(people) => change({ people })} />
            <Card title="Amounts">
              <div className="flex flex-col gap-3">
                <div>
                  <p className="mb-1 text-sm font-medium text-faded">Cups and spoons in recipes that do not say</p>
                  <PickOne
                    label="Cups and spoons"
                    value={house.spoons ?? "us"}
                    options={SPOONS}
                    onPick={(spoons) => change({ spoons })}
                  />
                </div>
                <div>
                  <p className="mb-1 text-sm font-medium text-faded">Show amounts as</p>
                  <PickOne
                    label="Show amounts as"
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
      {!house && !error && <p role="status">Opening the house…</p>}
    </Page>
  );
}
