package nabe.budgets;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Thickeners;
import nabe.measure.KitchenText;
import nabe.prep.ReadyLine;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * How thick a sauce comes out: wheat-flour equivalents for 240 ml of liquid (thickeners.csv), against what its place wants. Thin 8 g, medium
 * 16 g (coats a spoon), thick 24 g: domain table.
 *
 * @param liquidGrams what there is to thicken
 * @param per240 grams of wheat-flour equivalent for 240 ml
 * @param wanted the same, as its place wants it
 * @param thickener what thickens it now; {@code correctionGrams} more (or less) of it that would bring it in, 0 where it is near enough
 * @param words what the cook reads
 */
public record SauceThickness(
        Part part,
        double liquidGrams,
        double per240,
        double wanted,
        String thickener,
        double correctionGrams,
        String words) {
    static final double THIN = Figures.of("budgets.sauce-thin");
    static final double MEDIUM = Figures.of("budgets.sauce-medium");
    static final double THICK = Figures.of("budgets.sauce-thick");
    private static final Set<String> THICKENERS = Set.of("flour", "starch", "flour-raising");
    private static final double CUP_ML = 240;
    private static final double NEAR = Figures.of("budgets.sauce-near");
    private static final double SAUCY = Figures.of("budgets.sauce-liquid-from");

    /** @return share of a thickened liquid's water that is still free: 40 % when thin, 20 % medium, 5 % thick and over. Kitchen practice. */
    static double freeShare(double per240) {
        return Math.clamp(0.60 - 0.025 * per240, 0.05, 0.60);
    }

    /** @return wheat-flour equivalents for 240 ml of the liquid in these lines; 0 where nothing thickens or nothing is liquid */
    static double per240(List<ReadyLine> lines, Thickeners thickeners) {
        double liquid = liquid(lines);
        return liquid <= 0 ? 0 : strength(lines, thickeners) / liquid * CUP_ML;
    }

    private static double liquid(List<ReadyLine> lines) {
        return lines.stream()
                .filter(l ->
                        l.line().ingredient() != null && l.line().ingredient().isLiquid())
                .mapToDouble(ReadyLine::readyGrams)
                .sum();
    }

    private static double strength(List<ReadyLine> lines, Thickeners thickeners) {
        return lines.stream()
                .filter(SauceThickness::thickens)
                .mapToDouble(
                        l -> l.line().gramsOrZero() * thickeners.of(l.line().food()))
                .sum();
    }

    private static boolean thickens(ReadyLine line) {
        return THICKENERS.stream().anyMatch(line::hasRole);
    }

    /**
     * @param written the recipe's lines: where it comes out as they make it, nobody corrects
     * @param wanted wheat-flour equivalents for 240 ml
     * @return empty where the part holds no thickened sauce
     */
    static Optional<SauceThickness> of(
            Part part, List<ReadyLine> all, List<Line> written, double wanted, Thickeners thickeners) {
        List<ReadyLine> lines =
                all.stream().filter(l -> !setsForEgg(l, written)).toList();
        double liquid = liquid(lines);
        if (part == Part.FILLING
                && liquid
                        < SAUCY
                                * all.stream()
                                        .mapToDouble(ReadyLine::readyGrams)
                                        .sum()) {
            return Optional.empty();
        }
        @Nullable
        ReadyLine main = lines.stream()
                .filter(SauceThickness::thickens)
                .max(Comparator.comparingDouble(l -> l.line().gramsOrZero()))
                .orElse(null);
        if (main == null || liquid < 60) {
            return Optional.empty();
        }
        double now = per240(lines, thickeners);
        double own = asWritten(lines, written, thickeners);
        boolean asOwn = own >= THIN - NEAR && own <= THICK + NEAR && Math.abs(now - own) <= NEAR;
        boolean near = asOwn || Math.abs(now - wanted) <= NEAR;
        double correction = near
                ? 0
                : (wanted - now) * liquid / CUP_ML / thickeners.of(main.line().food());
        return Optional.of(new SauceThickness(
                part,
                liquid,
                now,
                wanted,
                main.line().item(),
                correction,
                asOwn
                        ? Messages.say("budgets.comes-out-as-your-recipe-makes", name(now))
                        : words(now, wanted, correction, main.line().item())));
    }

    /** The starch that stands in for an egg sets the dish in the oven; it does not thicken the sauce in the pan. */
    private static boolean setsForEgg(ReadyLine line, List<Line> written) {
        int source = line.line().source();
        boolean known = line.line().swapped() && source >= 0 && source < written.size();
        Ingredient was = known ? written.get(source).ingredient() : null;
        return was != null && was.role().startsWith("egg");
    }

    /** What the same lines make by the recipe, boiled down as much. */
    private static double asWritten(List<ReadyLine> lines, List<Line> written, Thickeners thickeners) {
        double strength = 0;
        double liquid = 0;
        for (Line line : ofThese(lines, written)) {
            Ingredient was = line.ingredient();
            if (was != null && was.roles().stream().anyMatch(THICKENERS::contains)) {
                strength += line.gramsOrZero() * thickeners.of(was);
            } else if (was != null && was.isLiquid()) {
                liquid += line.gramsOrZero();
            }
        }
        double raw = lines.stream()
                .filter(l ->
                        l.line().ingredient() != null && l.line().ingredient().isLiquid())
                .mapToDouble(l -> l.line().gramsOrZero())
                .sum();
        return liquid <= 0 || raw <= 0 ? 0 : strength / (liquid * liquid(lines) / raw) * CUP_ML;
    }

    private static List<Line> ofThese(List<ReadyLine> lines, List<Line> written) {
        return lines.stream()
                .map(ReadyLine::line)
                .filter(l -> l.source() >= 0 && l.source() < written.size())
                .flatMap(l -> written.get(l.source()).portions().stream()
                        .filter(p -> l.component() == null || l.component().equals(p.component())))
                .distinct()
                .toList();
    }

    private static String words(double now, double wanted, double correction, String thickener) {
        boolean alike = name(now).equals(name(wanted));
        String is = alike && correction != 0
                ? Messages.say("budgets.comes-out-thicker-than-its-place", now > wanted)
                : Messages.say("budgets.comes-out-its-place-wants", name(now), name(wanted));
        if (correction == 0) {
            return Messages.say("budgets.leave-it-as-it-is", is);
        }
        return correction > 0
                ? Messages.say("budgets.take-more", is, KitchenText.grams(correction), thickener)
                : Messages.say("budgets.take-less-or-loosen-it-with", is, KitchenText.grams(-correction), thickener);
    }

    private static String name(double per240) {
        return per240 < (THIN + MEDIUM) / 2
                ? Messages.say("budgets.thin")
                : per240 < (MEDIUM + THICK) / 2
                        ? Messages.say("budgets.medium-it-coats-a-spoon")
                        : Messages.say("budgets.thick");
    }
}
