import type { Eater, Person } from "../../api";
import { isNeed } from "../../ui";

/** Somebody at the table, as a person of the house is written. */
export function personOf(eater: Eater): Person {
  const all = eater.needs ?? [];
  return {
    id: eater.name ?? "",
    name: eater.name ?? "",
    needs: all.filter(isNeed),
    avoid: all.filter((n) => !isNeed(n)),
    strict: eater.strict ?? false,
    certifiedOats: eater.oats === "certified",
  };
}

export function eaterOf(person: Person): Eater {
  return {
    name: person.name,
    needs: [...(person.needs ?? []), ...(person.avoid ?? [])],
    strict: person.strict,
    oats: person.needs?.includes("gluten-free") ? (person.certifiedOats ? "certified" : "none") : undefined,
  };
}

/** Renames and replaces somebody, also where a dish is kept for them. */
export function renamed(forWhom: string[] | undefined, was: string, is: string): string[] | undefined {
  return forWhom?.map((name) => (name === was ? is : name));
}

/** Takes somebody off a dish; one that was for them alone is then for everybody who can eat it. */
export function without(forWhom: string[] | undefined, gone: string): string[] | undefined {
  const left = forWhom?.filter((name) => name !== gone);
  return left?.length ? left : undefined;
}
