package nabe.plan;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.testing.Recipes;
import tools.jackson.databind.ObjectMapper;

/** Plans of several recipes as JSON, in the language that this virtual machine was started with. */
final class PlansTold {
    private static final List<Set<Need>> NEEDS =
            List.of(Set.of(), Set.of(Need.GLUTEN_FREE), Set.of(Need.VEGAN, Need.GLUTEN_FREE, Need.NUT_FREE));

    private PlansTold() {}

    /** @param arguments every how many-th recipe, and where to write */
    public static void main(String[] arguments) throws IOException {
        Planner planner = new Planner(Larder.load());
        List<String> recipes = Recipes.all();
        List<Object> plans = new ArrayList<>();
        for (int i = 0; i < recipes.size(); i += Integer.parseInt(arguments[0])) {
            for (Set<Need> needs : NEEDS) {
                Brief brief = Brief.of(Brief.RecipeBrief.ofText(recipes.get(i)), new Needs(needs, Set.of(), false));
                plans.add(planner.plan(brief));
            }
        }
        Files.writeString(Path.of(arguments[1]), new ObjectMapper().writeValueAsString(plans));
    }
}
