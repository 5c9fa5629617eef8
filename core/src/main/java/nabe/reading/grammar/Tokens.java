package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.reading.grammar.Token.Kind;

/** Text → tokens. Numbers in words and figures, mixed numbers and ranges become one token each. */
public final class Tokens {
    private static final Set<String> HALVED_UNITS = Set.of(
            "hour",
            "hr",
            "minute",
            "cup",
            "tablespoon",
            "teaspoon",
            "spoon",
            "pint",
            "pound",
            "kilo",
            "litre",
            "liter");

    private static final Set<String> LEFT_ALONE = Set.of("cut", "slice", "serve", "eat", "touch", "disturb");

    private Tokens() {}

    /** @return whether one of these words stands among the tokens */
    public static boolean has(List<Token> tokens, String... keys) {
        for (Token token : tokens) {
            for (String key : keys) {
                if (token.is(key)) {
                    return true;
                }
            }
        }
        return false;
    }

    public static List<Token> of(String text) {
        return CoverWords.plain(lastIs(leftAlone(goes(ranges(sizes(mixed(Compounds.joined(Pieces.of(text)))))))));
    }

    /** "The last is of aubergines", "the top layer should be cheese": one finishes with them. */
    private static List<Token> lastIs(List<Token> pieces) {
        List<Token> out = new ArrayList<>();
        int i = 0;
        while (i < pieces.size()) {
            boolean first = isFirst(pieces, i);
            int only = first ? pastLastOnly(pieces, i) : -1;
            int to = first ? pastLast(pieces, i) : -1;
            if (only > 0) {
                out.add(word("last", pieces.get(i)));
                out.add(word("only", pieces.get(only - 1)));
                i = only;
                continue;
            }
            if (to < 0) {
                out.add(pieces.get(i));
                i++;
                continue;
            }
            out.add(word("finish", pieces.get(i)));
            out.add(word("with", pieces.get(to - 1)));
            i = to;
        }
        return out;
    }

    private static boolean isFirst(List<Token> pieces, int i) {
        return i == 0 || pieces.get(i - 1).isMark() || pieces.get(i - 1).is("and");
    }

    /** "The last should be just sauce": of all the like ones this has no more. @return where that begins, or -1 */
    private static int pastLastOnly(List<Token> pieces, int from) {
        int be = lastsVerb(pieces, from);
        boolean only = isAt(pieces, be + 1, "just") || isAt(pieces, be + 1, "only");
        return be > 0 && only && be + 2 < pieces.size() ? be + 2 : -1;
    }

    /** @return where what lies last begins, or -1 */
    private static int pastLast(List<Token> pieces, int from) {
        int be = lastsVerb(pieces, from);
        boolean layer = be > 0 && Tokens.has(pieces.subList(from, be), "layer");
        boolean of = isAt(pieces, be + 1, "of") || isAt(pieces, be + 1, "with");
        return be > 0 && (layer || of) && be + 1 < pieces.size() ? be + (of ? 2 : 1) : -1;
    }

    /** "The last one is", "the top layer should be". @return where that "is" stands, or -1 */
    private static int lastsVerb(List<Token> pieces, int from) {
        int i = isAt(pieces, from, "the") ? from + 1 : from;
        if (!isAt(pieces, i, "last") && !isAt(pieces, i, "final") && !isAt(pieces, i, "top")) {
            return -1;
        }
        i += isAt(pieces, i + 1, "layer") || isAt(pieces, i + 1, "one") ? 2 : 1;
        if (isAt(pieces, i, "should") || isAt(pieces, i, "must") || isAt(pieces, i, "to")) {
            i++;
        }
        return isAt(pieces, i, "is") || isAt(pieces, i, "be") || isAt(pieces, i, "being") ? i : -1;
    }

    /** "In four goes": batches. */
    private static List<Token> goes(List<Token> pieces) {
        List<Token> out = new ArrayList<>();
        for (Token t : pieces) {
            boolean batches = t.text().equalsIgnoreCase("goes")
                    && !out.isEmpty()
                    && (out.getLast().isNumber()
                            || out.getLast().is("few")
                            || out.getLast().is("several"));
            out.add(batches ? new Token(Kind.WORD, "batches", "batch", 0, 0, t.start(), t.end()) : t);
        }
        return out;
    }

    /** "Don't cut it for half an hour": it is left alone so long. */
    private static List<Token> leftAlone(List<Token> pieces) {
        List<Token> out = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Token t = pieces.get(i);
            int verb = t.is("don't") || t.is("dont") ? i + 1 : t.is("do") && isAt(pieces, i + 1, "not") ? i + 2 : -1;
            boolean alone = verb > 0
                    && verb < pieces.size()
                    && LEFT_ALONE.contains(pieces.get(verb).key())
                    && Tokens.has(untilMark(pieces, verb), "for");
            out.add(alone ? new Token(Kind.WORD, "leave", "leave", 0, 0, t.start(), t.end()) : t);
            i = alone ? verb : i;
        }
        return out;
    }

    private static boolean isAt(List<Token> pieces, int i, String key) {
        return i < pieces.size() && pieces.get(i).is(key);
    }

    private static List<Token> untilMark(List<Token> pieces, int from) {
        int to = from;
        while (to < pieces.size() && !pieces.get(to).isMark()) {
            to++;
        }
        return pieces.subList(from, to);
    }

    private static Token number(String text, double low, double high, int start, int end) {
        return new Token(Kind.NUMBER, text, "#", low, high, start, end);
    }

    /** "1 1/2", "1½", "3/4", "twenty five". */
    private static List<Token> mixed(List<Token> pieces) {
        List<Token> out = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Token t = pieces.get(i);
            boolean fraction = t.isNumber()
                    && (t.low() < 1
                            || i + 2 < pieces.size()
                                    && pieces.get(i + 1).is("/")
                                    && isPart(t, pieces.get(i + 2), pieces, i));
            if (fraction && isHyphened(out, t)) {
                out.removeLast();
            }
            Token whole = out.isEmpty() ? null : out.getLast();
            if (t.isNumber()
                    && i + 2 < pieces.size()
                    && pieces.get(i + 1).is("/")
                    && isPart(t, pieces.get(i + 2), pieces, i)) {
                Token below = pieces.get(i + 2);
                double value = t.low() / below.low();
                t = number(t.text() + "/" + below.text(), value, value, t.start(), below.end());
                i += 2;
            }
            if (whole != null && whole.isNumber() && isAndAPart(pieces, i)) {
                Token part = pieces.get(i + 2);
                double value = whole.low() + (part.is("half") ? 0.5 : 0.25);
                String text = whole.text() + " and a " + part.text();
                out.set(out.size() - 1, number(text, value, value, whole.start(), part.end()));
                i += 2;
                continue;
            }
            boolean joins = t.isNumber()
                    && whole != null
                    && whole.isNumber()
                    && whole.low() == Math.rint(whole.low())
                    && (t.low() < 1 && t.low() > 0 && t.start() - whole.end() <= 1 || tensAndOnes(whole, t));
            if (whole != null && joins) {
                double value = whole.low() + t.low();
                out.set(out.size() - 1, number(whole.text() + " " + t.text(), value, value, whole.start(), t.end()));
            } else {
                out.add(t);
            }
        }
        return out;
    }

    /** "1-1/2 cups" are one and a half. */
    private static boolean isHyphened(List<Token> before, Token part) {
        int n = before.size();
        return n > 1
                && before.getLast().is("-")
                && before.get(n - 2).isNumber()
                && before.get(n - 2).end() == before.getLast().start()
                && before.getLast().end() == part.start();
    }

    /** "One and a half hours", not "one and a half of the other". */
    private static boolean isAndAPart(List<Token> pieces, int i) {
        return isAt(pieces, i, "and")
                && isAt(pieces, i + 1, "a")
                && (isAt(pieces, i + 2, "half") || isAt(pieces, i + 2, "quarter"))
                && i + 3 < pieces.size()
                && HALVED_UNITS.contains(pieces.get(i + 3).key());
    }

    /** "13- by 9-inch", "13x9\"": one way to write a size. */
    private static List<Token> sizes(List<Token> pieces) {
        List<Token> out = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Token t = pieces.get(i);
            boolean number = !out.isEmpty() && out.getLast().isNumber();
            boolean sized = !out.isEmpty() && out.getLast().is("x") && t.is("-");
            if (sized) {
                continue;
            }
            boolean by = number && isBy(pieces, t.is("-") ? i + 1 : i);
            boolean inch = number
                    && (t.is("\"") || t.is("″") || t.is("”"))
                    && t.start() == out.getLast().end();
            if (by && t.is("-")) {
                continue;
            }
            out.add(by ? word("x", t) : inch ? word("inch", t) : t);
        }
        return out;
    }

    private static boolean isBy(List<Token> pieces, int i) {
        int next = i + 1 < pieces.size() && pieces.get(i + 1).is("-") ? i + 2 : i + 1;
        return next < pieces.size()
                && pieces.get(next).isNumber()
                && (pieces.get(i).is("by")
                        || pieces.get(i).is("x")
                        || pieces.get(i).is("×"));
    }

    private static Token word(String key, Token t) {
        return new Token(Kind.WORD, t.text(), key, 0, 0, t.start(), t.end());
    }

    private static boolean isPart(Token above, Token below, List<Token> pieces, int i) {
        return below.isNumber()
                && above.low() < below.low()
                && below.low() <= 16
                && pieces.get(i + 1).start() == above.end()
                && below.start() == pieces.get(i + 1).end();
    }

    private static boolean tensAndOnes(Token tens, Token ones) {
        return Character.isLetter(tens.text().charAt(0))
                && tens.low() >= 20
                && tens.low() % 10 == 0
                && ones.low() < 10
                && Character.isLetter(ones.text().charAt(0))
                && ones.start() - tens.end() == 1;
    }

    /** "8–10", "8 to 10", "two or three". */
    private static List<Token> ranges(List<Token> pieces) {
        List<Token> out = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Token t = pieces.get(i);
            if (t.isNumber()
                    && i + 2 < pieces.size()
                    && pieces.get(i + 2).isNumber()
                    && joinsRange(pieces.get(i + 1))
                    && pieces.get(i + 2).high() > t.low()) {
                Token up = pieces.get(i + 2);
                out.add(number(t.text() + "–" + up.text(), t.low(), up.high(), t.start(), up.end()));
                i += 2;
            } else {
                out.add(t);
            }
        }
        return out;
    }

    private static boolean joinsRange(Token t) {
        return t.is("-") || t.is("–") || t.is("—") || t.is("to") || t.is("or");
    }
}
