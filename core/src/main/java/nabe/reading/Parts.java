package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Slot.Lead;
import org.jspecify.annotations.Nullable;

/** Things of which only a part was used, the latest last: what "the rest" means where nothing else is said. */
final class Parts {
    private static final double LITTLE = 0.02;
    private final List<Part> taken = new ArrayList<>();

    /** @param line the line, -1 for a pot */
    private record Part(int line, @Nullable Pot pot) {}

    void took(int line) {
        taken.add(new Part(line, null));
    }

    void took(Pot pot) {
        taken.add(new Part(-1, pot));
    }

    /** @return "the rest" as what it is the rest of; other nouns as they are */
    Named named(Named noun, Kitchen kitchen, Dish dish) {
        boolean rest = noun.is(Kind.PRONOUN)
                && noun.portion().is(Portion.Kind.REST)
                && noun.slot().lead() != Lead.INTO;
        for (Part part : rest ? taken.reversed() : List.<Part>of()) {
            if (part.pot == null && kitchen.left[part.line] > LITTLE) {
                return new Named(Kind.LINES, List.of(part.line), null, noun.portion(), noun.each(), noun.slot());
            }
            if (part.pot != null && isOpen(part.pot, dish)) {
                return new Named(Kind.POT, List.of(), part.pot, noun.portion(), noun.each(), noun.slot());
            }
        }
        return noun;
    }

    private static boolean isOpen(Pot pot, Dish dish) {
        double said = 0;
        for (Dish.Placed p : dish.all) {
            if (p.pot == pot) {
                said += p.portion.is(Portion.Kind.FRACTION) ? p.portion.value() : isPart(p.portion) ? LITTLE : 1;
            }
        }
        return said < 1 - LITTLE;
    }

    /** @return whether the words leave something over */
    static boolean isPart(Portion portion) {
        return switch (portion.kind()) {
            case FRACTION, OF_LEFT, MEASURE, COUNT, FILM, ALL_BUT -> true;
            case UNSAID, REST, RESERVED, ALL, EACH -> false;
        };
    }
}
