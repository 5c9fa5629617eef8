package nabe.swap;

import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * "Brown the mince over a high heat, 8–10 min", of a crumble that is brown already: it is warmed where the meat was
 * browned, without the fierce heat, the minutes and the signs of raw meat.
 */
final class ReadyBrowned {
    private static final Pattern BROWNS = Pattern.compile(
            "(?:^|.*[ ,;])(?<verb>brown|fry|sear|saut[eé]|cook) (?:off )?(?:the |all the |all of the )?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern OF_RAW_MEAT = Pattern.compile(
            ",? (?:over|on) an? (?:very )?(?:high|medium-high|medium high|fierce|brisk|good) (?:heat|flame)"
                    + "|,? (?:for )?(?:about |around |roughly )?\\d+(?: ?(?:-|–|to) ?\\d+)? ?(?:min(?:ute)?s?)\\b\\.?(?: or so)?"
                    + "|,? (?:until|till|so that) [^,;.]*"
                    + "|,? (?:breaking|crumbling) [^,;.]*",
            Pattern.CASE_INSENSITIVE);

    private final SwapBook book;
    private final IntPredicate isFat;

    /** @param isFat whether a line of the recipe is the fat it is fried in */
    ReadyBrowned(SwapBook book, IntPredicate isFat) {
        this.book = book;
        this.isFat = isFat;
    }

    /**
     * @param used the lines that the clause takes
     * @param named the clause with the new names
     * @return the clause of a thing that is brown already, or null where that is not what it tells of
     */
    SauceSentences.@Nullable Said instead(
            String sentence, List<Subjects.Mention> mentions, Set<Integer> used, String named) {
        if (mentions.size() != 1 || mentions.getFirst().swaps().size() != 1) {
            return null;
        }
        Swap swap = mentions.getFirst().swaps().getFirst();
        boolean alone = book.find(swap.rule()).filter(SwapRule::ready).isPresent()
                && used.contains(swap.source())
                && used.stream().allMatch(l -> l == swap.source() || isFat.test(l));
        Matcher verb = BROWNS.matcher(sentence.substring(0, mentions.getFirst().start()));
        if (!alone || !verb.matches()) {
            return null;
        }
        String warm = Character.isUpperCase(sentence.charAt(verb.start("verb"))) ? "Warm" : "warm";
        String begun = named.substring(0, verb.start("verb")) + warm + named.substring(verb.end("verb"));
        return new SauceSentences.Said(OF_RAW_MEAT.matcher(begun).replaceAll(""), swap);
    }
}
