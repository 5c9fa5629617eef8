package nabe.needs;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collection;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Origin;
import nabe.needs.Needs.Oats;
import nabe.testing.Foods;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a packet's claim lifts and what it never does; oats; and that asking for more is never answered with less. */
class ClaimsAndOatsTest {
    private static final Collection<Ingredient> LARDER = Larder.load().all();
    private static final Ingredient OATS = Foods.plain().with(Allergen.OATS).food();

    private static Needs strictly(Need... needs) {
        return new Needs(Set.of(needs), Set.of(), true);
    }

    private static Needs glutenFree(Oats oats, Allergen... avoid) {
        return new Needs(Set.of(Need.GLUTEN_FREE), Set.of(avoid), true, oats);
    }

    @Test
    void aClaimTakesNothingOutThatIsSurelyIn() {
        Ingredient milky = Foods.plain().with(Allergen.MILK).food();
        assertThat(strictly(Need.DAIRY_FREE)
                        .judge(milky, List.of("dairy-free", "vegan"))
                        .offends())
                .containsExactly("milk");
    }

    @Test
    void aClaimLiftsDoubtAndTracesForItsOwnNeedOnly() {
        Ingredient doubtful = Foods.plain()
                .perhaps(Allergen.MILK, Allergen.EGG)
                .nearBy(Allergen.WHEAT)
                .food();
        Judgement judged =
                strictly(Need.DAIRY_FREE, Need.EGG_FREE, Need.GLUTEN_FREE).judge(doubtful, List.of("dairy-free"));
        assertThat(judged.maybe()).containsExactly("egg");
        assertThat(judged.traces()).containsExactly("wheat");
        assertThat(strictly(Need.GLUTEN_FREE)
                        .judge(doubtful, List.of("gluten-free"))
                        .needsLabel())
                .isFalse();
    }

    @Test
    void veganSpeaksOfIngredientsSoItsTracesStay() {
        Ingredient doubtful = Foods.plain().perhaps(Allergen.MILK).food();
        assertThat(strictly(Need.DAIRY_FREE).judge(doubtful, List.of("vegan")).maybe())
                .isEmpty();
        assertThat(strictly(Need.DAIRY_FREE).judge(doubtful, List.of("vegan")).traces())
                .containsExactly("milk");
        Needs byIngredient = new Needs(Set.of(Need.DAIRY_FREE), Set.of(), false);
        assertThat(byIngredient.judge(doubtful, List.of("vegan")).needsLabel()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "VEGETARIAN, '',         true",
        "VEGETARIAN, vegetarian, false",
        "VEGETARIAN, vegan,      false",
        "VEGAN,      vegetarian, true",
        "VEGAN,      vegan,      false",
        "EGG_FREE,   '',         false",
    })
    void rennetAndFiningsAreDoubtedUntilThePacketSpeaks(Need need, String claim, boolean doubted) {
        Judgement judged = strictly(need)
                .judge(Foods.plain().perhapsWithRennet().food(), claim.isEmpty() ? List.of() : List.of(claim));
        assertThat(judged.maybe().isEmpty()).isEqualTo(!doubted);
    }

    @Test
    void whatComesOfAnimalsIsNotVeganWhateverItClaims() {
        Ingredient meat = Foods.plain().of(Origin.MEAT).food();
        assertThat(strictly(Need.VEGAN).judge(meat, List.of("vegan")).offends()).containsExactly("not vegan");
        assertThat(strictly(Need.VEGETARIAN).judge(meat).fits()).isFalse();
        assertThat(strictly(Need.GLUTEN_FREE).judge(meat).fits()).isTrue();
    }

    @Test
    void certifiedOatsPassUntilSomebodyToleratesNone() {
        List<String> certified = List.of("gluten-free");
        assertThat(glutenFree(Oats.UNSAID).judge(OATS).fits()).isFalse();
        assertThat(glutenFree(Oats.UNSAID).judge(OATS, certified).fits()).isTrue();
        assertThat(glutenFree(Oats.NEVER).judge(OATS, certified).fits()).isFalse();
        assertThat(glutenFree(Oats.FINE, Allergen.OATS).judge(OATS, certified).fits())
                .isFalse();
    }

    @Test
    void wherePlainOatsAreFineTheirPacketIsStillRead() {
        Judgement plain = glutenFree(Oats.FINE).judge(OATS);
        assertThat(plain.fits()).isTrue();
        assertThat(plain.maybe()).containsExactly("oats that are not certified gluten-free");
        assertThat(glutenFree(Oats.FINE).judge(OATS, List.of("gluten-free")).needsLabel())
                .isFalse();
    }

    @Test
    void aClaimForOatsDoesNotLetWheatIn() {
        Ingredient wheat = Foods.plain().with(Allergen.WHEAT).food();
        assertThat(glutenFree(Oats.FINE).judge(wheat, List.of("gluten-free")).offends())
                .containsExactly("wheat");
    }

    @ParameterizedTest
    @CsvSource({
        "UNSAID, UNSAID, UNSAID",
        "UNSAID, FINE, FINE",
        "FINE, UNSAID, FINE",
        "FINE, NEVER, NEVER",
        "NEVER, UNSAID, NEVER",
        "UNSAID, NEVER, NEVER",
        "FINE, FINE, FINE"
    })
    void whoRefusesOatsRefusesThemForTheTable(Oats one, Oats other, Oats both) {
        assertThat(glutenFree(one).and(glutenFree(other)).oats()).isEqualTo(both);
    }

    @Test
    void aTableNeedsWhatAllOfItNeeds() {
        Needs one = new Needs(Set.of(Need.VEGAN), Set.of(Allergen.CELERY), false);
        Needs other = new Needs(Set.of(Need.NUT_FREE), Set.of(Allergen.MUSTARD), true);
        Needs both = one.and(other);
        assertThat(both.needs()).containsExactlyInAnyOrder(Need.VEGAN, Need.NUT_FREE);
        assertThat(both.avoid()).containsExactlyInAnyOrder(Allergen.CELERY, Allergen.MUSTARD);
        assertThat(both.strict()).isTrue();
        assertThat(one.and(Needs.none())).isEqualTo(one);
        assertThat(Needs.none().isEmpty()).isTrue();
        assertThat(one.isEmpty()).isFalse();
        assertThat(new Needs(Set.of(), Set.of(Allergen.CELERY), false).isEmpty())
                .isFalse();
        assertThat(new Needs(Set.of(Need.VEGAN), Set.of(), false).isEmpty()).isFalse();
    }

    @ParameterizedTest
    @EnumSource(Need.class)
    void oneNeedMoreNeverLetsMoreIn(Need more) {
        for (Need first : EnumSet.allOf(Need.class)) {
            Needs few = strictly(first);
            Needs many = few.and(strictly(more));
            for (Ingredient food : LARDER) {
                Judgement before = few.judge(food);
                Judgement after = many.judge(food);
                assertThat(after.offends()).as(food.id()).containsAll(before.offends());
                assertThat(doubts(after)).as(food.id()).containsAll(doubts(before));
            }
        }
    }

    private static Set<String> doubts(Judgement judged) {
        Set<String> all = new HashSet<>(judged.offends());
        all.addAll(judged.maybe());
        all.addAll(judged.traces());
        return all;
    }

    @ParameterizedTest
    @EnumSource(Need.class)
    void strictNeverAsksForLess(Need need) {
        Needs loose = new Needs(Set.of(need), Set.of(), false);
        for (Ingredient food : LARDER) {
            assertThat(strictly(need).judge(food).offends())
                    .isEqualTo(loose.judge(food).offends());
            assertThat(doubts(strictly(need).judge(food))).containsAll(doubts(loose.judge(food)));
        }
    }

    @Test
    void needsOnlyAskOfWhatTheyShutOut() {
        Ingredient nearNuts = Foods.plain().nearBy(Allergen.ALMOND).food();
        assertThat(strictly(Need.GLUTEN_FREE).judge(nearNuts).needsLabel()).isFalse();
        assertThat(strictly(Need.NUT_FREE).judge(nearNuts).traces()).containsExactly("almond");
    }

    @Test
    void allTreeNutsTogetherAreOneDoubtAndOneWord() {
        Judgement many = new Judgement(
                Set.of(), new java.util.LinkedHashSet<>(List.of("milk", "almond", "hazelnut", "walnut")), Set.of());
        assertThat(many.doubts()).isEqualTo(2);
        assertThat(many.labelAdvice("spread"))
                .isEqualTo("Check the label of the spread: some makers put in milk or tree nuts.");
        assertThat(new Judgement(Set.of(), Set.of("almond"), Set.of()).doubts()).isOne();
        assertThat(new Judgement(Set.of(), Set.of("milk"), Set.of()).doubts()).isOne();
        assertThat(Judgement.grouped(List.of("almond", "walnut"))).containsExactly("almond", "walnut");
    }

    @Test
    void adviceSaysWhatIsPutInApartFromWhatFallsIn() {
        Judgement both = new Judgement(Set.of(), Set.of("milk"), Set.of("wheat"));
        assertThat(both.labelAdvice("cube"))
                .isEqualTo("Check the label of the cube: some makers put in milk; "
                        + "the kind is sometimes contaminated with wheat, so buy with a claim, or ask the maker.");
        assertThat(new Judgement(Set.of(), Set.of(), Set.of("wheat")).labelAdvice("cube"))
                .isEqualTo("Check the label of the cube: the kind is sometimes contaminated with wheat, "
                        + "so buy with a claim, or ask the maker.");
        assertThat(new Judgement(Set.of("milk"), Set.of(), Set.of()).labelAdvice("cube"))
                .isNull();
    }
}
