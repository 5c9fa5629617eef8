package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.house.House;
import nabe.house.Schools;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.swap.Standings.Standing;
import org.junit.jupiter.api.Test;

/** How an answer stands with needs and house: never better than the worst thing in it. */
class StandingsTest {
    private static final Larder LARDER = Larder.load();
    private static final Swapper.Tables TABLES = Swapper.Tables.load(LARDER);

    private static Standings standings(House house, Need... needs) {
        return new Standings(LARDER, TABLES, new Needs(Set.of(needs), Set.of(), true), house);
    }

    private static List<SwapRule> rules() {
        return TABLES.book().all();
    }

    private static House lacking(String... tools) {
        House usual = House.usual();
        return new House(List.of(), usual.schools(), Set.of(tools), Set.of(), usual.spoons(), usual.amounts());
    }

    @Test
    void anAnswerFitsOnlyWhereAllOfItFits() {
        Standings vegan = standings(House.usual(), Need.VEGAN);

        for (SwapRule rule : rules()) {
            boolean all = rule.becomes().stream()
                    .allMatch(c -> vegan.judge(LARDER.get(c.use())).fits());
            assertThat(vegan.of(rule).fits()).as(rule.id()).isEqualTo(all);
        }
    }

    @Test
    void whatFitsFitsWithCertifiedOatsToo() {
        Standings glutenFree = standings(House.usual(), Need.GLUTEN_FREE);

        assertThat(rules().stream().map(glutenFree::of).filter(Standing::fits)).allMatch(Standing::fitsCertified);
        assertThat(rules().stream().map(glutenFree::of)).anyMatch(s -> s.fitsCertified() && !s.fits());
    }

    @Test
    void moreNeedsNeverMakeAnAnswerFit() {
        Standings few = standings(House.usual(), Need.DAIRY_FREE);
        Standings more = standings(House.usual(), Need.DAIRY_FREE, Need.NUT_FREE, Need.SOY_FREE);

        for (SwapRule rule : rules()) {
            assertThat(few.of(rule).fits() || !more.of(rule).fits())
                    .as(rule.id())
                    .isTrue();
            assertThat(more.of(rule).labels())
                    .as(rule.id())
                    .isGreaterThanOrEqualTo(few.of(rule).labels());
        }
    }

    @Test
    void aLabelToReadIsSaidAndWhereThereIsNoneNothingIs() {
        Standings strict = standings(House.usual(), Need.GLUTEN_FREE, Need.NUT_FREE);

        for (SwapRule rule : rules()) {
            Standing stands = strict.of(rule);
            assertThat(stands.check() != null || stands.labels() == 0)
                    .as(rule.id())
                    .isTrue();
            assertThat(stands.doubts()).as(rule.id()).isGreaterThanOrEqualTo(stands.labels());
        }
        assertThat(rules().stream().map(strict::of))
                .anyMatch(s -> s.labels() > 0)
                .anyMatch(s -> s.labels() == 0);
    }

    @Test
    void theWorkOfWhatIsMadeAtHomeIsTheAnswersWork() {
        Standings usual = standings(House.usual(), Need.VEGAN);
        SwapRule ricotta = TABLES.book().find("ricotta-tofu").orElseGet(() -> homeMade(usual));

        assertThat(usual.of(ricotta).active()).isGreaterThan(ricotta.active());
        assertThat(rules()).allSatisfy(r -> {
            assertThat(usual.of(r).active()).isGreaterThanOrEqualTo(r.active());
            assertThat(usual.of(r).passive()).isGreaterThanOrEqualTo(r.passive());
            assertThat(usual.of(r).tools()).containsAll(r.tools()).doesNotHaveDuplicates();
        });
    }

    private static SwapRule homeMade(Standings standings) {
        return rules().stream()
                .filter(r -> standings.of(r).active() > r.active())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aToolIsMissingWhereTheHouseLacksItAndTheAnswerAsksForIt() {
        Standings without = standings(lacking("blender"), Need.VEGAN);

        for (SwapRule rule : rules()) {
            Standing stands = without.of(rule);
            assertThat(stands.missing().contains("blender"))
                    .as(rule.id())
                    .isEqualTo(stands.tools().contains("blender"));
        }
        assertThat(rules().stream().map(standings(House.usual(), Need.VEGAN)::of))
                .allMatch(s -> s.missing().isEmpty());
    }

    /** Every answer of a school other than the usual one asks for something, or does without something. */
    @Test
    void theHousesSchoolsCount() {
        for (Schools.Question question : Schools.questions()) {
            for (Schools.Answer answer :
                    question.answers().subList(1, question.answers().size())) {
                Schools own = new Schools(Map.of(question.id(), answer.id()));
                House house = new House(
                        List.of(),
                        own,
                        Set.of(),
                        Set.of(),
                        House.usual().spoons(),
                        House.usual().amounts());
                Standings standings = standings(house, Need.VEGAN, Need.GLUTEN_FREE);
                for (SwapRule rule : rules()) {
                    boolean asks = answer.id().equals(rule.school().get(question.id()));
                    assertThat(standings.of(rule).asked() || !asks)
                            .as("%s for %s", rule.id(), answer.id())
                            .isTrue();
                }
            }
        }
    }
}
