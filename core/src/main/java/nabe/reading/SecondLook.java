package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;

/**
 * What a method followed to its end shows about its beginning: where a dish is got out and filled after something baked,
 * that was a part of it (a stew in the oven, slices on a tray), and the method is followed once more.
 */
final class SecondLook {
    private static final Set<Effect> FILLS = Set.of(Effect.PLACE, Effect.JOIN, Effect.PASS, Effect.GREASE);
    private static final Set<String> SERVING = Set.of("serving", "serve", "roasting", "larger", "bigger", "second");

    private SecondLook() {}

    /** @return the clause before which nothing lies in the dish, or 0 */
    static int buildsFrom(List<Cook.Said> said) {
        boolean baked = false;
        boolean built = false;
        for (int i = 0; i < said.size(); i++) {
            Cook.Said one = said.get(i);
            boolean baking = one.stage().equals(Scene.Stage.BAKING.name());
            boolean after = baking || one.stage().equals(Scene.Stage.RESTED.name());
            if (after && baked && isNewDish(one) || built && isGreased(one)) {
                return i;
            }
            built |= one.stage().equals(Scene.Stage.BUILDING.name());
            baked |= baking && !one.clause().durations().isEmpty();
        }
        return 0;
    }

    /** "Oil the dish", once something lay in it. */
    private static boolean isGreased(Cook.Said one) {
        return one.clause().does(Effect.GREASE)
                && one.nouns().size() == 1
                && one.nouns().getFirst().is(Kind.DISH)
                && one.nouns().getFirst().slot().tokens().stream().noneMatch(t -> SERVING.contains(t.key()));
    }

    /** "Spoon the filling into a 1.2 litre pie dish", "grease a 30 x 20 cm baking dish". */
    private static boolean isNewDish(Cook.Said one) {
        return FILLS.stream().anyMatch(one.clause()::does)
                && one.nouns().stream().filter(n -> n.is(Kind.DISH)).count() == 1
                && one.nouns().stream().anyMatch(SecondLook::isGotOut);
    }

    private static boolean isGotOut(Named noun) {
        List<Token> said = noun.slot().tokens();
        boolean into = noun.slot().lead() != Lead.WITH && noun.slot().lead() != Lead.FROM;
        boolean another = Tokens.has(said, "a", "an") || said.stream().anyMatch(Token::isNumber);
        return noun.is(Kind.DISH) && into && another && said.stream().noneMatch(t -> SERVING.contains(t.key()));
    }
}
