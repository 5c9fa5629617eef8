package nabe.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Figures;

/** Every line has exactly 1 to spend: what a clause takes of it, and what later clauses ask of it by name. */
final class Accounts {
    /** Foods that a recipe buys once and divides. */
    private static final Set<String> DIVIDED = Set.of(
            "melting-cheese",
            "hard-cheese",
            "crumbly-cheese",
            "soft-cheese",
            "butter",
            "oil",
            "flour",
            "flour-raising",
            "milk",
            "cream",
            "sour-cream",
            "herb",
            "crumbs",
            "nut",
            "sugar",
            "spice",
            "salt",
            "stock",
            "aromatic",
            "acid",
            "water",
            "animal-fat",
            "mustard",
            "dried-herb",
            "wine",
            "spice-blend",
            "seed",
            "egg",
            "yogurt",
            "sour-milk");

    private static final double UNSAID_BEFORE_REST = Figures.of("reading.unsaid-before-rest");

    private static final double A_LITTLE = Figures.of("reading.a-little-of");

    /** "400 ml milk, plus a splash", of which the sauce takes the 400 ml. */
    private static final double A_DROP = Figures.of("reading.a-drop-of");

    private static final double LITTLE = 0.001;

    private final Kitchen kitchen;
    private final Map<Integer, List<Asked>> asked = new HashMap<>();

    /** The last clause that asks for all of a line by its amount. */
    private final Map<Integer, Integer> wholeAt = new HashMap<>();

    private record Asked(int clause, double share, boolean rest) {}

    Accounts(Kitchen kitchen) {
        this.kitchen = kitchen;
    }

    boolean isDivided(int line) {
        return DIVIDED.contains(kitchen.role(line));
    }

    /** Notes that a clause will ask for a share of a line. */
    void foresee(int clause, int line, Portion portion) {
        if (!DIVIDED.contains(kitchen.role(line))) {
            return;
        }
        boolean rest = portion.is(Portion.Kind.REST) || portion.is(Portion.Kind.OF_LEFT);
        Double share = rest ? Double.valueOf(0) : portion.of(kitchen.lines.get(line), 1);
        if (share != null && share >= 0.999) {
            wholeAt.put(line, clause);
        }
        if (share != null && (rest || share < 0.999)) {
            asked.computeIfAbsent(line, k -> new ArrayList<>()).add(new Asked(clause, share, rest));
        }
    }

    /** @return what clauses after this one ask of the line; "the rest" without a figure counts as half of what is there */
    double keptFor(int line) {
        double said = 0;
        boolean rest = false;
        for (Asked a : asked.getOrDefault(line, List.of())) {
            if (a.clause > kitchen.clause) {
                said += a.share;
                rest |= a.rest;
            }
        }
        return said > 0 ? said : rest ? kitchen.left[line] * UNSAID_BEFORE_REST : 0;
    }

    /** @return the share this portion takes of the line now, never more than is left; "the cheese you kept" is all there is */
    double share(int line, Portion portion) {
        double left = kitchen.left[line];
        double free = Math.max(0, left - kitchen.reserved[line]);
        boolean all = !portion.isSaid() || portion.is(Portion.Kind.REST);
        boolean onlyKept = free < LITTLE && kitchen.reserved[line] > LITTLE && all;
        if (portion.is(Portion.Kind.RESERVED) || onlyKept) {
            return kitchen.reserved[line] > 0 ? Math.min(left, kitchen.reserved[line]) : left;
        }
        if (portion.is(Portion.Kind.FILM) && isDivided(line) && isNamedAgain(line)) {
            boolean extra = wholeAt.getOrDefault(line, -1) > kitchen.clause;
            return Math.min(free, extra ? A_DROP : A_LITTLE);
        }
        Double said = portion.of(kitchen.lines.get(line), free);
        double share = said == null ? Math.max(free - keptFor(line), 0) : said;
        return share < 0.001 ? 0 : share;
    }

    /** Of two lines of oil a later clause may mean either. */
    private boolean isNamedAgain(int line) {
        String role = kitchen.role(line);
        return IntStream.range(0, kitchen.lines.size())
                .anyMatch(l -> kitchen.role(l).equals(role) && kitchen.isNamedLater(l));
    }

    /** Takes all that is not put by: a thing cut up is cut up whole. */
    double takeAll(int line) {
        double share = Math.max(0, kitchen.left[line] - kitchen.reserved[line]);
        kitchen.left[line] -= share;
        return share;
    }

    /** Takes it. */
    double take(int line, Portion portion) {
        double share = share(line, portion);
        if (portion.is(Portion.Kind.RESERVED) || share > kitchen.left[line] - kitchen.reserved[line] + LITTLE) {
            kitchen.reserved[line] = 0;
        }
        kitchen.left[line] = Math.max(0, kitchen.left[line] - share);
        if (share > 0 && Parts.isPart(portion)) {
            kitchen.parts.took(line, portion);
        }
        if (share > 0 && portion.is(Portion.Kind.COUNT)) {
            kitchen.parts.counted(line);
        }
        return share;
    }
}
