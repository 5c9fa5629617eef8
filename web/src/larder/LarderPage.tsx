import { Link, useParams } from "react-router";
import { told } from "../messages";
import { Page } from "../ui";
import { Components } from "./Components";
import { Ingredients } from "./Ingredients";
import { LabelReader } from "./LabelReader";
import { Packets } from "./Packets";
import { Wordings } from "./Wordings";

const SHELVES = {
  label: { name: told("web.larder.read-a-label"), show: LabelReader },
  packets: { name: told("web.larder.kept-packets"), show: Packets },
  ingredients: { name: told("web.larder.ingredients"), show: Ingredients },
  components: { name: told("web.ui.made-at-home"), show: Components },
  wordings: { name: told("web.larder.remembered-words"), show: Wordings },
} as const;

export function LarderPage() {
  const { shelf = "label" } = useParams();
  const at = shelf in SHELVES ? (shelf as keyof typeof SHELVES) : "label";
  const Shelf = SHELVES[at].show;
  return (
    <Page title={told("web.ui.larder")}>
      <h1 className="mb-3 text-2xl font-bold">{told("web.ui.larder")}</h1>
      <nav aria-label={told("web.ui.larder")} className="mb-4 flex flex-wrap gap-x-1 gap-y-1 border-b-2 border-line">
        {Object.entries(SHELVES).map(([id, s]) => (
          <Link
            key={id}
            to={`/larder/${id}`}
            aria-current={id === at ? "page" : undefined}
            className={`-mb-0.5 rounded-t-lg border-b-4 px-3 py-2 font-semibold ${id === at ? "border-rim text-rim" : "border-transparent text-faded hover:text-ink"}`}
          >
            {s.name}
          </Link>
        ))}
      </nav>
      <div className="max-w-4xl">
        <Shelf />
      </div>
    </Page>
  );
}
