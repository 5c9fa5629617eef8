package nabe.swap;

import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.recipe.Procedure.Step;
import org.jspecify.annotations.Nullable;

/** What a clause says only because there is meat in the pot: its fat poured off, its pink gone. */
final class MeatWords {
    private static final Set<String> ROLES =
            Set.of("mince", "meat", "poultry", "poultry-mince", "cured-meat", "sausage", "fish");
    private static final Pattern FAT_OFF = Pattern.compile(
            "\\b(?:drain|spoon|pour|skim|tip|strain|discard|blot|wipe|siphon)\\w*\\b.{0,40}\\b(?:fat|grease|drippings?|excess oil)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern DRAIN = Pattern.compile(
            "(?:(?:and|then|&) )*drain(?: (?:it|off|well|thoroughly))*[.,;]?(?: (?:and|&))?", Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_A_PAN =
            Pattern.compile("\\b(?:skillet|frying pan|crumbl|brown|break(?:ing)? up)\\w*", Pattern.CASE_INSENSITIVE);
    private static final Set<String> BROWNS = Set.of("brown", "fry", "sear", "crumble", "break");
    private static final Pattern PINK = Pattern.compile(
            ",? (?:and |or )?(?:until|till|so that)\\b[^,.;]*\\b(?:pink|juices run clear|(?:lost|loses) its (?:raw )?(?:colou?r|look))\\b[^,.;]*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ITS_FAT = Pattern.compile(
            "\\bin (?:the|its|their) (?:rendered )?(?:fat|drippings?)(?: (?:it|they|the \\p{L}+) (?:leaves?|left)(?: behind)?| left behind)?",
            Pattern.CASE_INSENSITIVE);

    private MeatWords() {}

    static boolean isMeat(@Nullable Ingredient ingredient) {
        return ingredient != null && ROLES.contains(ingredient.role());
    }

    /**
     * Whether the clause takes off the fat that meat gives; "drain" alone does, right after browning.
     *
     * @param before what was done in the pot before, or null
     */
    static boolean takesFatOff(String words, @Nullable Step before) {
        boolean browned = before != null
                && (BROWNS.contains(before.action())
                        || IN_A_PAN.matcher(before.words()).find());
        return FAT_OFF.matcher(words).find() || browned && DRAIN.matcher(words).matches();
    }

    /** @return the clause without signs and fat that only meat gives */
    static String without(String words) {
        return ITS_FAT.matcher(PINK.matcher(words).replaceAll(""))
                .replaceAll(m -> m.group().startsWith("I") ? "In the same pan" : "in the same pan");
    }

    static boolean hasSign(String words) {
        return PINK.matcher(words).find() || ITS_FAT.matcher(words).find();
    }
}
