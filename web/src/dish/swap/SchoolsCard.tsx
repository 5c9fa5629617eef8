import { useQuery } from "@tanstack/react-query";
import { api, type Question } from "../../api";
import { told } from "../../messages";
import { Card, SelectField } from "../../ui";
import type { StopProps } from "../stopProps";

const AS_THE_HOUSE = "";

/** Where good cooks differ: this dish's own answers over the house's. */
export function SchoolsCard({ brief, edit }: Pick<StopProps, "brief" | "edit">) {
  const choices = useQuery({ queryKey: ["house", "choices"], queryFn: api.houseChoices, staleTime: Infinity });
  const house = useQuery({ queryKey: ["house"], queryFn: api.house });
  const own = brief.schools ?? {};
  const pick = (question: string, answer: string) => {
    const { [question]: _old, ...rest } = own;
    edit({ schools: answer === AS_THE_HOUSE ? rest : { ...rest, [question]: answer } });
  };
  const count = Object.keys(own).length;
  return (
    <Card
      title={told("web.dish.how-this-dish-is-cooked")}
      aside={count ? told("web.dish.of-its-own", count) : told("web.dish.as-your-house-does")}
    >
      <details>
        <summary className="cursor-pointer font-semibold text-rim">
          {told("web.dish.sheets-sauces-cheese-cover-rest")}
        </summary>
        <div className="mt-3 grid gap-3 sm:grid-cols-2">
          {(choices.data?.questions ?? []).map((q) => (
            <SelectField
              key={q.id}
              label={q.ask}
              value={own[q.id] ?? AS_THE_HOUSE}
              hint={q.why}
              onValue={(a) => pick(q.id, a)}
              options={[
                {
                  value: AS_THE_HOUSE,
                  label: told("web.dish.as-the-house", houseAnswer(q, house.data?.house.schools ?? {})),
                },
                ...q.answers.map((a) => ({ value: a.id, label: a.name })),
              ]}
            />
          ))}
        </div>
      </details>
    </Card>
  );
}

function houseAnswer(question: Question, schools: Record<string, string>): string {
  const id = schools[question.id];
  return (question.answers.find((a) => a.id === id) ?? question.answers[0]).name;
}
