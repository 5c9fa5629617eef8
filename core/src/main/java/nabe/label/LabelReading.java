package nabe.label;

import java.util.List;
import java.util.Map;
import nabe.larder.Allergen;

/**
 * What a packet says, and what that means for each need. A reading helps; the cook decides.
 *
 * @param contains allergens the label names as in it
 * @param mayContain allergens it warns of
 * @param claims what the packet promises: need ids such as gluten-free
 * @param unclear words the maker should be asked about
 * @param verdicts yes, no or check by need id; in doubt always check
 * @param because the words that decided each verdict
 */
public record LabelReading(
        List<Allergen> contains,
        List<Allergen> mayContain,
        List<String> claims,
        List<Unclear> unclear,
        Map<String, String> verdicts,
        List<Because> because) {

    /** @param why what to ask */
    public record Unclear(String words, String why) {}

    /** @param need id of the need; {@code verdict} yes, no or check */
    public record Because(String need, String verdict, String words) {}
}
