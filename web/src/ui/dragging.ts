import type { DndContextProps } from "@dnd-kit/core";
import { told } from "../messages";

/** What one hears who moves things by keyboard. @param name what a thing is called */
export function heard(name: (id: string) => string): NonNullable<DndContextProps["accessibility"]> {
  const of = (thing: { id: string | number }) => name(String(thing.id));
  return {
    screenReaderInstructions: { draggable: told("web.ui.how-to-move-it-by-keyboard") },
    announcements: {
      onDragStart: ({ active }) => told("web.ui.is-picked-up", of(active)),
      onDragOver: ({ active, over }) => (over ? told("web.ui.is-over", of(active), of(over)) : undefined),
      onDragEnd: ({ active }) => told("web.ui.is-put-down", of(active)),
      onDragCancel: ({ active }) => told("web.ui.stays-where-it-was", of(active)),
    },
  };
}
