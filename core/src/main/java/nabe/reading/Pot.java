package nabe.reading;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.recipe.Procedure;

/** A component in the making: what went into one vessel so far. */
final class Pot {
    final int number;
    final String heading;
    final Map<Integer, Double> lines = new LinkedHashMap<>();
    final Map<Pot, Double> pots = new LinkedHashMap<>();
    final List<Procedure.Step> steps = new ArrayList<>();
    /** Words it is called by besides what is in it: its heading's and its topic's. */
    final Set<String> names = new HashSet<>();
    /** Share that went into other pots. */
    double given;

    boolean heated;
    /** What fills it, where it is a wrapper. */
    Pot inside;

    Pot(int number, String heading) {
        this.number = number;
        this.heading = heading;
    }

    void add(int line, double share) {
        lines.merge(line, share, Double::sum);
    }

    boolean holds(int line) {
        return lines.containsKey(line);
    }
}
