import { Page } from "../ui";
import { Ingredients } from "./Ingredients";
import { LabelReader } from "./LabelReader";

export function LarderPage() {
  return (
    <Page title="Larder">
      <h1 className="mb-4 text-2xl font-bold">Larder</h1>
      <div className="grid items-start gap-5 lg:grid-cols-2">
        <LabelReader />
        <Ingredients />
      </div>
    </Page>
  );
}
