package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Token.Kind;

/**
 * The many ways to say beside a time whether the dish is covered then, each turned into "covered" or "uncovered": "20
 * minutes with foil, 10 without", "foil off for the last 15", "half an hour under the lid then 10 minutes open".
 */
final class CoverWords {
    static final String COVERED = "covered";
    static final String UNCOVERED = "uncovered";
    private static final Set<String> UNITS = Set.of("minute", "min", "hour", "hr", "h", "mins", "more", "m");
    private static final Set<String> ARTICLES = Set.of("the", "a", "its", "some", "that");

    private final KitchenWords words = KitchenWords.shared();
    private final List<Token> tokens;

    private CoverWords(List<Token> tokens) {
        this.tokens = tokens;
    }

    static List<Token> plain(List<Token> tokens) {
        boolean timed = tokens.stream().anyMatch(t -> t.isNumber() || t.is("hour"));
        return timed ? new CoverWords(tokens).plain() : tokens;
    }

    /** @param to where it ends */
    private record Said(boolean covered, int to) {
        static final Said NOTHING = new Said(false, -1);

        boolean any() {
            return to >= 0;
        }
    }

    private List<Token> plain() {
        List<Token> out = new ArrayList<>();
        boolean coveredBefore = false;
        int i = 0;
        while (i < tokens.size()) {
            Token t = tokens.get(i);
            Said said = said(i, coveredBefore);
            coveredBefore |= said.any() && said.covered || t.is(COVERED) || words.is(t, Use.LID);
            if (!said.any()) {
                out.add(t);
                i++;
                continue;
            }
            String word = said.covered ? COVERED : UNCOVERED;
            out.add(new Token(
                    Kind.WORD,
                    asBegun(t, word),
                    word,
                    0,
                    0,
                    t.start(),
                    tokens.get(said.to - 1).end()));
            i = said.to;
        }
        return allBut(out);
    }

    /** A capital may begin a sentence. */
    private static String asBegun(Token first, String word) {
        return Character.isUpperCase(first.text().charAt(0))
                ? Character.toUpperCase(word.charAt(0)) + word.substring(1)
                : word;
    }

    private Said said(int i, boolean coveredBefore) {
        if (isAfterTime(i)) {
            Said after = afterTime(i, coveredBefore);
            if (after.any()) {
                return after;
            }
        }
        return beforeTime(i, coveredBefore);
    }

    private boolean isAfterTime(int i) {
        return i > 0
                && (tokens.get(i - 1).isNumber()
                        || UNITS.contains(tokens.get(i - 1).key()));
    }

    private Said afterTime(int i, boolean coveredBefore) {
        if (is(i, "with") || is(i, "under")) {
            int lid = pastArticle(i + 1);
            if (!isLid(lid) && !(is(i, "with") && is(lid, "it"))) {
                return Said.NOTHING;
            }
            boolean off = is(lid + 1, "off");
            boolean told = off || is(lid + 1, "on");
            return isLid(lid) || told ? new Said(!off, lid + (told ? 2 : 1)) : Said.NOTHING;
        }
        if (is(i, "without") || is(i, "no")) {
            int lid = pastArticle(i + 1);
            boolean named = isLid(lid) || is(lid, "it") || is(lid, "cover");
            boolean bare = is(i, "without") && isEnd(i + 1);
            return named || bare ? new Said(false, named ? lid + 1 : i + 1) : Said.NOTHING;
        }
        boolean open = (is(i, "open") || is(i, "bare") || is(i, "not") && coveredBefore) && isEnd(i + 1);
        return open ? new Said(false, i + 1) : lidOnOrOff(i);
    }

    /** "Foil off for the last 15", "open for 10 more", "foil on for 25 minutes, off for 15". */
    private Said beforeTime(int i, boolean coveredBefore) {
        Said lid = lidOnOrOff(i);
        boolean offThen = lid.any() && !lid.covered && is(lid.to, ",") && isTimeNext(lid.to + 1);
        if (lid.any() && isTimeNext(lid.to) || offThen) {
            return lid;
        }
        boolean after = i > 0 && (tokens.get(i - 1).isMark() || is(i - 1, "then") || is(i - 1, "and"));
        boolean bare = is(i, "open") || is(i, "off") && coveredBefore;
        int time = is(i + 1, ",") ? i + 2 : i + 1;
        return bare && after && isTimeNext(time) ? new Said(false, i + 1) : Said.NOTHING;
    }

    private Said lidOnOrOff(int i) {
        boolean told = isLid(i) && (is(i + 1, "on") || is(i + 1, "off"));
        return told ? new Said(is(i + 1, "on"), i + 2) : Said.NOTHING;
    }

    private boolean isTimeNext(int i) {
        int at = is(i, "for") ? i + 1 : i;
        at = is(at, "all") && is(at + 1, "but") ? at + 2 : at;
        at = pastArticle(at);
        at = is(at, "last") || is(at, "first") || is(at, "final") ? at + 1 : at;
        return at < tokens.size() && tokens.get(at).isNumber();
    }

    private int pastArticle(int i) {
        return i < tokens.size() && ARTICLES.contains(tokens.get(i).key()) ? i + 1 : i;
    }

    private boolean isLid(int i) {
        return i < tokens.size() && words.is(tokens.get(i), Use.LID);
    }

    private boolean is(int i, String key) {
        return i >= 0 && i < tokens.size() && tokens.get(i).is(key);
    }

    private boolean isEnd(int i) {
        return i >= tokens.size() || tokens.get(i).isMark() || is(i, "and") || is(i, "then");
    }

    /** "Covered for all but the last 10" is uncovered for the last 10. */
    private static List<Token> allBut(List<Token> tokens) {
        List<Token> out = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            Token t = tokens.get(i);
            boolean cover = t.is(COVERED) || t.is(UNCOVERED);
            boolean but = cover
                    && i + 3 < tokens.size()
                    && tokens.get(i + 1).is("for")
                    && tokens.get(i + 2).is("all")
                    && tokens.get(i + 3).is("but");
            if (!but) {
                out.add(t);
                continue;
            }
            String other = t.is(COVERED) ? UNCOVERED : COVERED;
            out.add(new Token(Kind.WORD, other, other, 0, 0, t.start(), t.end()));
            out.add(tokens.get(i + 1));
            i += 3;
        }
        return out;
    }
}
