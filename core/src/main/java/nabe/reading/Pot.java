package nabe.reading;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.larder.Words;
import nabe.reading.grammar.Clause;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Fate;
import org.jspecify.annotations.Nullable;

/** A component in the making: what went into one vessel so far, or a thing prepared and not yet used. */
final class Pot {
    /** Words of headings that name nothing. */
    private static final Set<String> EMPTY = Set.of(
            "the",
            "for",
            "make",
            "everything",
            "else",
            "ingredient",
            "put",
            "together",
            "finish",
            "layer",
            "assemble",
            "first",
            "rest",
            "bake",
            "top");

    final int number;
    /** Shares of lines that went straight in. */
    final Map<Integer, Double> lines = new LinkedHashMap<>();
    /** Shares of other pots that went in. */
    final Map<Pot, Double> pots = new LinkedHashMap<>();

    final List<Procedure.Step> steps = new ArrayList<>();
    /** Words the cook calls it by: its heading's, a topic's. */
    final Set<String> names = new LinkedHashSet<>();
    /** The phrase it was named with, or null. */
    @Nullable
    String title;

    @Nullable
    String heading;
    /** Share that went into other pots. */
    double given;
    /** Whether it was cooked or mixed, not only cut. */
    boolean worked;

    boolean setAside;
    /** How much of a dough was rolled out just now, until it is laid; null for all of it. */
    @Nullable
    Portion rolledOut;

    /** What fills it, where it is a wrapper, and how much of that. */
    final Map<Pot, Portion> inside = new LinkedHashMap<>();
    /** What was said of filling and rolling it, until it is laid. */
    final List<Clause> filled = new ArrayList<>();
    /** How much of it there is, in millilitres, where the text says. */
    @Nullable
    Double millilitres;

    /** @return the share of a line that went straight in */
    double share(int line) {
        return lines.getOrDefault(line, 0.0);
    }

    /** @return what is laid of it where the words do not say: what was rolled out for this */
    Portion laidOf(Portion said) {
        Portion part = said.isSaid() || rolledOut == null ? said : rolledOut;
        rolledOut = null;
        return part;
    }

    /** Whether it is scattered at table only. */
    boolean atTable;

    /** What of it never goes into the dish, by what becomes of it. */
    final Map<Fate, Portion> beside = new EnumMap<>(Fate.class);
    /** A share put by for later. */
    double reserved;

    Pot(int number) {
        this.number = number;
    }

    String id() {
        return "c" + number;
    }

    void add(int line, double share) {
        lines.merge(line, share, Double::sum);
    }

    /** @return the place of the first step that takes some of the line, -1 where none does */
    int stepWith(int line) {
        return IntStream.range(0, steps.size())
                .filter(i -> steps.get(i).uses().stream().anyMatch(u -> u.line() != null && u.line() == line))
                .findFirst()
                .orElse(-1);
    }

    boolean holds(int line) {
        return lines.containsKey(line) || pots.keySet().stream().anyMatch(p -> p.holds(line));
    }

    boolean isEmpty() {
        return lines.isEmpty() && pots.isEmpty();
    }

    boolean reaches(Pot other) {
        return this == other || pots.keySet().stream().anyMatch(p -> p.reaches(other));
    }

    /** Gives it a name of the cook's: the words that tell are kept. */
    void call(String phrase) {
        for (Words.Word w : Words.of(phrase)) {
            if (w.key().length() > 2 && !EMPTY.contains(w.key())) {
                names.add(w.key());
            }
        }
    }
}
