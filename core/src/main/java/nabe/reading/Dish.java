package nabe.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.measure.Amount;
import nabe.measure.Unit;
import nabe.reading.Portion.Kind;
import nabe.reading.grammar.Clause;
import nabe.recipe.Clauses;
import org.jspecify.annotations.Nullable;

/** What is placed into the dish, bottom to top; repeats are written out, shares worked out at the end. */
final class Dish {
    /** A cup of a mixed pot, in grams, where its volume is not said. Kitchen practice. */
    private static final double GRAMS_PER_ML = 1.0;

    private static final double MUCH = 1e-6;

    /** One placement; {@code share} of its component, null until worked out. */
    static final class Placed {
        final Pot pot;
        Portion portion;
        final boolean film;
        final boolean inside;
        final boolean late;
        /** What the text says of laying it, and to do with it there. */
        final List<Clause> said = new ArrayList<>();
        /** The share of its line it took, where it is laid as it is. */
        @Nullable
        Double taken;
        /** The share of its line that a copy took, where it is laid raw. */
        double takenAgain;
        /** The step that placed it. */
        int step;
        /** Whether it was there before the text laid anything. */
        boolean under;

        @Nullable
        Placed like;

        @Nullable
        Double share;

        Placed(Pot pot, Portion portion, boolean film, boolean inside, boolean late) {
            this.pot = pot;
            this.portion = portion;
            this.film = film;
            this.inside = inside;
            this.late = late;
        }

        int sentence() {
            return said.isEmpty() ? -1 : said.getLast().sentence();
        }

        /** What fills it was told before it was laid. */
        void tell(Clause clause) {
            said.addAll(pot.filled);
            pot.filled.clear();
            said.add(clause);
        }

        /** What fills it, where the clause that lays it is told of what lies below. */
        void tellFilling() {
            said.addAll(pot.filled);
            pot.filled.clear();
        }

        /** Sentence by sentence, or null. */
        @Nullable
        String words() {
            Map<Integer, List<String>> sentences = new LinkedHashMap<>();
            said.forEach(c -> sentences
                    .computeIfAbsent(c.sentence(), k -> new ArrayList<>())
                    .add(c.words()));
            String all = sentences.values().stream()
                    .map(c -> Clauses.unlinked(Clauses.joined(c)))
                    .filter(w -> !w.isEmpty())
                    .map(w -> w.substring(0, 1).toUpperCase(Locale.ROOT) + w.substring(1))
                    .collect(Collectors.joining(". "));
            return all.isEmpty() ? null : all;
        }
    }

    final List<Placed> all = new ArrayList<>();
    private final Kitchen kitchen;
    private int cycleStart;
    /** How many layers the round laid last had, where it was one of several. */
    private int lastCycle;

    private int now;

    Dish(Kitchen kitchen) {
        this.kitchen = kitchen;
    }

    boolean holds(@Nullable Pot pot) {
        return all.stream().anyMatch(p -> p.pot == pot);
    }

    /** Puts it on top of what lies there; a wrapper brings its filling along. */
    void place(Pot pot, Portion portion, boolean late) {
        Placed top = all.isEmpty() ? null : all.getLast();
        boolean again = top != null && top.pot == pot && pot.inside.isEmpty() && !portion.isSaid() && top.late == late;
        if (again) {
            return;
        }
        boolean film = portion.is(Kind.FILM) && all.stream().allMatch(p -> p.film);
        all.add(new Placed(pot, portion.is(Kind.FILM) && !film ? Portion.UNSAID : portion, film, false, late));
        all.getLast().step = now;
        all.addAll(fillings(pot, portion, late));
    }

    /** Puts a part of it on top, or all. */
    void placePot(Pot pot, Portion portion, boolean late) {
        place(pot, portion, late);
        if (Parts.isPart(portion)) {
            kitchen.parts.took(pot, portion);
        }
    }

    private List<Placed> fillings(Pot wrapper, Portion portion, boolean late) {
        List<Placed> found = new ArrayList<>();
        wrapper.inside.forEach((in, own) -> {
            found.add(new Placed(in, own.isSaid() ? own : portion, false, true, late));
            found.getLast().step = now;
        });
        return found;
    }

    /** The same for a thing laid as it is: {@code taken} of its line goes there. */
    void place(Pot pot, Portion portion, boolean late, double taken) {
        int before = all.size();
        place(pot, portion, late);
        if (all.size() > before) {
            all.get(before).taken = taken;
        }
    }

    /** "Repeat twice more, ending with the rest of the sauce": its last layer takes all there is. */
    void topWithRest(Pot pot) {
        all.reversed().stream().filter(p -> p.pot == pot).findFirst().ifPresent(p -> {
            p.portion = Portion.REST;
            p.like = null;
        });
    }

    /** A wrapper filled after it was laid gets its filling right above it. */
    void refill(Pot wrapper) {
        for (int i = 0; i < all.size(); i++) {
            boolean open = all.get(i).pot == wrapper && (i + 1 == all.size() || !all.get(i + 1).inside);
            if (open) {
                all.addAll(i + 1, fillings(wrapper, all.get(i).portion, all.get(i).late));
            }
        }
    }

    /** Puts it on top of what goes into the oven from the start, under what the test says lies over it. */
    void placeUnder(Pot pot, Predicate<Pot> over) {
        int at = all.size();
        while (at > 0 && all.get(at - 1).late) {
            at--;
        }
        int lid = IntStream.range(0, at)
                .filter(i -> over.test(all.get(i).pot))
                .findFirst()
                .orElse(at);
        at = Math.min(at, lid);
        List<Placed> above = List.copyOf(all.subList(at, all.size()));
        all.subList(at, all.size()).clear();
        place(pot, Portion.UNSAID, false);
        all.addAll(above);
    }

    /** Puts a pot that was never placed under everything: what was cooked in the dish itself. */
    void placeUnder(Pot pot) {
        all.addFirst(new Placed(pot, Portion.UNSAID, false, false, false));
        all.getFirst().under = true;
    }

    /** Copies the cycle laid so far; what the same step says is the cycle where it says enough. */
    void repeat(int times, int step) {
        List<Placed> cycle = cycle().stream()
                .filter(p -> !p.portion.is(Kind.REST) && !isUsedUp(p))
                .toList();
        List<Placed> here = cycle.stream().filter(p -> p.step == step).toList();
        cycle = withoutNextRound(here.size() > 1 ? here : cycle);
        for (int n = 0; n < times; n++) {
            for (Placed p : cycle) {
                Placed copy = new Placed(p.pot, p.portion, false, p.inside, p.late);
                copy.like = p.like == null ? p : p.like;
                all.add(copy);
                takeAgain(copy);
            }
        }
        cycleStart = all.size();
        lastCycle = times > 0 ? cycle.size() : 0;
    }

    /** "Add another layer of aubergine and repeat": it is the next round's first. */
    private List<Placed> withoutNextRound(List<Placed> cycle) {
        Placed last = cycle.isEmpty() ? null : cycle.getLast();
        boolean begun = last != null
                && cycle.size() > 2
                && last.pot == cycle.getFirst().pot
                && !last.inside
                && all.getLast() == last;
        if (begun) {
            all.removeLast();
        }
        return begun ? cycle.subList(0, cycle.size() - 1) : cycle;
    }

    /** "The reserved sauce" under all: a pot of its own, of which nothing is left for another round. */
    private static boolean isUsedUp(Placed p) {
        return p.portion.is(Kind.RESERVED) || p.portion.is(Kind.ALL);
    }

    /** @return how many more rounds there are pieces for: of eight tortillas, one was laid and the last is spoken of later */
    int roundsLeft() {
        return cycle().stream()
                .filter(p -> p.portion.is(Kind.COUNT) && p.taken != null && p.taken > 0 && p.pot.lines.size() == 1)
                .findFirst()
                .map(p -> {
                    int line = p.pot.lines.keySet().iterator().next();
                    long rounds = Math.round(kitchen.left[line] / Objects.requireNonNull(p.taken));
                    return (int) Math.clamp(rounds - (kitchen.isNamedLater(line) ? 1 : 0), 1, 12);
                })
                .orElseGet(this::measuredRoundsLeft);
    }

    /** Half a cup of the ricotta and a cup of the mozzarella in each: as often as there is enough of both. */
    private int measuredRoundsLeft() {
        double[] rounds = cycle().stream()
                .filter(p -> p.portion.is(Kind.MEASURE))
                .mapToDouble(this::roundsOf)
                .filter(r -> r > 0)
                .sorted()
                .toArray();
        return rounds.length < 2 ? 1 : (int) Math.clamp(Math.floor(rounds[0] + MUCH), 1, 12);
    }

    /** "Until all is used up": what is made and measured goes wholly into the last round. */
    void useUp() {
        List<Placed> last = List.copyOf(all.subList(all.size() - lastCycle, all.size()));
        last.stream().filter(p -> p.portion.is(Kind.MEASURE) && p.pot.worked).forEach(p -> topWithRest(p.pot));
    }

    private double roundsOf(Placed p) {
        if (p.taken != null && p.taken > 0 && p.pot.lines.size() == 1) {
            int line = p.pot.lines.keySet().iterator().next();
            return kitchen.left[line] / p.taken - (kitchen.isNamedLater(line) ? 1 : 0);
        }
        Double share = share(p.pot, p.portion);
        return share == null || share <= 0 ? 0 : 1 / share - 1;
    }

    /** @return whether the last of several like layers is the last that was laid */
    boolean isRepeated() {
        return lastCycle > 1 && cycleStart == all.size();
    }

    /** "On the last one only sauce and Parmesan": what else lay there does not. */
    void lastOnly(Set<Pot> named) {
        List<Placed> last = List.copyOf(all.subList(all.size() - lastCycle, all.size()));
        Pot first = last.getFirst().pot;
        last.stream().filter(p -> p.pot != first && !named.contains(p.pot)).forEach(p -> {
            all.remove(p);
            giveBack(p);
        });
        cycleStart = all.size();
        lastCycle = 0;
    }

    boolean endsWith(int line) {
        return !all.isEmpty() && all.getLast().pot.lines.containsKey(line);
    }

    /** The last copy of a raw thing lies there otherwise. */
    void takeBackLast(int line) {
        all.reversed().stream()
                .filter(p -> p.takenAgain > 0 && p.pot.lines.containsKey(line))
                .findFirst()
                .ifPresent(p -> {
                    all.remove(p);
                    giveBack(p);
                    cycleStart = all.size();
                });
    }

    private void giveBack(Placed placed) {
        if (placed.takenAgain > 0) {
            int line = placed.pot.lines.keySet().iterator().next();
            kitchen.left[line] += placed.takenAgain;
            placed.pot.add(line, -placed.takenAgain);
        }
    }

    /** What is repeated: all laid since the last repeat, without a smear at the bottom that comes again further up. */
    private List<Placed> cycle() {
        List<Placed> laid = all.subList(cycleStart, all.size());
        int from = 0;
        while (from < laid.size() && laid.get(from).film) {
            from++;
        }
        Pot first = from < laid.size() ? laid.get(from).pot : null;
        boolean comesAgain = from == 0
                && laid.size() > 2
                && laid.subList(1, laid.size()).stream().anyMatch(p -> p.pot == first)
                && laid.getLast().pot != first;
        boolean otherBase = from == 0
                && laid.size() > 2
                && laid.getLast().pot == first
                && laid.getFirst().portion.isSaid()
                && laid.getLast().portion.isSaid();
        return List.copyOf(laid.subList(comesAgain || otherBase ? 1 : from, laid.size()));
    }

    /** A raw thing laid again is taken of its line again. */
    private void takeAgain(Placed copy) {
        if (copy.like == null || copy.like.taken == null || copy.pot.lines.size() != 1) {
            return;
        }
        int line = copy.pot.lines.keySet().iterator().next();
        double taken = Math.min(copy.like.taken, kitchen.left[line]);
        kitchen.left[line] -= taken;
        copy.takenAgain = taken;
        copy.pot.add(line, taken);
    }

    /** Notes the step that is being followed. */
    void at(int step) {
        now = step;
    }

    void endCycle() {
        cycleStart = all.size();
    }

    /** What lies in the dish is stirred into one: raw things mix, what was cooked apart stays a component that goes in. */
    Pot stirTogether() {
        Pot mixture = kitchen.open();
        for (Placed placed : all) {
            Pot pot = placed.pot;
            if (pot.worked || !pot.pots.isEmpty()) {
                double share = Math.max(0, 1 - pot.given);
                if (share > MUCH) {
                    mixture.pots.merge(pot, share, Double::sum);
                    pot.given = 1;
                }
            } else {
                pot.lines.forEach(mixture::add);
                mixture.steps.addAll(pot.steps);
                pot.lines.clear();
                pot.steps.clear();
            }
            mixture.names.addAll(pot.names);
        }
        mixture.worked = true;
        Placed mixed = new Placed(mixture, Portion.UNSAID, false, false, false);
        all.forEach(p -> mixed.said.addAll(p.said));
        all.clear();
        all.add(mixed);
        return mixture;
    }

    /** Gives every placement its share: what was said in order, then the rest evenly. */
    void settle() {
        Set<Pot> pots = new LinkedHashSet<>();
        all.forEach(p -> pots.add(p.pot));
        pots.forEach(this::settle);
    }

    private void settle(Pot pot) {
        List<Placed> own = all.stream().filter(p -> p.pot == pot).toList();
        if (countedOut(pot, own)) {
            return;
        }
        boolean asItIs = pot.pots.isEmpty() && own.stream().allMatch(p -> p.taken != null);
        double whole = single(pot) || asItIs ? pot.lines.values().iterator().next() : 1;
        double left = Math.max(0, whole - pot.given);
        Double part = null;
        for (Placed p : own) {
            double share = p.like != null && p.like.share != null ? p.like.share * whole : said(p, left, part, whole);
            if (p.portion.is(Kind.OF_LEFT) && p.like == null) {
                part = share;
            }
            p.share = share < 0 ? null : share / whole;
            left -= Math.max(0, share);
        }
        double kept = pot.beside.values().stream().mapToDouble(Dish::keptBeside).sum();
        boolean open = own.stream().anyMatch(p -> p.share == null);
        fill(own, whole, Math.max(0, whole - pot.given - (open ? kept : 0)));
    }

    /** "9-12 sheets" and three of them four times: twelve were meant. @return whether every share is settled so */
    private boolean countedOut(Pot pot, List<Placed> own) {
        Amount bought = single(pot)
                ? kitchen.lines.get(pot.lines.keySet().iterator().next()).amount()
                : null;
        List<Double> counts = own.stream()
                .map(p -> p.like == null ? p.portion : p.like.portion)
                .map(q -> q.is(Kind.COUNT) || q.is(Kind.REST) ? q.value() : 0.0)
                .toList();
        double all = counts.stream().mapToDouble(c -> c).sum();
        boolean range = bought != null && bought.min() < bought.max();
        if (bought == null || !range || counts.contains(0.0) || all < bought.min() || all > bought.max()) {
            return false;
        }
        for (int i = 0; i < own.size(); i++) {
            own.get(i).share = counts.get(i) / all;
        }
        return true;
    }

    /** "Serve the rest alongside" without a word how much went in: half. Kitchen practice. */
    private static double keptBeside(Portion portion) {
        return portion.is(Kind.FRACTION) ? portion.value() : 0.5;
    }

    /** Said shares that come to more than there is shrink, smears first kept; open ones share what is left. */
    private static void fill(List<Placed> own, double whole, double there) {
        double film = sum(own, p -> p.film);
        double said = sum(own, p -> !p.film);
        double room = there / whole - film;
        long open = own.stream().filter(p -> p.share == null).count();
        double scale = said > room + MUCH && said > 0 ? Math.max(0, room) / said : 1;
        double each = open == 0 ? 0 : Math.max(0, room - said * scale) / open;
        for (Placed p : own) {
            p.share = p.share == null ? each : p.film ? p.share : p.share * scale;
        }
        closeGap(own, there / whole);
    }

    /** Three times a third leaves nothing; a rounding is the last one's. */
    private static void closeGap(List<Placed> own, double there) {
        double gap = there - sum(own, p -> true);
        boolean small = Math.abs(gap) < 0.02;
        if (small && !own.isEmpty() && own.getLast().share != null) {
            own.getLast().share += gap;
        }
    }

    /** @return the share of a pot that lies in the dish */
    double laidOf(Pot pot) {
        return all.stream()
                .filter(p -> p.pot == pot && p.share != null)
                .mapToDouble(p -> p.share)
                .sum();
    }

    private static double sum(List<Placed> own, java.util.function.Predicate<Placed> which) {
        return own.stream()
                .filter(p -> p.share != null && which.test(p))
                .mapToDouble(p -> p.share)
                .sum();
    }

    /** @return the share of the whole line or pot a placement's words say, or -1 */
    private double said(Placed p, double left, @Nullable Double part, double whole) {
        Portion portion = p.portion;
        boolean exact = portion.isSaid() && !portion.is(Kind.REST) && !portion.is(Kind.ALL);
        boolean smearOfAll = portion.is(Kind.FILM) && p.taken != null && p.taken > 0.99 && isLaidAgain(p.pot);
        if (p.taken != null && exact && !smearOfAll) {
            return p.taken;
        }
        double free = Math.max(0, left - p.pot.reserved);
        return switch (portion.kind()) {
            case FILM -> Portion.FILM_SHARE * whole;
            case FRACTION -> part != null && portion.value() < 0.99 ? Math.min(part, left) : portion.value();
            case OF_LEFT -> portion.value() * free;
            case RESERVED -> p.pot.reserved > 0 ? Math.min(left, p.pot.reserved) : -1;
            case MEASURE, COUNT, ALL_BUT -> measured(p.pot, portion, left);
            case UNSAID, REST, ALL, EACH -> -1;
        };
    }

    /** "A few spoons of the sauce" out of the jar, and the rest of the jar later. */
    private boolean isLaidAgain(Pot pot) {
        return all.stream().filter(p -> p.pot == pot).count() > 1;
    }

    private double measured(Pot pot, Portion portion, double left) {
        Double share = share(pot, portion);
        return share == null ? -1 : portion.is(Kind.ALL_BUT) ? Math.max(0, left - share) : share;
    }

    /** @return the share of a pot that lies in the dish by what was said of it: "half the bacon over" */
    double laid(Pot pot) {
        return all.stream()
                .filter(p -> p.pot == pot && p.portion.is(Kind.FRACTION))
                .mapToDouble(p -> p.portion.value())
                .sum();
    }

    /** @return what share of a pot a measure is, or null where it cannot be told */
    @Nullable
    Double share(Pot pot, Portion portion) {
        if (portion.is(Kind.FRACTION)) {
            return portion.value();
        }
        if (single(pot)) {
            Portion plain =
                    portion.is(Kind.ALL_BUT) ? new Portion(Kind.MEASURE, portion.value(), portion.unit()) : portion;
            return plain.of(kitchen.lines.get(pot.lines.keySet().iterator().next()), 1);
        }
        Unit unit = portion.unit();
        if (unit == null || !unit.isFixed()) {
            return portion.is(Kind.COUNT) ? counted(pot, portion) : null;
        }
        double own = portion.value() * unit.factor();
        if (pot.millilitres != null && unit.kind() == Unit.Kind.VOLUME) {
            return Math.min(1, own / pot.millilitres);
        }
        double grams = grams(pot) * GRAMS_PER_ML;
        return grams > own ? Double.valueOf(own / grams) : null;
    }

    private @Nullable Double counted(Pot pot, Portion portion) {
        return kitchen.main(pot).size() == 1
                ? portion.of(kitchen.lines.get(kitchen.main(pot).getFirst()), 1)
                : null;
    }

    private double grams(Pot pot) {
        double own = pot.lines.entrySet().stream()
                .mapToDouble(e -> kitchen.lines.get(e.getKey()).gramsOrZero() * e.getValue())
                .sum();
        double others = pot.pots.entrySet().stream()
                .mapToDouble(e -> grams(e.getKey()) * e.getValue())
                .sum();
        return own + others;
    }

    private static boolean single(Pot pot) {
        return pot.lines.size() == 1 && pot.pots.isEmpty();
    }
}
