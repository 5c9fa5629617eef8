package nabe.swap;

import java.util.List;
import java.util.Map;
import nabe.larder.Ingredient;

/**
 * One entry of swaps.json5: what does the work of a role (and job) instead.
 *
 * @param id stable name
 * @param role larder roles it answers for
 * @param job the job it answers for, or null for any
 * @param only ingredients it is restricted to; empty: all of the role. {@code not}: all but these
 * @param becomes what goes in
 * @param taste how near the taste stays, {@code texture} the texture: 0 to 1, kitchen practice
 * @param school the answers to a house's questions this is, by question; empty: none
 * @param active minutes of work it adds, {@code passive} minutes by itself, {@code tools} what it asks for
 * @param called what the method calls it, or null for the names of what goes in
 * @param instead sentences for the method where the order of work changes, or null where a name changes only
 */
public record SwapRule(
        String id,
        List<String> role,
        String job,
        List<String> only,
        List<String> not,
        List<Component> becomes,
        double taste,
        double texture,
        Map<String, String> school,
        Integer active,
        Integer passive,
        List<String> tools,
        String called,
        Instead instead,
        String reason,
        String method) {

    /**
     * @param use larder id
     * @param by how the amount is found: mass, volume, thickening, fat, fat-gap, piece, area, egg or cooked
     * @param ratio grams or share by {@code by}; 1 where the file gives none
     */
    public record Component(String use, String by, Double ratio) {
        public Component {
            ratio = ratio == null ? 1 : ratio;
        }
    }

    /**
     * How a sauce's two sentences read when it is not made as a roux any more; {becomes}, {liquid} and {fat} are filled in.
     *
     * @param alone in place of a sentence that names the flour without the liquid
     * @param liquid in place of the sentence that adds the liquid
     */
    public record Instead(String alone, String liquid) {}

    public SwapRule {
        only = only == null ? List.of() : only;
        not = not == null ? List.of() : not;
        school = school == null ? Map.of() : Map.copyOf(school);
        active = active == null ? 0 : active;
        passive = passive == null ? 0 : passive;
        tools = tools == null ? List.of() : List.copyOf(tools);
    }

    /** @return whether this can stand for the ingredient, whatever work it does */
    boolean answersFor(Ingredient ingredient) {
        return role.stream().anyMatch(ingredient.roles()::contains)
                && (only.isEmpty() || only.contains(ingredient.id()))
                && !not.contains(ingredient.id())
                && becomes.stream().noneMatch(c -> c.use().equals(ingredient.id()));
    }

    /** @param lineJob the work the line does, never null */
    boolean does(String lineJob) {
        return job == null || job.equals(lineJob);
    }

    /** @return whether the method has to change at all */
    boolean changesMethod() {
        return !method.equals("As before.");
    }
}
