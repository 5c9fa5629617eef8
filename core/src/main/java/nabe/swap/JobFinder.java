package nabe.swap;

import java.util.List;
import java.util.Locale;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.recipe.Recipe;

/** Tells what work a line does where it stands: flour thickens a sauce but builds a crust; egg binds, sets, lifts or glazes. */
final class JobFinder {
    private final Recipe recipe;

    JobFinder(Recipe recipe) {
        this.recipe = recipe;
    }

    /** @return the job, or the usual role where it has only one */
    String jobOf(Line line, boolean meatAllowed) {
        String role = line.ingredient().role();
        if (role.startsWith("flour")) {
            return flour(line);
        }
        if (role.startsWith("egg")) {
            return egg(line);
        }
        if (role.equals("butter")) {
            return (line.part() == Part.STRUCTURE || line.part() == Part.TOPPING)
                            && recipe.family() != Family.MASH_TOPPED
                            && doughHere(line)
                    ? "crust"
                    : "fry";
        }
        boolean keepsMeat = meatAllowed && (role.equals("sausage") || role.equals("stock"));
        return keepsMeat ? "keep-meat" : role;
    }

    private boolean doughHere(Line line) {
        return sameHeading(line)
                .anyMatch(l -> l.ingredient() != null && l.ingredient().role().startsWith("flour"));
    }

    private java.util.stream.Stream<Line> sameHeading(Line line) {
        return recipe.lines().stream().filter(l -> java.util.Objects.equals(l.heading(), line.heading()));
    }

    private String flour(Line line) {
        String words = words(line);
        if (words.matches("(?s).*\\b(dust|coat|dredg|roll(?:ing)? out|toss).*") && line.gramsOrZero() < 80) {
            return "coat";
        }
        boolean batter = recipe.family() == Family.BATTER && line.part() == Part.STRUCTURE;
        if (batter || words.contains("batter") || words.contains("popover")) {
            return "batter";
        }
        return line.part() == Part.STRUCTURE || line.part() == Part.TOPPING ? "crust" : "thicken";
    }

    private String egg(Line line) {
        String words = words(line);
        if (words.matches("(?s).*\\b(glaz\\w*|egg ?wash|brush\\w*).*")) {
            return "glaze";
        }
        if (words.contains("hard-boiled") || words.contains("hard boiled") || words.contains("boiled egg")) {
            return "boiled";
        }
        if (recipe.family() == Family.BATTER || words.contains("batter")) {
            return "lift";
        }
        return sets(line) ? "set" : "bind";
    }

    private boolean sets(Line line) {
        boolean custard = recipe.family() == Family.STRATA
                || recipe.family() == Family.MOUSSAKA
                || line.part() == Part.WHITE_SAUCE
                || words(line).contains("custard");
        boolean many = line.gramsOrZero() >= 180;
        List<Line> liquids = sameHeading(line)
                .filter(l -> l.hasRole("milk") || l.hasRole("cream"))
                .toList();
        boolean softCheese = sameHeading(line).anyMatch(l -> l.part() == Part.SOFT_CHEESE);
        return custard && !softCheese || many && !liquids.isEmpty();
    }

    private static String words(Line line) {
        String heading = line.heading() == null ? "" : line.heading();
        return (heading + " " + line.text()).toLowerCase(Locale.ROOT);
    }
}
