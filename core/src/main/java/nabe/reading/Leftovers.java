package nabe.reading;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.recipe.Line;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Fate;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.Step;
import nabe.recipe.ProcedureStepBuilder;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Lines the method never named, or named in part: with their group, else by their nature, always with a doubt. */
final class Leftovers {
    private static final Pattern FOR_THE_DISH = Pattern.compile(
            "\\bfor (?:the|greasing)\\b.{0,12}\\b(?:dish|tin|pan|form|mould|mold|plate|tray)\\b|\\bto grease\\b|\\bgreasing\\b|\\bspray\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern GLAZE =
            Pattern.compile("\\b(?:to glaze|for glazing|egg wash|to brush|for brushing)\\b", Pattern.CASE_INSENSITIVE);
    /** Every one of these begins so; most lines do not have it. */
    private static final Pattern HINT =
            Pattern.compile("\\b(?:to |for |garnish|greas|spray|egg wash)", Pattern.CASE_INSENSITIVE);

    private static final Pattern TO_SERVE =
            Pattern.compile("\\bto serve\\b|\\bgarnish\\b|\\bfor serving\\b", Pattern.CASE_INSENSITIVE);
    /** Headings of what never enters the dish, unless the method says so. */
    private static final Pattern BESIDE = Pattern.compile(
            "\\bto serve\\b|\\bfor serving\\b|\\bgarnish(?:es)?\\b|\\boptional toppings?\\b", Pattern.CASE_INSENSITIVE);

    /** The same where nothing under it has an amount. */
    private static final Pattern TOPPING = Pattern.compile("\\btoppings?\\b", Pattern.CASE_INSENSITIVE);

    private static final String CRUMBS = "crumbs";
    private static final Set<String> LAID = Set.of(
            "sheets",
            "fresh-sheets",
            "tubes",
            "shells",
            "wrap",
            "pastry",
            "pastry-thin",
            "melting-cheese",
            "hard-cheese",
            "soft-cheese",
            "crumbly-cheese",
            "crumbs",
            "short-pasta",
            "slice-vegetable",
            "slice-root",
            "bread");

    /** What a line's own words tell of its place: greasing the dish, at the table, brushed on top. */
    record Told(boolean forTheDish, boolean toServe, boolean glaze) {
        private static final Told NOTHING = new Told(false, false, false);

        static Told by(Line line) {
            boolean headed = line.heading() != null
                    && (BESIDE.matcher(line.heading()).find()
                            || line.amount() == null
                                    && TOPPING.matcher(line.heading()).find());
            return headed || HINT.matcher(line.text()).find()
                    ? new Told(
                            FOR_THE_DISH.matcher(line.text()).find(),
                            headed || TO_SERVE.matcher(line.text()).find(),
                            GLAZE.matcher(line.text()).find())
                    : NOTHING;
        }
    }

    private static final double LITTLE = 0.1;

    private Leftovers() {}

    /** All that no later clause names finds its place. */
    static void settle(Kitchen kitchen) {
        headedAndNeverNamed(kitchen);
        for (int i = 0; i < kitchen.lines.size(); i++) {
            Line line = kitchen.lines.get(i);
            if (brushesThinPastry(kitchen, i) || goesWithAnother(kitchen, i)) {
                continue;
            }
            if (kitchen.left[i] <= 0.01 || isElsewhere(kitchen, i) || kitchen.isNamedLater(i)) {
                continue;
            }
            if (seasons(kitchen, i)) {
                continue;
            }
            boolean glazes = kitchen.told.get(i).glaze() && kitchen.left[i] > 0.99;
            Pot home = glazes ? null : home(kitchen, i, line);
            if (glazes) {
                home = kitchen.open();
                home.call("glaze");
            } else if (home == null) {
                home = kitchen.open();
                home.heading = line.heading();
            }
            home.add(i, kitchen.left[i]);
            DoubtCode code = kitchen.left[i] > 0.99 ? DoubtCode.LINE_NOT_NAMED : DoubtCode.PART_NOT_NAMED;
            kitchen.doubt(code, -1, line.text(), line.item(), Math.round(100 * kitchen.left[i]));
            kitchen.left[i] = 0;
        }
    }

    /** "For the white sauce" with its things, and no word of it in the method: a pot of its own. */
    private static void headedAndNeverNamed(Kitchen kitchen) {
        Map<String, List<Integer>> groups = IntStream.range(0, kitchen.lines.size())
                .boxed()
                .filter(i -> kitchen.lines.get(i).heading() != null)
                .collect(Collectors.groupingBy(
                        i -> Objects.requireNonNull(kitchen.lines.get(i).heading()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        groups.forEach((heading, lines) -> {
            boolean untouched = lines.stream()
                    .allMatch(i -> kitchen.left[i] > 0.99 && !kitchen.isNamedLater(i) && !isElsewhere(kitchen, i));
            if (untouched && lines.size() > 1 && groups.size() > 1) {
                Pot pot = kitchen.open();
                pot.heading = heading;
                pot.call(heading);
                if (pot.names.stream().anyMatch(n -> KitchenWords.shared().has(Use.BESIDE, n))) {
                    pot.beside.put(Fate.SERVED_BESIDE, Portion.UNSAID);
                }
                lines.forEach(i -> {
                    pot.add(i, kitchen.left[i]);
                    kitchen.left[i] = 0;
                    Line line = kitchen.lines.get(i);
                    kitchen.doubt(DoubtCode.LINE_NOT_NAMED, -1, line.text(), line.item(), 100);
                });
            }
        });
    }

    /** "Season" without a word with what: salt and pepper go there, evenly. */
    private static boolean seasons(Kitchen kitchen, int i) {
        String heading = kitchen.lines.get(i).amount() == null
                ? null
                : kitchen.lines.get(i).heading();
        List<Pot> seasoned = kitchen.seasoned.stream()
                .filter(p -> !p.isEmpty())
                .filter(p -> heading == null || isUnder(kitchen, p, heading) || !isHeadedElsewhere(kitchen, heading))
                .toList();
        boolean seasoning = Set.of("salt", "spice").contains(kitchen.role(i))
                || kitchen.lines.get(i).ingredient() == null
                        && kitchen.lines.get(i).amount() == null;
        if (!seasoning || seasoned.isEmpty()) {
            return false;
        }
        seasoned.forEach(p -> p.add(i, kitchen.left[i] / seasoned.size()));
        kitchen.left[i] = 0;
        return true;
    }

    /** "Brush the tin with some of the butter", and every sheet of filo with the rest: more than a tin is greased with. */
    private static boolean brushesThinPastry(Kitchen kitchen, int i) {
        Pot thin = kitchen.pots.stream()
                .filter(p -> kitchen.roles(p).contains("pastry-thin"))
                .findFirst()
                .orElse(null);
        boolean rest = kitchen.left[i] > LITTLE && isBrushedOnEach(kitchen, i);
        boolean brushes = thin != null
                && Kitchen.FATS.contains(kitchen.role(i))
                && (rest
                        || kitchen.pan.contains(i)
                                && kitchen.left[i] > 0.99
                                && kitchen.lines.get(i).gramsOrZero() > Readying.MOST_GREASE);
        if (thin != null && brushes) {
            thin.add(i, kitchen.left[i]);
            kitchen.left[i] = 0;
            kitchen.pan.remove(i);
        }
        return brushes;
    }

    /** "300 ml hot water, for the stock cube": goes wherever the cube goes; saffron goes with "the saffron milk". */
    private static boolean goesWithAnother(Kitchen kitchen, int i) {
        int other = kitchen.isFor(i, i - 1) ? i - 1 : kitchen.isFor(i + 1, i) ? i + 1 : -1;
        List<Pot> pots = kitchen.pots.stream()
                .filter(p -> other >= 0 && kitchen.left[i] > 0.99 && p.lines.containsKey(other))
                .toList();
        for (Pot pot : pots) {
            pot.add(i, pot.share(other));
            kitchen.left[i] -= pot.share(other);
            int at = pot.stepWith(other);
            if (at >= 0) {
                pot.steps.set(at, pot.steps.get(at).withoutUse(other));
                pot.steps.add(at, mixed(kitchen, i, other, pot.share(other)));
            }
        }
        return !pots.isEmpty();
    }

    private static Step mixed(Kitchen kitchen, int line, int other, double share) {
        String said = kitchen.lines.get(line).text().split(",", 2)[0];
        return ProcedureStepBuilder.builder()
                .id(kitchen.nextStep())
                .action("mix")
                .words(Messages.say(
                        "reading.mix-as-listed", said, kitchen.lines.get(other).item()))
                .sentence(ListedWork.sentence(line))
                .uses(List.of(new Of(line, null, share), new Of(other, null, share)))
                .build();
    }

    private static boolean isBrushedOnEach(Kitchen kitchen, int i) {
        String name = kitchen.lines.get(i).item().toLowerCase(Locale.ROOT);
        String last = name.substring(name.lastIndexOf(' ') + 1);
        return kitchen.brushing.stream()
                .anyMatch(c -> c.words().toLowerCase(Locale.ROOT).contains(last));
    }

    private static boolean isHeadedElsewhere(Kitchen kitchen, String heading) {
        return kitchen.pots.stream().anyMatch(p -> isUnder(kitchen, p, heading));
    }

    private static boolean isUnder(Kitchen kitchen, Pot pot, String heading) {
        return pot.lines.keySet().stream()
                .anyMatch(l -> heading.equals(kitchen.lines.get(l).heading()));
    }

    private static boolean isElsewhere(Kitchen kitchen, int i) {
        Told told = kitchen.told.get(i);
        boolean named = kitchen.pan.contains(i) || kitchen.outside.contains(i);
        return named || told.forTheDish() && kitchen.left[i] > 0.99 || told.toServe();
    }

    private static boolean isLaid(Kitchen kitchen, int i) {
        return LAID.contains(kitchen.role(i));
    }

    /** "Crumbs + 1 tbsp melted butter": fat listed right after crumbs is theirs, whatever is called buttered. */
    private static @Nullable Pot buttered(Kitchen kitchen, int i) {
        boolean fat = i > 0 && Kitchen.FATS.contains(kitchen.role(i)) && CRUMBS.equals(kitchen.role(i - 1));
        return kitchen.pots.stream()
                .filter(p -> fat && p.lines.containsKey(i - 1))
                .findFirst()
                .orElse(null);
    }

    private static @Nullable Pot home(Kitchen kitchen, int i, Line line) {
        Pot partly = kitchen.pots.stream()
                .filter(p -> p.lines.containsKey(i))
                .findFirst()
                .orElse(null);
        if (partly != null) {
            return partly;
        }
        if (isLaid(kitchen, i)) {
            return null;
        }
        Pot buttered = buttered(kitchen, i);
        if (buttered != null) {
            return buttered;
        }
        Pot best = null;
        long most = 0;
        for (Pot pot : kitchen.pots) {
            long near = pot.lines.keySet().stream()
                    .filter(l -> line.heading() != null
                            && Objects.equals(
                                    line.heading(), kitchen.lines.get(l).heading()))
                    .count();
            if (near > most) {
                most = near;
                best = pot;
            }
        }
        if (best != null) {
            return best;
        }
        return kitchen.pots.stream()
                .filter(p -> p.lines.size() > 1 && (p.lines.containsKey(i - 1) || p.lines.containsKey(i + 1)))
                .findFirst()
                .orElseGet(() -> kitchen.pots.stream()
                        .filter(p -> p.worked || p.lines.keySet().stream().noneMatch(l -> isLaid(kitchen, l)))
                        .findFirst()
                        .orElse(null));
    }
}
