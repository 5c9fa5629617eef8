import { useQuery } from "@tanstack/react-query";
import { api, type MealKitchen } from "../../api";
import { told } from "../../messages";
import { Button, Card, NumberField, SelectField, SettledField, sentence } from "../../ui";

type Tool = NonNullable<MealKitchen["tools"]>[number];

/** What of each tool there is where it differs from the usual, what it is made of, and what is kept for whom. */
export function ToolsCard({ tools, onTools }: { tools: readonly Tool[]; onTools: (tools: Tool[]) => void }) {
  const gear = useQuery({ queryKey: ["gear"], queryFn: api.gear, staleTime: Number.POSITIVE_INFINITY });
  const kinds = gear.data?.tools ?? [];
  const materials = gear.data?.materials ?? [];
  const part = (at: number, change: Partial<Tool>) =>
    onTools(tools.map((t, i) => (i === at ? { ...t, ...change } : t)));
  const washes = (tool: Tool) => {
    const kind = kinds.find((k) => k.tool === tool.tool);
    const stuff = materials.find((m) => m.material === (tool.material ?? kind?.material));
    return !kind || (kind.washes && (stuff?.washes ?? false));
  };
  return (
    <Card title={told("web.ui.tools")} aside={told("web.table.where-nothing-is-said-the-usual")}>
      <ul className="divide-y divide-line">
        {tools.map((tool, i) => (
          <li key={i} className="flex flex-wrap items-end gap-3 py-3 first:pt-0">
            <p className="basis-full font-semibold">
              {sentence(kinds.find((k) => k.tool === tool.tool)?.name ?? tool.tool ?? "")}
              {!washes(tool) && (
                <span className="ml-2 text-sm font-normal text-warm">
                  {told("web.table.does-not-wash-clean-enough")}
                </span>
              )}
            </p>
            <NumberField
              label={told("web.ui.how-many")}
              value={tool.count ?? 1}
              min={0}
              max={50}
              onValue={(count) => part(i, { count: count ?? 1 })}
            />
            <SelectField
              label={told("web.table.made-of")}
              value={tool.material ?? kinds.find((k) => k.tool === tool.tool)?.material ?? ""}
              options={materials.map((m) => ({ value: m.material, label: m.material }))}
              onValue={(material) => part(i, { material })}
            />
            <div className="w-36">
              <SettledField
                label={told("web.table.kept-for")}
                value={tool.keptFor ?? ""}
                onSettled={(keptFor) => part(i, { keptFor: keptFor || undefined })}
              />
            </div>
            <Button
              look="quiet"
              className="min-h-10 text-sm"
              aria-label={told("web.ui.remove", tool.tool)}
              onClick={() => onTools(tools.filter((_, k) => k !== i))}
            >
              {told("web.table.remove")}
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-2 max-w-72">
        <SelectField
          label={told("web.table.say-what-there-is-of")}
          value=""
          options={[
            { value: "", label: told("web.table.choose-a-tool") },
            ...kinds.map((k) => ({ value: k.tool, label: told("web.table.usually", sentence(k.name), k.count) })),
          ]}
          onValue={(tool) => {
            const kind = kinds.find((k) => k.tool === tool);
            if (kind) onTools([...tools, { tool, count: kind.count, material: kind.material }]);
          }}
        />
      </div>
      <p className="mt-3 text-sm text-faded">{told("web.table.smooth-metal-glass-glaze-and-sound")}</p>
    </Card>
  );
}
