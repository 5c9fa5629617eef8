package nabe.swap;

import java.util.List;
import java.util.Map;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.recipe.Part;
import nabe.swap.job.Job;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * One entry of swaps.json5: what does the work of a role (and job) instead.
 *
 * @param id stable name
 * @param role larder roles it answers for
 * @param job the jobs it answers for; empty: any. {@code in}: only in these parts of a dish
 * @param only ingredients it is restricted to; empty: all of the role. {@code not}: all but these
 * @param becomes what goes in
 * @param taste how near the taste stays, {@code texture} the texture: 0 to 1, kitchen practice
 * @param school the answers to a house's questions this is, by question; empty: none
 * @param active minutes of work it adds, {@code passive} minutes by itself, {@code tools} what it asks for
 * @param at what differs in one of its jobs: how near it stays, why, how
 * @param whole whether it stands for the whole mixture the thing was in: another dish, only by the cook's choice
 * @param called what the method calls it, or null for the names of what goes in
 * @param ready whether it comes browned, so that nothing is left to brown
 * @param instead sentences for the method where the order of work changes, or null where a name changes only
 */
public record SwapRule(
        String id,
        List<String> role,
        List<Job> job,
        List<Part> in,
        List<String> only,
        List<String> not,
        List<Component> becomes,
        double taste,
        double texture,
        Map<Job, At> at,
        Boolean whole,
        Map<String, String> school,
        Integer active,
        Integer passive,
        List<String> tools,
        String called,
        Boolean ready,
        Instead instead,
        String reason,
        @Nullable String method) {
    static final double FLOOR = Figures.of("swap.nearest-floor");

    /**
     * @param use larder id
     * @param by how the amount is found: mass, volume, thickening, fat, fat-gap, piece, area, egg, cooked or mixture
     * @param ratio grams or share by {@code by}; 1 where the file gives none
     */
    public record Component(String use, String by, Double ratio) {
        public Component {
            ratio = ratio == null ? 1 : ratio;
        }
    }

    /**
     * How a sauce's clauses read when it is not made as a roux any more; {becomes}, {liquid} and {fat} are filled in.
     *
     * @param alone in place of a clause that names the flour without the liquid; one that names the fat too warms it first
     * @param liquid in place of the sentence that adds the liquid
     */
    public record Instead(String alone, String liquid) {}

    /** What is otherwise in one job; what is null is as usual. */
    public record At(
            @Nullable Double taste,
            @Nullable Double texture,
            @Nullable String reason,
            @Nullable String method) {
        public At {
            reason = reason == null ? null : Messages.translated(reason);
        }
    }

    public SwapRule {
        reason = Messages.translated(reason);
        job = job == null ? List.of() : List.copyOf(job);
        in = in == null ? List.of() : List.copyOf(in);
        at = at == null ? Map.of() : Map.copyOf(at);
        whole = whole != null && whole;
        ready = ready != null && ready;
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

    /** @return whether it answers for this work in this part of a dish */
    boolean does(@Nullable Job lineJob, Part part) {
        return (job.isEmpty() || job.contains(lineJob)) && (in.isEmpty() || in.contains(part));
    }

    /** @return the same rule as it is in this job */
    SwapRule as(@Nullable Job lineJob) {
        At own = at.get(lineJob);
        return own == null
                ? this
                : new SwapRule(
                        id,
                        role,
                        job,
                        in,
                        only,
                        not,
                        becomes,
                        own.taste == null ? taste : own.taste,
                        own.texture == null ? texture : own.texture,
                        Map.of(),
                        whole,
                        school,
                        active,
                        passive,
                        tools,
                        called,
                        ready,
                        instead,
                        own.reason == null ? reason : own.reason,
                        own.method == null ? method : own.method);
    }

    /** @return whether it stays near enough to be chosen without asking */
    boolean isNearEnough() {
        return !whole && (taste + texture) / 2 >= FLOOR;
    }
}
