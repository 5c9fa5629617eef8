package nabe.house;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import nabe.measure.AmountStyle;
import nabe.measure.Spoons;
import nabe.measure.WrongValueException;
import nabe.needs.Needs;
import nabe.words.Messages;

/**
 * The kitchen a dish is cooked in.
 *
 * @param people who eats here
 * @param lacks ids of tools it does not have
 * @param keptApart ids of tools kept for strict food only
 * @param spoons whose cups and spoons a recipe means when it does not say
 * @param amounts how amounts are shown
 */
public record House(
        List<Person> people,
        Schools schools,
        Set<String> lacks,
        Set<String> keptApart,
        Spoons spoons,
        AmountStyle amounts) {
    private static final House USUAL =
            new House(List.of(), Schools.usual(), Set.of(), Set.of(), Spoons.US, AmountStyle.BOTH);

    /** @throws WrongValueException for an unknown tool, two people of one id, or a tool both lacking and kept apart */
    public House {
        people = List.copyOf(people);
        lacks = Set.copyOf(lacks);
        keptApart = Set.copyOf(keptApart);
        lacks.forEach(Tool::ofId);
        keptApart.forEach(Tool::ofId);
        if (people.stream().map(Person::id).distinct().count() < people.size()) {
            throw new WrongValueException(Messages.say("house.two-people-have-the-same-id"));
        }
        if (keptApart.stream().anyMatch(lacks::contains)) {
            throw new WrongValueException(Messages.say("house.a-tool-cannot-be-both-missing"));
        }
    }

    /** A kitchen nothing is known of: every tool, the default schools. */
    public static House usual() {
        return USUAL;
    }

    /** @return the needs of these people together; ids nobody has here are passed over */
    public Needs needsOf(Collection<String> ids) {
        return people.stream()
                .filter(p -> ids.contains(p.id()))
                .map(Person::asNeeds)
                .reduce(Needs::and)
                .orElse(Needs.none());
    }

    /** @return this house with the dish's own answers on top */
    public House with(java.util.Map<String, String> dishSchools) {
        return dishSchools.isEmpty()
                ? this
                : new House(people, schools.with(dishSchools), lacks, keptApart, spoons, amounts);
    }
}
