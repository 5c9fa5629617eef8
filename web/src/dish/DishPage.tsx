import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { Away, api, type Dish } from "../api";
import { CrossSection } from "../drawing";
import { orLast } from "../kept";
import { told } from "../messages";
import { Boundary, Button, Notice, Page } from "../ui";
import { BakeStop } from "./bake/BakeStop";
import { BuildStop } from "./build/BuildStop";
import { Conflict } from "./Conflict";
import { NotesStop } from "./notes/NotesStop";
import { PrepStop } from "./prep/PrepStop";
import { ReadStop } from "./read/ReadStop";
import { SavingSign } from "./SavingSign";
import { StopsRail } from "./StopsRail";
import type { StopProps } from "./stopProps";
import { isStop, STOP_WORDS, type Stop } from "./stops";
import { SwapStop } from "./swap/SwapStop";
import { Title } from "./Title";
import { useDesk } from "./useDesk";
import { afterFlush } from "./useFlush";
import { usePlan } from "./usePlan";

const SCREENS: Record<Stop, (props: StopProps) => React.ReactNode> = {
  read: ReadStop,
  swap: SwapStop,
  prep: PrepStop,
  build: BuildStop,
  bake: BakeStop,
  notes: NotesStop,
};

export function DishPage() {
  const { id = "" } = useParams();
  const dish = useQuery({
    queryKey: ["dish", id],
    queryFn: () => orLast(`dish.${id}`, "", () => afterFlush(id).then(() => api.dish(id))),
    staleTime: 0,
    gcTime: 0,
    refetchInterval: (q) => (q.state.error instanceof Away ? 2_000 : false),
  });
  if (dish.data) return <OpenDish key={id} dish={dish.data} />;
  return (
    <Page title={told("web.dish.dish")}>
      {dish.error ? (
        <Notice tone="warm" title={told("web.dish.this-dish-cannot-be-opened-now")}>
          {dish.error.message} {dish.error instanceof Away && told("web.dish.it-opens-by-itself-when-it")}
        </Notice>
      ) : (
        <p role="status">{told("web.dish.fetching-the-dish")}</p>
      )}
    </Page>
  );
}

function OpenDish({ dish }: { dish: Dish }) {
  const { stop } = useParams();
  const at: Stop = isStop(stop) ? stop : "swap";
  const tools = useDesk(dish);
  const { desk } = tools;
  const plan = usePlan(desk.dish.id, desk.brief);
  const Screen = SCREENS[at];
  const title = desk.brief.title ?? plan.data?.recipe.title ?? desk.dish.title;
  const settled = desk.saving.kind === "saved";
  return (
    <Page
      title={title}
      bar={
        <>
          <Title title={title} onRename={(name) => tools.edit({ title: name })} />
          <SavingSign saving={desk.saving} />
          <div className="flex gap-1">
            <Button look="quiet" disabled={!settled || !desk.dish.canUndo} onClick={() => void tools.undo()}>
              {told("web.dish.undo")}
            </Button>
            <Button look="quiet" disabled={!settled || !desk.dish.canRedo} onClick={() => void tools.redo()}>
              {told("web.dish.redo")}
            </Button>
          </div>
        </>
      }
    >
      <StopsRail id={desk.dish.id} at={at} plan={plan.data} />
      {desk.saving.kind === "away" && (
        <div className="mb-4">
          <Notice tone="warm" title={told("web.dish.kept-on-this-page-not-saved")}>
            {told("web.dish.your-changes-are-safe-here-and", desk.saving.why)}
          </Notice>
        </div>
      )}
      {desk.saving.kind === "refused" && (
        <div className="mb-4">
          <Notice tone="danger" title={told("web.ui.not-saved")}>
            {desk.saving.why}
          </Notice>
        </div>
      )}
      {plan.error && !(plan.error instanceof Away) && (
        <div className="mb-4">
          <Notice tone="danger" title={told("web.ui.this-cannot-be-planned-as-it")}>
            {told("web.dish.the-last-plan-that-worked-is", plan.error.message)}
          </Notice>
        </div>
      )}
      <Conflict desk={desk} onTheirs={tools.takeTheirs} onMine={tools.keepMine} />
      {plan.data ? (
        <Boundary what={STOP_WORDS[at]} at={at}>
          <Screen
            plan={plan.data}
            brief={desk.brief}
            dishId={desk.dish.id}
            version={desk.dish.version}
            drawing={
              <aside aria-label={told("web.dish.cross-section")} className="rounded-xl border border-line bg-sheet p-4">
                <CrossSection build={plan.data.build} title={title} />
              </aside>
            }
            edit={tools.edit}
          />
        </Boundary>
      ) : (
        <p role="status">{plan.error ? plan.error.message : told("web.ui.working-out-the-plan")}</p>
      )}
    </Page>
  );
}
