import {
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import type { Build, Layer } from "../../api";
import { told } from "../../messages";
import { Button, grams, PART_WORDS, percent } from "../../ui";
import { heard } from "../../ui/dragging";

interface Props {
  build: Build;
  ordered: boolean;
  onOrder: (order: string[]) => void;
}

/** The layers to build by, weighed. Any of them can be moved: by dragging, or with its buttons. */
export function LayerList({ build, ordered, onOrder }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = build.layers.map((_, i) => `layer-${i}`);
  const move = (from: number, to: number) => {
    if (to < 0 || to >= build.layers.length || from === to) return;
    onOrder(
      arrayMove(
        build.layers.map((l) => l.component),
        from,
        to,
      ),
    );
  };
  const dropped = ({ active, over }: DragEndEvent) =>
    over && move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  return (
    <>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={dropped}
        accessibility={heard((id) => build.layers[ids.indexOf(id)].name)}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol className="divide-y divide-line">
            {build.layers.map((l, i) => (
              <Row
                key={ids[i]}
                id={ids[i]}
                layer={l}
                dishes={build.pan.count}
                at={i}
                last={build.layers.length - 1}
                risks={build.risks.filter((r) => r.layer === i).map((r) => r.text)}
                onMove={(to) => move(i, to)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      {ordered && (
        <div className="mt-2">
          <Button look="quiet" onClick={() => onOrder([])}>
            {told("web.dish.go-back-to-the-usual-order")}
          </Button>
        </div>
      )}
    </>
  );
}

function Row({
  id,
  layer,
  dishes,
  at,
  last,
  risks,
  onMove,
}: {
  id: string;
  layer: Layer;
  dishes: number;
  at: number;
  last: number;
  risks: string[];
  onMove: (to: number) => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id });
  const name = told("web.dish.layer-place", layer.name, at + 1);
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`relative bg-sheet ${isDragging ? "z-10 rounded-lg shadow-lg" : ""}`}
    >
      <div className="grid grid-cols-[2rem_1fr_auto_auto] items-center gap-x-3 py-1.5">
        <span className="text-right font-bold text-rim">{at + 1}</span>
        <span className="min-w-0">
          <strong className="font-semibold">{layer.name}</strong>
          <span className="block text-sm text-faded">
            {told(
              "web.dish.layer-facts",
              PART_WORDS[layer.part],
              layer.share < 0.995 ? told("web.dish.of-it", percent(layer.share)) : told("web.dish.all-of-it"),
              layer.heightMm.toFixed(1),
              layer.late && told("web.dish.goes-on-during-the-bake"),
            )}
            {layer.reserved && <span className="font-semibold text-rim"> {told("web.dish.set-aside-first")}</span>}
          </span>
          {layer.words && <span className="block text-sm">{layer.words}</span>}
        </span>
        <span className="text-right">
          <span className="text-lg font-semibold">{grams(layer.grams)}</span>
          {dishes > 1 && (
            <span className="block text-sm text-faded">{told("web.dish.a-dish", grams(layer.grams / dishes))}</span>
          )}
          {layer.measure && <span className="block text-sm text-faded">{layer.measure}</span>}
        </span>
        <span className="no-print flex items-center">
          <Button
            look="quiet"
            className="min-h-9 px-2"
            disabled={at === 0}
            aria-label={told("web.dish.move-down", name)}
            onClick={() => onMove(at - 1)}
          >
            ↓
          </Button>
          <Button
            look="quiet"
            className="min-h-9 px-2"
            disabled={at === last}
            aria-label={told("web.dish.move-up", name)}
            onClick={() => onMove(at + 1)}
          >
            ↑
          </Button>
          <button
            type="button"
            {...attributes}
            {...listeners}
            aria-label={told("web.dish.drag", name)}
            className="min-h-9 cursor-grab touch-none rounded-lg px-2 text-faded hover:bg-rim-soft"
          >
            ⠿
          </button>
        </span>
      </div>
      {risks.map((r) => (
        <p key={r} className="pb-1.5 pl-11 text-sm text-warm">
          {r}
        </p>
      ))}
    </li>
  );
}
