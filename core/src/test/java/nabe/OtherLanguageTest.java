package nabe;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nabe.testing.Recipes;
import nabe.words.Messages;
import nabe.words.PseudoLanguage;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Nabe in a second language plans the same, and of the first no sentence is left. */
@Tag("sweep")
class OtherLanguageTest {
    private static final int EACH = 4;

    /** What is the larder's own, or a set that has no order. */
    private static final Set<String> DATA = Set.of("ingredient", "also", "needs");

    /** Ids. */
    private static final Set<String> CODES = Set.of(
            "action after buy component code does family freezes goesIn heat id ids job key kind makes material part parts rule shape start state surface tool tools unit use verdict way what when where"
                    .split(" "));

    /** What the cook wrote, with what is swapped in it. */
    private static final Set<String> OWN_WORDS = Set.of(
            "steps.words",
            "layers.words",
            "readying.words",
            "doubts.words",
            "shares.words",
            "steps.text",
            "lines.text",
            "lines.preparation",
            "swaps.was",
            "recipe.steps",
            "differences.what");

    private static final Pattern UNMARKED = Pattern.compile("[A-Za-z][A-Za-z '’-]*[A-Za-z]");

    private static final Pattern SAID_OF_FOOD = Pattern.compile("(?:reason|sign): \"[^\"]*\"");

    @TempDir
    private static Path folder;

    private static JsonNode english;
    private static JsonNode other;

    @BeforeAll
    static void tellInBoth() throws Exception {
        Told.main(arguments("english.json"));
        PseudoLanguage.writeTo(folder);
        Process process = started();
        assertThat(process.waitFor()).isZero();
        english = read("english.json");
        other = read("other.json");
    }

    private static Process started() throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-D" + Messages.LANGUAGE + "=" + PseudoLanguage.NAME,
                "-cp",
                folder + System.getProperty("path.separator") + System.getProperty("java.class.path"),
                Told.class.getName()));
        command.addAll(List.of(arguments("other.json")));
        return new ProcessBuilder(command).inheritIO().start();
    }

    private static String[] arguments(String file) {
        return new String[] {folder.resolve(file).toString(), Integer.toString(EACH)};
    }

    private static JsonNode read(String file) throws IOException {
        return new ObjectMapper().readTree(Files.readString(folder.resolve(file)));
    }

    @Test
    void theDishesArePlannedTheSame() {
        List<String> otherwise = new ArrayList<>();
        compare(english.get("plans"), other.get("plans"), "plans", otherwise);
        assertThat(otherwise).isEmpty();
    }

    private static void compare(JsonNode one, JsonNode two, String at, List<String> otherwise) {
        if (one.getNodeType() != two.getNodeType() || one.size() != two.size()) {
            otherwise.add(at + ": " + one + " / " + two);
        } else if (one.isObject()) {
            one.propertyNames().stream()
                    .filter(name -> !DATA.contains(name))
                    .forEach(name -> compare(one.get(name), two.path(name), at + "." + name, otherwise));
        } else if (one.isArray()) {
            for (int i = 0; i < one.size(); i++) {
                compare(one.get(i), two.get(i), at, otherwise);
            }
        } else if (!PseudoLanguage.of(one.asString()).equalsIgnoreCase(PseudoLanguage.of(two.asString()))) {
            otherwise.add(at + ": " + one + " / " + two);
        }
    }

    @Test
    void noSentenceIsLeftInTheFirstLanguage() throws IOException {
        String given = plain(String.join(" ", Recipes.all()) + " Una Bo Supper " + catalogue());
        List<String> left = new ArrayList<>();
        collect(other, "", "", left, given);
        assertThat(left.stream().distinct()).isEmpty();
    }

    private static void collect(JsonNode node, String parent, String name, List<String> left, String given) {
        if (node.isObject()) {
            node.propertyNames().stream()
                    .filter(n -> !DATA.contains(n) && !CODES.contains(n) && !OWN_WORDS.contains(name + "." + n))
                    .forEach(n -> collect(node.get(n), name, n, left, given));
        } else if (node.isArray()) {
            node.forEach(n -> collect(n, parent, name, left, given));
        } else if (node.isString()) {
            UNMARKED.matcher(node.asString())
                    .results()
                    .flatMap(found -> Stream.of(found.group().split(" and ")))
                    .filter(words -> !given.contains(plain(words)))
                    .forEach(words -> left.add(parent + "." + name + ": " + words + " in " + node));
        }
    }

    /** Words alone, a blank round each. */
    private static String plain(String text) {
        return " " + text.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", " ").trim() + " ";
    }

    /** What the catalogue has in the recipe's language: names of food, and what is done at the stove. */
    private static String catalogue() throws IOException {
        StringBuilder all = new StringBuilder();
        for (String file :
                List.of("ingredients.csv", "components.json5", "prep.json5", "swaps.json5", "meal-tools.csv")) {
            all.append(Files.readString(Path.of("src/main/resources/catalogue", file)));
        }
        return SAID_OF_FOOD.matcher(all).replaceAll(" | ");
    }
}
