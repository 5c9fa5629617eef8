package nabe.reading.text;

import java.util.List;
import java.util.Objects;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.OvenSetting;
import nabe.recipe.PanSize;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeException;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Reads a recipe as people write it. The one way into this package. */
public final class RecipeReader {
    /** Longest text read, in characters: far beyond any recipe. */
    public static final int LONGEST_TEXT = 1_000_000;

    private final LineReader lineReader;
    private final Larder larder;
    private final LineWords words = new LineWords();
    private final Habits habits;

    public RecipeReader(Larder larder) {
        this(larder, Habits.usual());
    }

    public RecipeReader(Larder larder, Habits habits) {
        this.habits = habits;
        this.lineReader = new LineReader(larder, habits);
        this.larder = larder;
    }

    /**
     * @param text title, ingredient lines under optional headings, and method, in any usual arrangement
     * @throws RecipeException when the text is empty, too long, not text, or holds no ingredient
     */
    public Recipe read(String text) {
        checkText(text);
        LineKind kinds = new LineKind(larder, words);
        TextSections sections = new TextSections(kinds).read(text);
        List<Line> lines = sections.ingredients.stream()
                .map(h -> lineReader.read(h.text(), h.heading()))
                .toList();
        List<String> steps = sections.method.steps();
        if (lines.stream().noneMatch(l -> l.ingredient() != null)) {
            ProseList prose = ProseList.in(steps, kinds);
            steps = prose.steps();
            lines = (prose.lines().isEmpty() ? new InlineLines(kinds).in(steps) : prose.lines())
                    .stream().map(l -> lineReader.read(l, null)).toList();
        }
        if (lines.stream().noneMatch(l -> l.ingredient() != null)) {
            throw new RecipeException(Messages.say("reading.no-ingredient-was-found-in-this"));
        }
        Recipe recipe = assemble(
                Objects.requireNonNull(sections.title),
                sections.servings != null ? sections.servings : Servings.in(besides(text, sections)),
                lines,
                steps,
                PanReader.read(besides(text, sections)),
                null);
        return new Recipe(
                recipe.title(),
                recipe.servings(),
                recipe.lines(),
                recipe.steps(),
                recipe.oven(),
                recipe.pan(),
                recipe.family(),
                List.copyOf(sections.asides));
    }

    /** The text without its ingredient lines, whose packets have sizes too. */
    private static String besides(String text, TextSections sections) {
        java.util.Set<String> lines = sections.ingredients.stream()
                .map(TextSections.HeadedLine::text)
                .collect(java.util.stream.Collectors.toSet());
        return text.lines()
                .map(String::strip)
                .filter(l -> !lines.contains(l))
                .collect(java.util.stream.Collectors.joining("\n"));
    }

    /**
     * Puts together a recipe from lines already read, finding its parts. What the oven does is the procedure's to say.
     *
     * @param chosen the family when the cook named it, or null to find it
     */
    public Recipe assemble(
            String title,
            @Nullable Integer servings,
            List<Line> lines,
            List<String> steps,
            @Nullable PanSize pan,
            @Nullable Family chosen) {
        Family family = chosen != null ? chosen : FamilyFinder.find(title, lines, steps);
        List<Line> parted = new PartAssigner(lines, family, steps).assign();
        return new Recipe(title, servings, parted, List.copyOf(steps), OvenSetting.NONE, pan, family, List.of());
    }

    /** Reads one line by itself, its part still open. */
    public Line readLine(String text, @Nullable String heading) {
        return lineReader.read(text, heading);
    }

    /** Reads the line again as the ingredient the cook says it is. */
    public Line readLineAs(Line line, Ingredient ingredient) {
        return lineReader.readAs(line, ingredient);
    }

    /** @return the pan a text names, or null */
    public @Nullable PanSize pan(String text) {
        return PanReader.read(text);
    }

    private static void checkText(String text) {
        if (text == null || text.isBlank()) {
            throw new RecipeException(Messages.say("reading.there-is-no-text-to-read"));
        }
        if (text.length() > LONGEST_TEXT) {
            throw new RecipeException(Messages.say("reading.this-text-is-longer-than-a"));
        }
        long odd = text.chars()
                .filter(c -> c == 0xFFFD || c < 32 && c != '\n' && c != '\r' && c != '\t' && c != '\f')
                .count();
        if (odd * 50 > text.length() || text.indexOf('\0') >= 0) {
            throw new RecipeException(Messages.say("reading.this-does-not-look-like-text"));
        }
    }
}
