package nabe.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import nabe.larder.Larder;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeException;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** The recipe of a brief: the pasted text, or its lines as the cook corrected them, for as many as it is cooked for. */
final class RecipeOfBrief {
    private final RecipeReader reader;
    private final Larder larder;

    RecipeOfBrief(RecipeReader reader, Larder larder) {
        this.reader = reader;
        this.larder = larder;
    }

    /** @throws RecipeException when no line names anything Nabe knows */
    Recipe read(Brief.RecipeBrief brief) {
        if (brief.lines().isEmpty()) {
            Recipe read = reader.read(Objects.requireNonNullElse(brief.text(), ""));
            return brief.family() == null
                    ? read
                    : reader.assemble(
                            read.title(), read.servings(), read.lines(), read.steps(), read.pan(), brief.family());
        }
        List<Line> lines = brief.lines().stream()
                .map(l -> corrected(reader.readLine(l.text(), l.heading()), l))
                .toList();
        if (lines.stream().noneMatch(l -> l.ingredient() != null)) {
            throw new RecipeException(Messages.say("plan.none-of-these-lines-names-an"));
        }
        String title =
                brief.title() == null || brief.title().isBlank() ? Messages.say("plan.untitled-recipe") : brief.title();
        Recipe recipe = reader.assemble(
                title,
                brief.servings(),
                lines,
                brief.steps(),
                reader.pan(String.join("\n", brief.steps()) + "\n" + Objects.requireNonNullElse(brief.text(), "")),
                brief.family());
        return withParts(recipe, brief.lines());
    }

    private Line corrected(Line line, Brief.LineBrief brief) {
        String meant = brief.ingredient();
        boolean same = meant == null
                || line.ingredient() != null && line.ingredient().id().equals(meant);
        return same ? line : reader.readLineAs(line, larder.get(Objects.requireNonNull(meant)));
    }

    private static Recipe withParts(Recipe recipe, List<Brief.LineBrief> briefs) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < briefs.size(); i++) {
            Line line = recipe.lines().get(i);
            Part part = briefs.get(i).part();
            lines.add(part == null || part == line.part() ? line : line.withPart(part));
        }
        return new Recipe(
                recipe.title(),
                recipe.servings(),
                List.copyOf(lines),
                recipe.steps(),
                recipe.oven(),
                recipe.pan(),
                recipe.family(),
                recipe.asides());
    }

    static Recipe scaled(Recipe recipe, @Nullable Integer servings) {
        if (servings == null || recipe.servings() == null || servings.equals(recipe.servings())) {
            return recipe;
        }
        return times(recipe, (double) servings / recipe.servings(), servings);
    }

    static Recipe times(Recipe recipe, double factor, @Nullable Integer servings) {
        return factor == 1
                ? recipe
                : new Recipe(
                        recipe.title(),
                        servings,
                        recipe.lines().stream().map(l -> l.times(factor)).toList(),
                        recipe.steps(),
                        recipe.oven(),
                        recipe.pan(),
                        recipe.family(),
                        recipe.asides());
    }
}
