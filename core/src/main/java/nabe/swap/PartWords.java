package nabe.swap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Shares said in the method of one line that became several things, each in its place: "half of the butter" is all of the
 * oil that stands for it here.
 */
final class PartWords {
    private static final Pattern BEFORE = Pattern.compile(
            "(?:\\b(?:an?|the) )?(?:\\b(?:other|remaining|last|first|second) )*\\b(?:half|third|quarter|two[- ]thirds|three[- ]quarters|rest|remainder|remaining|some)(?: of)?(?: the)? $",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern EXCEPTED =
            Pattern.compile("\\b(?:everything|all) (?:but|except|bar)\\b[^.;]*$", Pattern.CASE_INSENSITIVE);

    /** What a line became, where that is not everywhere the same. */
    private final Map<Integer, List<Swap>> apart;

    private PartWords(Map<Integer, List<Swap>> apart) {
        this.apart = apart;
    }

    static PartWords of(List<Swap> swaps, SwapBook book) {
        Map<Integer, List<Swap>> bySource =
                swaps.stream().filter(s -> !s.becomes().isEmpty()).collect(Collectors.groupingBy(Swap::source));
        bySource.values()
                .removeIf(of -> of.stream().map(book::called).distinct().count() < 2);
        return new PartWords(bySource);
    }

    /**
     * @param start where the stretch that says the share begins
     * @param swaps what is meant: of a thing that is left out here, what stands for it elsewhere
     */
    record Said(int start, List<Swap> swaps) {}

    /** @param before the sentence up to the thing's name; empty where no share stands there or one name does for all */
    Optional<Said> before(String before, Swap here) {
        Matcher part = BEFORE.matcher(before);
        List<Swap> all = apart.getOrDefault(here.source(), List.of());
        if (all.isEmpty() || !part.find()) {
            return Optional.empty();
        }
        boolean excepted = EXCEPTED.matcher(before).find();
        List<Swap> others =
                all.stream().filter(s -> !s.becomes().equals(here.becomes())).toList();
        return Optional.of(new Said(part.start(), excepted ? others : List.of(here)));
    }
}
