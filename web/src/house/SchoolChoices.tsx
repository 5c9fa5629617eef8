import type { Question } from "../api";
import { told } from "../messages";
import { Card, PickOne } from "../ui";

/** Where good cooks differ: the house's own way, for every dish that does not say otherwise. */
export function SchoolChoices({
  questions,
  schools,
  onSchools,
}: {
  questions: readonly Question[];
  schools: Record<string, string>;
  onSchools: (schools: Record<string, string>) => void;
}) {
  return (
    <Card title={told("web.house.how-this-house-cooks")} aside={told("web.house.the-first-answer-is-the-usual")}>
      <ul className="divide-y divide-line">
        {questions.map((q) => (
          <li key={q.id} className="py-3 first:pt-0">
            <p className="font-semibold">{q.ask}</p>
            <p className="mb-1.5 text-sm text-faded">{q.why}</p>
            <PickOne
              label={q.ask}
              value={schools[q.id] ?? q.answers[0].id}
              options={q.answers.map((a) => ({ value: a.id, label: a.name }))}
              onPick={(answer) => {
                const { [q.id]: _old, ...rest } = schools;
                onSchools(answer === q.answers[0].id ? rest : { ...rest, [q.id]: answer });
              }}
            />
          </li>
        ))}
      </ul>
    </Card>
  );
}
