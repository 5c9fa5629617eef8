package nabe.plan;

/**
 * A warning that belongs to this very plan.
 *
 * @param kind short word: allergen, label, core, glass, steam, grill, slicer, cooling, unknown
 * @param text what, where, and what to do
 * @param source who says so
 */
public record Caution(String kind, String text, String source) {}
