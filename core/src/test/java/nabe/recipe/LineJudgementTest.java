package nabe.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.needs.Need;
import nabe.needs.Needs;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Claims where they count and where they do not, and nouns that are not their first word. */
class LineJudgementTest {
    private static final LineReader READER = new LineReader(Larder.load());
    private static final List<Need> NEEDS =
            List.of(Need.GLUTEN_FREE, Need.DAIRY_FREE, Need.VEGAN, Need.EGG_FREE, Need.NUT_FREE, Need.SOY_FREE);

    /** y fits, c asks or read the label, n does not fit; by ingredient, not strict. */
    private static String verdict(Line line, Need need) {
        if (line.ingredient() == null) {
            return "c";
        }
        Judgement judgement = new Needs(Set.of(need), Set.of(), false).judge(line.ingredient(), line.claims());
        return !judgement.fits() ? "n" : judgement.needsLabel() ? "c" : "y";
    }

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/corpus/lines-hard.csv", delimiter = '|', numLinesToSkip = 1)
    void judgesLinesWrittenToMislead(String text, String id, String expected) {
        Line line = READER.read(text, null);
        String found = line.ingredient() == null ? "-" : line.ingredient().id();
        List<String> wrong = new ArrayList<>();
        if (!id.equals("*") && !id.equals(found)) {
            wrong.add("read as " + found + ", wanted " + id);
        }
        String[] codes = expected.split(" ");
        for (int i = 0; i < codes.length; i++) {
            String got = verdict(line, NEEDS.get(i));
            boolean right = codes[i].equals("?") || codes[i].equals(got) || codes[i].equals("x") && !got.equals("y");
            if (!right) {
                wrong.add(NEEDS.get(i).id() + " is " + got + ", wanted " + codes[i]);
            }
        }
        assertThat(wrong).as("%s: %s claims %s", text, found, line.claims()).isEmpty();
    }
}
