package nabe.meal;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.needs.Need;
import nabe.needs.Needs;

/** What a tool that is kept for somebody or something must never touch. */
final class KeptFor {
    private KeptFor() {}

    /**
     * @param words a name at the table, a need ("gluten-free"), something to be without ("no sesame"), or anything else: then
     *     what any strict person here avoids
     */
    static Set<Allergen> never(String words, Meal meal) {
        String plain = words.toLowerCase(Locale.ROOT).replace('-', ' ');
        Set<Allergen> never = EnumSet.noneOf(Allergen.class);
        for (Meal.Eater eater : meal.eaters()) {
            if (plain.contains(eater.name().toLowerCase(Locale.ROOT))) {
                never.addAll(eater.needs().forbidden());
            }
        }
        for (Need need : Need.values()) {
            if (plain.contains(need.id().replace('-', ' '))) {
                never.addAll(new Needs(Set.of(need), Set.of(), true).forbidden());
            }
        }
        for (Allergen allergen : Allergen.values()) {
            if (plain.matches(
                    ".*\\b(no|without) " + allergen.word() + "\\b.*|.*\\b" + allergen.word() + " free\\b.*")) {
                never.add(allergen);
            }
        }
        if (never.isEmpty()) {
            meal.eaters().stream()
                    .filter(e -> e.needs().strict())
                    .forEach(e -> never.addAll(e.needs().forbidden()));
        }
        return never;
    }
}
