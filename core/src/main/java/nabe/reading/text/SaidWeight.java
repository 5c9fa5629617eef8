package nabe.reading.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.measure.Amount;
import nabe.measure.Unit;
import org.jspecify.annotations.Nullable;

/** Finds a weight said after the thing: "3 aubergines (about 1.1 kg)", "4 chicken breasts, 150 g each". */
final class SaidWeight {
    private static final Pattern WHOLE = Pattern.compile(
            "(?:" + MeasureReader.ABOUT_WORDS + "|weighing|total(?:ling)?)?"
                    + "\\s*(?:about )?(?<measure>[\\d.,/ -]+\\s*(?:g|kg|grams?|oz|ounces?|lbs?|pounds?)\\.?)\\s*"
                    + "(?:/[^)]*)?(?<each>each|apiece)?(?: in)?(?: total)?(?: weight)?(?:\\s+(?:of )?(?:shortcrust|puff|pastry|dough|crust|unpeeled|peeled|raw|cooked|drained|whole|flesh)\\b.*)?",
            Pattern.CASE_INSENSITIVE);

    /** "About 12 sheets" of a packet. */
    private static final Pattern SHEETS =
            Pattern.compile("(?:about |around |approx\\.? )?(\\d{1,2}) (?:\\p{L}+ )?sheets", Pattern.CASE_INSENSITIVE);

    private SaidWeight() {}

    static List<Measure> in(@Nullable String preparation, @Nullable Measure counted) {
        List<Measure> found = new ArrayList<>();
        if (preparation == null || counted == null || counted.isFixed()) {
            return found;
        }
        for (String piece : preparation.split(",\\s*")) {
            Matcher sheets = SHEETS.matcher(NumberReader.plain(piece));
            if (counted.unit() != null && counted.unit().kind() == Unit.Kind.PACK && sheets.matches()) {
                Amount one = Amount.of(Integer.parseInt(sheets.group(1)));
                found.add(new Measure(one.times(counted.amount().mid()), Unit.SHEET));
            }
            Matcher m = WHOLE.matcher(NumberReader.plain(piece));
            if (m.matches()) {
                Measure said =
                        new MeasureReader(new Scan(m.group("measure"))).read().measure();
                if (said != null && said.isMass()) {
                    Amount amount = m.group("each") == null
                            ? said.amount()
                            : said.amount().times(counted.amount().mid());
                    found.add(new Measure(amount, said.unit()));
                }
            }
        }
        return found;
    }
}
