package nabe.recipe;

import java.util.regex.Pattern;

/** The marks people put before the lines of a list. */
public final class Bullets {
    /** Regular expression of one mark. */
    public static final String MARK = "[-*•·▪▢☐□◦‣→➤✓–—+~]";
    /** Regular expression of a box to tick, as text. */
    public static final String BOX = "\\[[ xX]?\\]";

    private static final Pattern LEADING = Pattern.compile("^(?:(?:" + MARK + "+|" + BOX + ")\\s+)+");

    private Bullets() {}

    /** @return the line without the marks before it */
    public static String without(String line) {
        return LEADING.matcher(line).replaceFirst("");
    }
}
