package nabe.words;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;

/** The sentences a cook reads, by code: patterns of ICU MessageFormat, so number and grammar are right. */
public final class Messages {
    private final String name;
    private final Properties patterns;
    /** Parsed once; each is locked while it formats, for a MessageFormat is not safe between threads. */
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

    private Messages(String name, Properties patterns) {
        this.name = name;
        this.patterns = patterns;
    }

    /**
     * @param name file under {@code /messages}, without its ending
     * @throws IllegalArgumentException when there is no such file
     */
    public static Messages load(String name) {
        Properties patterns = new Properties();
        try (InputStream stream = Messages.class.getResourceAsStream("/messages/" + name + ".properties")) {
            if (stream == null) {
                throw new IllegalArgumentException("The messages (" + name + ") are missing.");
            }
            Reader reader = new InputStreamReader(stream, StandardCharsets.UTF_8);
            patterns.load(reader);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Messages(name, patterns);
    }

    /**
     * @param code of the sentence; {@code arguments} in the order the pattern numbers them
     * @throws IllegalArgumentException when no sentence has this code
     */
    public String say(String code, Object... arguments) {
        String pattern = patterns.getProperty(code);
        if (pattern == null) {
            throw new IllegalArgumentException("The message (" + code + ") is missing in " + name + ".");
        }
        MessageFormat format = formats.computeIfAbsent(code, c -> new MessageFormat(pattern, Locale.ENGLISH));
        synchronized (format) {
            return format.format(arguments);
        }
    }
}
