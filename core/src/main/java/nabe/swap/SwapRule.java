package nabe.swap;

import java.util.List;
import nabe.larder.Ingredient;

/**
 * One entry of swaps.yaml: what does the work of a role (and job) instead.
 *
 * @param id stable name
 * @param role larder roles it answers for
 * @param job the job it answers for, or null for any
 * @param only ingredients it is restricted to; empty: all of the role. {@code not}: all but these
 * @param becomes what goes in
 * @param fidelity 0 to 1, kitchen practice
 */
public record SwapRule(String id, List<String> role, String job, List<String> only, List<String> not,
        List<Component> becomes, double fidelity, String reason, String method) {

    /**
     * @param use larder id
     * @param by how the amount is found: mass, volume, thickening, fat, fat-gap, piece, egg or cooked
     * @param ratio grams or share by {@code by}; 1 where the file gives none
     */
    public record Component(String use, String by, Double ratio) {
        public Component {
            ratio = ratio == null ? 1 : ratio;
        }
    }

    public SwapRule {
        only = only == null ? List.of() : only;
        not = not == null ? List.of() : not;
    }

    /** @param lineJob the work the line does, never null */
    boolean answers(Ingredient ingredient, String lineJob) {
        return role.stream().anyMatch(ingredient.roles()::contains) && (job == null || job.equals(lineJob))
                && (only.isEmpty() || only.contains(ingredient.id())) && !not.contains(ingredient.id())
                && becomes.stream().noneMatch(c -> c.use().equals(ingredient.id()));
    }
}
