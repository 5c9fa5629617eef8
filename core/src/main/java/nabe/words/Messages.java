package nabe.words;

import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.SimpleFormatter;
import com.ibm.icu.util.ULocale;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * The sentences a cook reads, by code: patterns of ICU MessageFormat in one file for each language, so number and grammar are right in each. The language is that of the whole Nabe, the system property
 * {@value #LANGUAGE} when it starts (English without it).
 */
public final class Messages {
    public static final String LANGUAGE = "nabe.language";

    private static final Messages OURS = load(System.getProperty(LANGUAGE, "en"));

    private static final Map<String, String> CATALOGUE = new ConcurrentHashMap<>();

    private final String language;
    private final Map<String, String> patterns;
    private final Map<String, Function<Object[], String>> formats = new ConcurrentHashMap<>();

    private Messages(String language, Map<String, String> patterns) {
        this.language = language;
        this.patterns = patterns;
    }

    /**
     * @param code of the sentence; {@code arguments} in the order the pattern numbers them: a number where it asks for a plural, true or false where it asks for a select
     * @throws IllegalArgumentException when no sentence has this code
     */
    public static String say(String code, Object... arguments) {
        return OURS.told(code, arguments);
    }

    /**
     * A sentence of the catalogue, which is written there in English.
     *
     * @return it in the language Nabe speaks, under the code that {@link #codeOf} makes of it; as it is where that has none
     */
    public static String translated(String english) {
        if (english.isBlank()) {
            return english;
        }
        String code = codeOf(english);
        CATALOGUE.putIfAbsent(code, english);
        return OURS.patterns.containsKey(code) ? say(code) : english;
    }

    /** @return "catalogue." and the sentence's own words */
    static String codeOf(String english) {
        String words = english.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return "catalogue." + words.replaceAll("^-|-$", "");
    }

    /** @return what the catalogue has said so far, by code */
    static Map<String, String> catalogue() {
        return Map.copyOf(CATALOGUE);
    }

    /** @return the language Nabe speaks, as a tag: "en" */
    public static String language() {
        return OURS.language;
    }

    /**
     * @param language whose file under {@code /messages} is read; what it lacks is English
     * @throws IllegalArgumentException when there is no such file
     */
    static Messages load(String language) {
        Properties patterns = language.equals("en") ? new Properties() : of(load("en"));
        try (InputStream stream = Messages.class.getResourceAsStream("/messages/" + language + ".properties")) {
            if (stream == null) {
                throw new IllegalArgumentException("There are no messages in this language (" + language + ").");
            }
            patterns.load(new InputStreamReader(stream, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Map<String, String> byCode = new TreeMap<>();
        patterns.stringPropertyNames().forEach(code -> byCode.put(code, patterns.getProperty(code)));
        return new Messages(language, byCode);
    }

    private static Properties of(Messages english) {
        Properties patterns = new Properties();
        patterns.putAll(english.patterns);
        return patterns;
    }

    Map<String, String> patterns() {
        return patterns;
    }

    String told(String code, Object... arguments) {
        return formats.computeIfAbsent(code, this::format).apply(arguments);
    }

    private Function<Object[], String> format(String code) {
        String pattern = patterns.get(code);
        if (pattern == null) {
            throw new IllegalArgumentException("The message (" + code + ") is missing in " + language + ".");
        }
        return isPlain(pattern) ? plain(pattern) : chosen(pattern);
    }

    private static boolean isPlain(String pattern) {
        MessagePattern parsed = new MessagePattern(pattern);
        for (int i = 0; i < parsed.countParts(); i++) {
            MessagePattern.ArgType type = parsed.getPart(i).getArgType();
            if (type != MessagePattern.ArgType.NONE) {
                return false;
            }
        }
        return true;
    }

    private static Function<Object[], String> plain(String pattern) {
        SimpleFormatter formatter = SimpleFormatter.compile(pattern);
        if (formatter.getArgumentLimit() == 0) {
            String always = formatter.format();
            return arguments -> always;
        }
        return arguments -> {
            String[] words = new String[arguments.length];
            for (int i = 0; i < words.length; i++) {
                words[i] = String.valueOf(arguments[i]);
            }
            return formatter.format(words);
        };
    }

    /** Locked while it formats, for a MessageFormat is not safe between threads. What is not a number speaks for itself. */
    private Function<Object[], String> chosen(String pattern) {
        MessageFormat format = new MessageFormat(pattern, ULocale.forLanguageTag(language));
        return arguments -> {
            Object[] spoken = Arrays.stream(arguments)
                    .map(a -> a instanceof Number ? a : String.valueOf(a))
                    .toArray();
            synchronized (format) {
                return format.format(spoken);
            }
        };
    }
}
