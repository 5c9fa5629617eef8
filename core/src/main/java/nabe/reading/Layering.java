package nabe.reading;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What is placed into the dish, bottom to top; repeats are written out, shares worked out at the end. */
final class Layering {
    private static final Pattern TIMES = Pattern.compile(
            "\\b(?:(?<n>\\d|two|three|four) (?:more )?times|(?<twice>twice)|(?<once>once))\\b",
            Pattern.CASE_INSENSITIVE);

    /** One placement; {@code share} of the whole component, null where the text does not say; {@code rest} all that is left. */
    static final class Placed {
        final Pot pot;
        Double share;
        final boolean rest;
        final boolean film;
        final boolean inside;
        boolean late;

        Placed(Pot pot, Double share, boolean rest, boolean film, boolean inside) {
            this.pot = pot;
            this.share = share;
            this.rest = rest;
            this.film = film;
            this.inside = inside;
        }
    }

    final List<Placed> all = new ArrayList<>();

    boolean any() {
        return !all.isEmpty();
    }

    void place(Pot pot, @Nullable Double share, Portion portion) {
        boolean again = !all.isEmpty() && all.getLast().pot == pot && share == null && !portion.rest();
        if (again) {
            return;
        }
        all.add(new Placed(pot, share, portion.rest(), portion.film(), false));
        if (pot.inside != null) {
            all.add(new Placed(pot.inside, share, portion.rest(), false, true));
        }
    }

    /** A wrapper filled after it was laid gets its filling right above it. */
    void rewrap(Pot wrapper) {
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).pot == wrapper && (i + 1 == all.size() || !all.get(i + 1).inside)) {
                all.add(i + 1, new Placed(wrapper.inside, null, false, false, true));
            }
        }
    }

    /** What lies in the dish is stirred into one: raw things mix, what was cooked apart stays a component that goes in. */
    void stirTogether(Pot mixture) {
        for (Placed placed : all) {
            Pot pot = placed.pot;
            if (pot.heated || !pot.pots.isEmpty()) {
                mixture.pots.merge(pot, Math.max(0, 1 - pot.given), (a, b) -> a);
                pot.given = 1;
            } else {
                pot.lines.forEach(mixture::add);
                pot.lines.clear();
            }
            mixture.names.addAll(pot.names);
        }
        mixture.heated = true;
        all.clear();
        all.add(new Placed(mixture, null, false, false, false));
    }

    /** @return whether it goes on late; what already lies in the dish does not */
    boolean late(Pot pot, Mentions.Mention m) {
        boolean there = all.stream().anyMatch(p -> p.pot == pot);
        if (there && !m.portion().rest()) {
            return false;
        }
        place(pot, m.portion().share(), m.portion());
        all.getLast().late = true;
        return true;
    }

    /** Copies the cycle laid so far, as often as the words say. */
    void repeat(String words) {
        List<Placed> cycle = all.stream().filter(p -> !p.film && !p.late).toList();
        for (int n = times(words); n > 0; n--) {
            cycle.forEach(p -> all.add(new Placed(p.pot, p.share, false, false, p.inside)));
        }
    }

    private static int times(String words) {
        Matcher m = TIMES.matcher(words);
        if (!m.find() || m.group("once") != null) {
            return 1;
        }
        if (m.group("twice") != null) {
            return 2;
        }
        return switch (m.group("n").toLowerCase(java.util.Locale.ROOT)) {
            case "two" -> 2;
            case "three" -> 3;
            case "four" -> 4;
            default -> Integer.parseInt(m.group("n"));
        };
    }

    /** Gives every placement its share: what was said, then the rest evenly; a film takes its part first. */
    void share() {
        Set<Pot> pots = new LinkedHashSet<>();
        all.forEach(p -> pots.add(p.pot));
        pots.forEach(this::share);
    }

    private void share(Pot pot) {
        List<Placed> own = all.stream().filter(p -> p.pot == pot).toList();
        double there = Math.max(0, 1 - pot.given);
        double film = own.stream().anyMatch(p -> p.film) ? Portion.FILM : 0;
        double said = own.stream()
                .filter(p -> p.share != null)
                .mapToDouble(p -> p.share)
                .sum();
        List<Placed> open = own.stream().filter(p -> p.share == null && !p.film).toList();
        double free = there - film;
        double scale = said > free + 1e-6 && said > 0 ? free / said : 1;
        double each = open.isEmpty() ? 0 : Math.max(0, free - said * scale) / open.size();
        for (Placed p : own) {
            p.share = p.film && p.share == null ? film : p.share == null ? each : p.share * scale;
        }
    }
}
