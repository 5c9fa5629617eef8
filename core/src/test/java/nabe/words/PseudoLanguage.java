package nabe.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.Part;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;

/** A second language that nobody had to write: every letter of every sentence bears a mark, so what is told without one was never in the bundle. */
public final class PseudoLanguage {
    public static final String NAME = "en-x-pseudo";
    private static final String PLAIN = "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ";
    private static final String MARKED = "áƀçđéƒĝĥíĵķļɱñóþǫŕšţúṽŵẋýžÁɃÇĐÉƑĜĤÍĴĶĻⱮÑÓÞǪŔŠŢÚṼŴẊÝŽ";

    private PseudoLanguage() {}

    /** @param root of a class path, where its file is put; the catalogue was read before */
    public static void writeTo(Path root) throws IOException {
        Properties marked = new Properties();
        Messages.load("en").patterns().forEach((code, pattern) -> marked.setProperty(code, ofPattern(pattern)));
        Messages.catalogue().forEach((code, sentence) -> marked.setProperty(code, quoted(of(sentence))));
        Path file = Files.createDirectories(root.resolve("messages")).resolve(NAME + ".properties");
        try (var out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
            marked.store(out, null);
        }
    }

    private static String quoted(String words) {
        return words.replace("'", "''").replace("{", "'{'").replace("}", "'}'");
    }

    private static String ofPattern(String pattern) {
        MessagePattern parsed = new MessagePattern(pattern);
        StringBuilder marked = new StringBuilder();
        int at = 0;
        boolean isText = false;
        for (int i = 0; i < parsed.countParts(); i++) {
            Part part = parsed.getPart(i);
            String between = pattern.substring(at, part.getIndex());
            marked.append(isText ? of(between) : between);
            marked.append(pattern, part.getIndex(), part.getLimit());
            at = part.getLimit();
            isText = isFollowedByText(part.getType(), isText);
        }
        return marked.toString();
    }

    private static boolean isFollowedByText(Part.Type type, boolean isText) {
        return switch (type) {
            case MSG_START, ARG_LIMIT -> true;
            case MSG_LIMIT, ARG_START -> false;
            default -> isText;
        };
    }

    /** @return the words as this language writes them */
    public static String of(String words) {
        StringBuilder marked = new StringBuilder(words);
        for (int i = 0; i < marked.length(); i++) {
            int letter = PLAIN.indexOf(marked.charAt(i));
            if (letter >= 0) {
                marked.setCharAt(i, MARKED.charAt(letter));
            }
        }
        return marked.toString();
    }
}
