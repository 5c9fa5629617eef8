package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.prep.PrepStep;
import nabe.recipe.Procedure.Placement;
import nabe.swap.ConvertedLine;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import nabe.testing.ForbiddenWords;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every part of a plan speaks from one procedure: in every recipe, for every set of the six needs. */
class OneVoiceTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final List<Need> SIX =
            List.of(Need.GLUTEN_FREE, Need.DAIRY_FREE, Need.VEGAN, Need.EGG_FREE, Need.NUT_FREE, Need.SOY_FREE);
    private static final Pattern MINUTES =
            Pattern.compile("(?<![\\d/.])(\\d+)(?:\\s*(?:-|–|to|or)\\s*(\\d+))?\\s*min(?:ute)?s?\\b");

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("recipes")
    void holdsForEverySetOfNeeds(String text) {
        for (int bits = 0; bits < 64; bits++) {
            Set<Need> needs = EnumSet.noneOf(Need.class);
            for (int i = 0; i < SIX.size(); i++) {
                if ((bits >> i & 1) == 1) {
                    needs.add(SIX.get(i));
                }
            }
            Making.Built plan =
                    PLANNER.upToTheOven(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(needs, Set.of(), true)));
            String as = text.lines().findFirst().orElse("") + " " + needs;
            everythingBoughtIsInAPot(plan, as);
            noPotUsesWhatItDoesNotHold(plan, as);
            whatIsTakenUpAndCookedOffAddsUp(plan, as);
            nothingForbiddenIsNamed(plan, needs, as);
            minutesInWordsAreTheMinutes(plan, as);
            gramsInWordsAreTheGrams(plan, as);
            theDishIsBuiltOfItsPots(plan, as);
            everyStepHasAPotAndComesAfterWhatItNeeds(plan, as);
        }
    }

    private static Map<String, Double> grams(Stream<Constituent> of) {
        return of.filter(c -> c.ingredient() != null && c.grams() != null)
                .collect(Collectors.groupingBy(Constituent::ingredient, Collectors.summingDouble(Constituent::grams)));
    }

    private static void everythingBoughtIsInAPot(Making.Built plan, String as) {
        Map<String, Double> there =
                grams(plan.conversion().procedure().components().stream().flatMap(p -> p.of().stream()));
        Map<String, Double> bought = plan.conversion().toBuy().stream()
                .filter(l -> l.component() != null && l.ingredient() != null && l.grams() != null)
                .collect(Collectors.groupingBy(
                        l -> l.ingredient().id(), Collectors.summingDouble(ConvertedLine::gramsOrZero)));
        assertThat(there.keySet()).as(as).isEqualTo(bought.keySet());
        bought.forEach(
                (id, grams) -> assertThat(there.get(id)).as("%s: %s", as, id).isCloseTo(grams, within(0.01)));
    }

    private static void noPotUsesWhatItDoesNotHold(Making.Built plan, String as) {
        for (Pot pot : plan.conversion().procedure().components()) {
            Map<String, Double> holds = grams(pot.of().stream());
            grams(pot.steps().stream().flatMap(s -> s.uses().stream()))
                    .forEach((id, grams) -> assertThat(grams)
                            .as("%s: %s in %s", as, id, pot.name())
                            .isLessThanOrEqualTo(holds.getOrDefault(id, 0.0) + 0.01));
        }
    }

    private static void whatIsTakenUpAndCookedOffAddsUp(Making.Built plan, String as) {
        assertThat(plan.conversion().massAfterGrams()
                        + plan.prep().takenUpGrams()
                        - plan.prep().cookedOffGrams())
                .as(as)
                .isCloseTo(plan.prep().readyGrams(), within(0.5));
    }

    private static void nothingForbiddenIsNamed(Making.Built plan, Set<Need> needs, String as) {
        List<String> said = new ArrayList<>();
        for (Pot pot : plan.conversion().procedure().components()) {
            said.add(pot.name());
            for (Work work : pot.steps()) {
                said.add(work.words());
                said.add(Objects.requireNonNullElse(work.until(), ""));
            }
        }
        for (PrepStep step : plan.prep().steps()) {
            said.add(step.item() + ". " + step.text() + " " + Objects.requireNonNullElse(step.sign(), ""));
            step.uses().forEach(u -> said.add(u.item()));
        }
        plan.build().layers().forEach(l -> said.add(l.name()));
        plan.build().leftovers().forEach(l -> said.add(l.name()));
        Set<String> bad = new TreeSet<>();
        said.forEach(words -> bad.addAll(ForbiddenWords.in(words, needs)));
        assertThat(bad).as(as).isEmpty();
    }

    private static void minutesInWordsAreTheMinutes(Making.Built plan, String as) {
        for (Pot pot : plan.conversion().procedure().components()) {
            for (Work work : pot.steps()) {
                Matcher m = MINUTES.matcher(work.words());
                Set<Double> said = new TreeSet<>();
                while (m.find()) {
                    said.add(Double.valueOf(m.group(1)));
                    said.add(Double.valueOf(m.group(2) == null ? m.group(1) : m.group(2)));
                }
                boolean one = said.size() == 1 && !work.words().contains("for the last");
                if (one && work.minutes() != null && pot.made() == null) {
                    assertThat(said)
                            .as("%s: %s", as, work.words())
                            .contains(work.minutes().min(), work.minutes().max());
                }
            }
        }
    }

    /** "30 g of the butter" does not stay where 24 g of oil go in. */
    private static void gramsInWordsAreTheGrams(Making.Built plan, String as) {
        for (Pot pot : plan.conversion().procedure().components()) {
            for (Work work : pot.made() == null ? pot.steps() : List.<Work>of()) {
                work.uses().stream()
                        .filter(u -> u.line() != null && u.line().swapped() && u.grams() != null)
                        .forEach(u -> {
                            Matcher said = Pattern.compile("(\\d+) ?g (?:of )?(?:the )?" + Pattern.quote(u.item()))
                                    .matcher(work.words());
                            if (said.find()) {
                                assertThat(Double.parseDouble(said.group(1)))
                                        .as("%s: %s", as, work.words())
                                        .isCloseTo(u.grams(), within(0.05 * u.grams() + 3));
                            }
                        });
            }
        }
    }

    private static void theDishIsBuiltOfItsPots(Making.Built plan, String as) {
        Set<String> pots =
                plan.conversion().procedure().components().stream().map(Pot::id).collect(Collectors.toSet());
        assertThat(pots)
                .as(as)
                .containsAll(plan.conversion().procedure().layers().stream()
                        .map(Placement::of)
                        .toList());
        if (plan.build().asRead()) {
            assertThat(pots)
                    .as(as)
                    .containsAll(plan.build().layers().stream()
                            .map(l -> l.component())
                            .toList());
        }
    }

    private static void everyStepHasAPotAndComesAfterWhatItNeeds(Making.Built plan, String as) {
        Map<String, Integer> over = new HashMap<>();
        for (PrepStep step : plan.prep().steps()) {
            assertThat(step.component() != null
                            || step.own()
                            || Set.of("ready", "dish").contains(step.id()))
                    .as("%s: %s", as, step.text())
                    .isTrue();
            if (step.component() != null && step.when() == PrepStep.When.BEFORE) {
                over.merge(
                        step.component(),
                        step.startMinutesBefore() - step.activeMinutes() - step.passiveMinutes(),
                        Math::min);
            }
        }
        for (PrepStep step : plan.prep().steps()) {
            if (step.when() == PrepStep.When.BEFORE) {
                step.uses().stream()
                        .map(PrepStep.Used::component)
                        .filter(Objects::nonNull)
                        .filter(over::containsKey)
                        .forEach(pot -> assertThat(over.get(pot))
                                .as("%s: %s waits for %s", as, step.text(), pot)
                                .isGreaterThanOrEqualTo(step.startMinutesBefore()));
            }
        }
    }
}
