import { NavLink, useParams } from "react-router";
import { Page } from "../ui";
import { Components } from "./Components";
import { Ingredients } from "./Ingredients";
import { LabelReader } from "./LabelReader";
import { Packets } from "./Packets";
import { Wordings } from "./Wordings";

const SHELVES = {
  label: { name: "Read a label", show: LabelReader },
  packets: { name: "Kept packets", show: Packets },
  ingredients: { name: "Ingredients", show: Ingredients },
  components: { name: "Made at home", show: Components },
  wordings: { name: "Remembered words", show: Wordings },
} as const;

export function LarderPage() {
  const { shelf = "label" } = useParams();
  const at = shelf in SHELVES ? (shelf as keyof typeof SHELVES) : "label";
  const Shelf = SHELVES[at].show;
  return (
    <Page title="Larder">
      <h1 className="mb-3 text-2xl font-bold">Larder</h1>
      <nav aria-label="Larder" className="mb-4 flex flex-wrap gap-x-1 gap-y-1 border-b-2 border-line">
        {Object.entries(SHELVES).map(([id, s]) => (
          <NavLink
            key={id}
            to={`/larder/${id}`}
            aria-current={id === at ? "page" : undefined}
            className={`-mb-0.5 rounded-t-lg border-b-4 px-3 py-2 font-semibold ${id === at ? "border-rim text-rim" : "border-transparent text-faded hover:text-ink"}`}
          >
            {s.name}
          </NavLink>
        ))}
      </nav>
      <div className="max-w-4xl">
        <Shelf />
      </div>
    </Page>
  );
}
