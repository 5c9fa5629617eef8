package nabe.reading;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Writes numbers in words as digits where minutes are meant: "fifteen minutes", "another 15 to 20 until golden". */
final class Numbers {
    private static final Map<String, String> WORDS = Map.ofEntries(
            Map.entry("five", "5"),
            Map.entry("six", "6"),
            Map.entry("seven", "7"),
            Map.entry("eight", "8"),
            Map.entry("nine", "9"),
            Map.entry("ten", "10"),
            Map.entry("twelve", "12"),
            Map.entry("fifteen", "15"),
            Map.entry("twenty", "20"),
            Map.entry("twenty-five", "25"),
            Map.entry("thirty", "30"),
            Map.entry("thirty-five", "35"),
            Map.entry("forty", "40"),
            Map.entry("forty-five", "45"),
            Map.entry("fifty", "50"),
            Map.entry("sixty", "60"),
            Map.entry("ninety", "90"));
    private static final Pattern WORD = Pattern.compile(
            "\\b(five|six|seven|eight|nine|ten|twelve|fifteen|twenty-five|twenty|thirty-five|thirty|forty-five|forty|fifty|sixty|ninety)\\b(?=(?: (?:or|to|more|-)? ?\\w+)? ?(?:more )?(?:minutes?|mins?)|, \\w+ if you)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BARE = Pattern.compile(
            "\\b(another|a further|give it) (\\d+(?: ?(?:-|–|to) ?\\d+)?)(?= until| more| or| till|[,.])",
            Pattern.CASE_INSENSITIVE);

    private Numbers() {}

    static String inDigits(String text) {
        String digits = WORD.matcher(text).replaceAll(m -> WORDS.get(m.group(1).toLowerCase(Locale.ROOT)));
        return BARE.matcher(digits).replaceAll("$1 $2 minutes");
    }
}
