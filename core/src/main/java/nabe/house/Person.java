package nabe.house;

import java.util.Set;
import nabe.larder.Allergen;
import nabe.measure.WrongValueException;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.words.Messages;

/**
 * Somebody who eats here.
 *
 * @param id stable name within the house
 * @param name what they are called at the table, never blank
 * @param strict whether traces matter to them
 * @param certifiedOats whether certified gluten-free oats are fine for them; some coeliacs do not tolerate any
 */
public record Person(
        String id, String name, Set<Need> needs, Set<Allergen> avoid, boolean strict, boolean certifiedOats) {

    /** @throws WrongValueException when the person has no id or no name */
    public Person {
        if (id == null || id.isBlank() || name == null || name.isBlank() || name.length() > 80) {
            throw new WrongValueException(Messages.say("house.each-person-must-have-a-name"));
        }
        needs = Set.copyOf(needs);
        avoid = Set.copyOf(avoid);
    }

    /** @return what a dish they eat must be safe for */
    public Needs asNeeds() {
        return new Needs(
                needs,
                avoid,
                strict,
                !needs.contains(Need.GLUTEN_FREE)
                        ? Needs.Oats.UNSAID
                        : certifiedOats ? Needs.Oats.FINE : Needs.Oats.NEVER);
    }
}
