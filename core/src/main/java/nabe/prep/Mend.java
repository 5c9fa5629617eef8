package nabe.prep;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.measure.WrongValueException;
import nabe.words.Messages;

/** What the cook does besides, to bring the dish's water in. As a key and a size in {@code brief.prep.mends}. */
public sealed interface Mend {
    double MOST = 5000;
    Pattern KEY = Pattern.compile("(stock):([a-z0-9-]+)|(cook|press):(\\d{1,3})|uncover");

    /** Hot stock or water stirred in. @param into the pot's id, or a part's; {@code grams} of it */
    record Stock(String into, double grams) implements Mend {
        @Override
        public String key() {
            return "stock:" + into;
        }

        @Override
        public double size() {
            return grams;
        }
    }

    /** A line cooked down further. @param line its index; {@code grams} that are left of it */
    record CookDown(int line, double grams) implements Mend {
        @Override
        public String key() {
            return "cook:" + line;
        }

        @Override
        public double size() {
            return grams;
        }
    }

    /** Tofu pressed longer. @param line its index */
    record Press(int line, double minutes) implements Mend {
        @Override
        public String key() {
            return "press:" + line;
        }

        @Override
        public double size() {
            return minutes;
        }
    }

    /** The foil taken off earlier. */
    record Uncover(double minutes) implements Mend {
        @Override
        public String key() {
            return "uncover";
        }

        @Override
        public double size() {
            return minutes;
        }
    }

    /** @return what it is called in a brief */
    String key();

    /** @return how much of it: grams or minutes */
    double size();

    /** @throws WrongValueException where no plan offers such a mend */
    static Mend of(String key, double size) {
        Matcher m = KEY.matcher(key);
        if (!m.matches() || !(size >= 0 && size <= MOST)) {
            throw new WrongValueException(Messages.say("prep.the-mend-must-be-one-the", key, size));
        }
        if (m.group(1) != null) {
            return new Stock(m.group(2), size);
        }
        if (m.group(3) == null) {
            return new Uncover(size);
        }
        int line = Integer.parseInt(m.group(4));
        return m.group(3).equals("cook") ? new CookDown(line, size) : new Press(line, size);
    }
}
