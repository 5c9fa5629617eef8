package nabe.swap;

import java.util.Locale;
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
            ",? (?:and |or )?(?:until|till|so that)\\b[^,.;]*\\b(?:pink|juices run clear|(?:falls?|falling|pulls?|comes?|coming) (?:apart|to pieces)|(?:shreds?|pulls apart) easily|(?:lost|loses) its (?:raw )?(?:colou?r|look))\\b[^,.;]*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern ITS_FAT = Pattern.compile(
            "\\bin (?:the|its|their) (?:rendered )?(?:fat|drippings?)(?: (?:it|they|the \\p{L}+) (?:leaves?|left)(?: behind)?| left behind)?",
            Pattern.CASE_INSENSITIVE);

    /** "Discard the skin and bones", "pull the meat off the bones in big pieces", "checking for bones". */
    private static final Pattern BONES = Pattern.compile(
            "(?:, ?)?(?:\\b(?:and|then|while|whilst) )*\\b(?:discard|remov|tak|throw|check|pick|feel|pull|strip|peel|lift|leav)\\w*\\b[^,.;]{0,40}?\\b(?:bones?|gristle|carcass(?:es)?)\\b[^,.;]*",
            Pattern.CASE_INSENSITIVE);

    /** Of what was flaked or pulled: "flake it, discarding the skin". */
    private static final Pattern SKIN = Pattern.compile(
            "(?:, ?)?(?:\\b(?:and|then|while|whilst) )*\\b(?:discard|remov|throw|peel|pull|tak)\\w*\\b (?:away |off |out )?(?:the |its |their |any )?skins?\\b(?: (?:off|away|and fat))?",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FLAKED = Pattern.compile("\\b(?:flak|shred|pull)\\w*", Pattern.CASE_INSENSITIVE);
    /** "Lift it out and shred", "shred the meat with two forks". */
    private static final Pattern SHREDS = Pattern.compile(
            "(?:, ?)?(?:\\b(?:and|then) )*\\bshred(?=[.,;]|$| (?:it|them|the (?:meat|chicken|turkey|pork|beef|lamb)|into|with|finely|roughly|when|once)\\b)[^,.;]*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern NO_WORD = Pattern.compile("[^\\p{L}]*");
    private static final Pattern LEADING_MARK = Pattern.compile("^[,;. ]+");
    private static final Pattern DOUBLED_MARK = Pattern.compile("\\s*[,;]?\\s*\\.\\s*(?=\\.)");

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

    /** @return the clause without the signs, fat, bones and shreds that only meat has; empty where nothing is left */
    static String without(String words) {
        String plain = ITS_FAT.matcher(PINK.matcher(words).replaceAll(""))
                .replaceAll(m -> m.group().startsWith("I") ? "In the same pan" : "in the same pan");
        String boned = BONES.matcher(plain).replaceAll("");
        String skinned = FLAKED.matcher(boned).find() ? SKIN.matcher(boned).replaceAll("") : boned;
        String whole = SHREDS.matcher(skinned).replaceAll("");
        return whole.equals(plain) ? plain : tidied(whole, Character.isUpperCase(words.charAt(0)));
    }

    private static String tidied(String words, boolean opens) {
        String marks = LEADING_MARK
                .matcher(DOUBLED_MARK.matcher(words).replaceAll(""))
                .replaceFirst("")
                .strip();
        if (NO_WORD.matcher(marks).matches()) {
            return "";
        }
        return opens ? marks.substring(0, 1).toUpperCase(Locale.ROOT) + marks.substring(1) : marks;
    }
}
