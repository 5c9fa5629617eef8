package nabe.label;

import java.text.Normalizer;
import java.util.regex.Pattern;

/** Takes from a packet's words what only dresses them: tags, stress marks, soft hyphens, hard spaces, words broken over lines. */
final class PlainText {
    private static final Pattern BLOCK_TAG =
            Pattern.compile("</?(?:br|p|li|ul|ol|div|tr|td|th|table|h\\d)\\b[^>]{0,80}>", Pattern.CASE_INSENSITIVE);
    private static final Pattern TAG = Pattern.compile("<[^>]{1,80}>");
    private static final Pattern INVISIBLE = Pattern.compile("[\\u00AD\\u200B-\\u200F\\u2060\\uFEFF]|&shy;");
    private static final Pattern SPACE = Pattern.compile("[\\u00A0\\u2000-\\u200A\\u202F\\u205F\\u3000\\t]|&nbsp;");
    private static final Pattern DASH = Pattern.compile("[\\u2010-\\u2015\\u2212]");
    private static final Pattern STRESS = Pattern.compile("\\*\\*+|__+|`+");
    private static final Pattern BROKEN_FREE = Pattern.compile("-[ ]*\\n\\s*(?=(?i:free|frei|vrij)\\b)");
    private static final Pattern BROKEN_WORD = Pattern.compile("(?<=\\p{L})-[ ]*\\n\\s*(?=\\p{L})");

    /** "Rice¹", "¹organic": a mark that leads to a note, like an asterisk. */
    private static final Pattern NOTE = Pattern.compile(
            "(?<=[\\p{L})])[\\u00B9\\u00B2\\u00B3\\u2070\\u2074-\\u2079]+|[\\u00B9\\u00B2\\u00B3\\u2070\\u2074-\\u2079]+(?=\\s?\\p{L})");

    private PlainText() {}

    static String of(String written) {
        String text = Normalizer.normalize(
                NOTE.matcher(INVISIBLE.matcher(written).replaceAll("")).replaceAll("*"), Normalizer.Form.NFKC);
        text = TAG.matcher(BLOCK_TAG.matcher(text).replaceAll("\n")).replaceAll("");
        text = SPACE.matcher(text)
                .replaceAll(" ")
                .replace("&amp;", "&")
                .replace("\r\n", "\n")
                .replace('\r', '\n');
        text = DASH.matcher(text).replaceAll("-").replace('’', '\'').replace('`', '\'');
        text = STRESS.matcher(text).replaceAll("");
        return BROKEN_WORD.matcher(BROKEN_FREE.matcher(text).replaceAll("-")).replaceAll("");
    }
}
