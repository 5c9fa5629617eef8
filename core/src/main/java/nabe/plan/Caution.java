package nabe.plan;

import java.util.List;

/**
 * A warning that belongs to this very plan.
 *
 * @param kind short word: allergen, label, core, glass, steam, grill, slicer, cooling, unknown
 * @param text what, where, and what to do
 * @param items what it speaks of, where it gathers several; else empty
 * @param source who says so
 */
public record Caution(String kind, String text, List<String> items, String source) {}
