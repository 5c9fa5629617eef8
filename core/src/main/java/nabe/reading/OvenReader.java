package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.measure.Temperature;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.OvenPhase;
import org.jspecify.annotations.Nullable;

/** A little state machine over the sentences about the dish: heat, cover on and off, minutes, grill, rest. */
final class OvenReader {
    private static final Pattern HEAT = Pattern.compile(
            "(?<fan>fan\\s*(?:oven)?\\s*(?:at |to )?)?(?<n>\\d{2,3})\\s*(?:°|º|˚|degrees?)?\\s*(?<scale>C|F|celsius|fahrenheit)\\b(?<after>\\s*\\(?fan)?"
                    + "|\\b(?:oven|heat|bake|baked)(?: to| at|,)?\\s*(?<bare>[1-4]\\d{2})\\b(?!\\s*(?:g|ml|min|-))|(?<deg>\\d{3})\\s*(?:°|º|˚|degrees)|gas (?:mark )?(?<gas>\\d)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern EVENT = Pattern.compile(
            "(?<off>\\bunco?ver(?:ed|ing)?\\b|\\b(?:foil|lid|cover|paper)\\b[^.,;]{0,12}\\boff\\b|\\b(?:take|lift|pull|whip|peel|discard|remove|lose|taking|removing)(?: off| away| back)?(?: the| its)? ?(?:foil|lid|cover|paper)\\b|\\bno (?:lid|foil|cover)\\b|\\bwithout (?:a |the )?(?:lid|foil|cover)|\\blid off\\b|\\boff with the (?:foil|lid)|\\bleft open\\b)"
                    + "|(?<on>\\b(?:foil|lid) back on\\b|\\bput the (?:foil|lid) (?:back )?on\\b|\\bcover(?:ed|ing)?\\b(?!\\s+(?:with|by|in) (?!.{0,25}(?:foil|lid|paper))(?!a lid))|\\bfoil (?:on|over)\\b|\\bfoil,|\\b(?:with|in|under) (?:a (?:sheet|tent|double layer) of |oiled |buttered |greased |tight(?:ly)? |well-oiled )*(?:foil|a lid|the lid|its lid)\\b|\\blid on\\b|\\bfoil\\b(?= tight| the dish|$))"
                    + "|(?<grill>\\bgrill|\\bbroil)"
                    + "|(?<rest>\\b(?:rest|stand|wait|cool|settle|sit|leave|out)\\b)"
                    + "|(?<bake>\\b(?:bake|baked|baking|oven|cook|roast|give it)\\b)"
                    + "|(?<time>" + Times.DURATION.pattern() + ")",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CONDITION =
            Pattern.compile("\\b(?:if|unless|should|only when|in case|optional)\\b[^.;]*", Pattern.CASE_INSENSITIVE);
    private static final Pattern CHILLS =
            Pattern.compile("\\b(?:refrigerat|chill|overnight|in the fridge)", Pattern.CASE_INSENSITIVE);
    private static final Pattern STIR = Pattern.compile("\\bstir(?:ring|red)?\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern NOT_ITS_OWN = Pattern.compile(
            "\\b(?:after|every|from the fridge(?:,| it)?|within)\\s*(?:the first |about )?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern LAST =
            Pattern.compile("\\b(?:for )?the (?:last|final)\\s*$", Pattern.CASE_INSENSITIVE);
    private final List<OvenPhase> phases = new ArrayList<>();
    private Double celsius;
    private boolean covered;
    private Minutes rest;
    private boolean resting;

    List<OvenPhase> phases() {
        return List.copyOf(phases);
    }

    @Nullable
    Minutes rest() {
        return rest;
    }

    @Nullable
    Double celsius() {
        return celsius;
    }

    /** Only the oven's temperature, from a sentence before the dish is in it. */
    void preheat(String sentence) {
        Double found = celsius(sentence);
        celsius = found == null ? celsius : found;
    }

    /** Takes a sentence about the dish in the oven or after it. @param adds what goes on in it */
    void take(String written, List<String> adds) {
        if (CHILLS.matcher(written).find()) {
            return;
        }
        String sentence = CONDITION.matcher(written).replaceAll("");
        preheat(sentence);
        Matcher m = EVENT.matcher(sentence);
        boolean grill = false;
        int before = phases.size();
        while (m.find()) {
            if (m.group("off") != null) {
                covered = false;
            } else if (m.group("on") != null) {
                covered = true;
            } else if (m.group("grill") != null) {
                grill = true;
            } else if (m.group("bake") != null) {
                resting = false;
            } else if (m.group("rest") != null) {
                resting = true;
            } else {
                takeTime(m, sentence, grill);
            }
        }
        boolean stir = STIR.matcher(sentence).find();
        for (int i = before; i < phases.size(); i++) {
            OvenPhase p = phases.get(i);
            phases.set(
                    i,
                    new OvenPhase(
                            p.kind(),
                            p.celsius(),
                            p.covered(),
                            p.minutes(),
                            i == before ? List.copyOf(adds) : List.of(),
                            stir));
        }
    }

    private void takeTime(Matcher m, String sentence, boolean grill) {
        String lead = sentence.substring(0, m.start());
        if (NOT_ITS_OWN.matcher(lead).find()) {
            return;
        }
        Minutes minutes = Times.of(timeMatcher(m.group("time")));
        boolean under = sentence.substring(m.end()).matches("(?is)^[^.,;]{0,25}\\b(?:grill|broil).*");
        boolean bench = sentence.substring(m.end())
                .matches("(?is)^[^.;]{0,30}\\b(?:bench|counter|before (?:you )?(?:cut|serv|slic)\\w*).*");
        if (grill || under) {
            phases.add(new OvenPhase("grill", null, false, minutes, List.of(), false));
        } else if ((resting || bench) && !phases.isEmpty()) {
            rest = minutes;
        } else if (LAST.matcher(lead).find() && !phases.isEmpty()) {
            splitLast(minutes);
        } else if (!resting) {
            Matcher after = Pattern.compile(
                            "^[\\s,(]*(?<un>uncovered|open|without|foil off|lid off)?(?<on>covered|under foil|with the lid on)?",
                            Pattern.CASE_INSENSITIVE)
                    .matcher(sentence.substring(m.end()));
            boolean said = after.find();
            boolean cover = said && after.group("on") != null || covered && !(said && after.group("un") != null);
            phases.add(new OvenPhase("bake", celsius, cover, minutes, List.of(), false));
        }
    }

    /** "Take the foil off for the last 15 minutes": out of the phase before. */
    private void splitLast(Minutes minutes) {
        OvenPhase whole = phases.removeLast();
        Minutes all = whole.minutes();
        if (all == null || all.min() <= minutes.max()) {
            phases.add(whole);
            return;
        }
        phases.add(new OvenPhase(
                "bake",
                whole.celsius(),
                true,
                new Minutes(all.min() - minutes.min(), all.max() - minutes.max()),
                whole.adds(),
                whole.stir()));
        phases.add(new OvenPhase("bake", whole.celsius(), covered, minutes, List.of(), false));
    }

    private static Matcher timeMatcher(String text) {
        Matcher m = Times.DURATION.matcher(text);
        m.find();
        return m;
    }

    /** The conventional figure where a fan one stands beside it. */
    private static Double celsius(String text) {
        Matcher m = HEAT.matcher(text);
        Double fan = null;
        while (m.find()) {
            boolean isFan = m.group("fan") != null
                    || m.group("after") != null && !m.group("after").contains("(");
            double value = value(m);
            if (value < 90 || value > 300) {
                continue;
            }
            if (!isFan) {
                return value;
            }
            fan = fan == null ? Double.valueOf(value + Temperature.FAN_OFFSET_CELSIUS) : fan;
        }
        return fan;
    }

    private static double value(Matcher m) {
        if (m.group("gas") != null) {
            return Temperature.gasMark(Double.parseDouble(m.group("gas"))).celsius();
        }
        if (m.group("n") == null) {
            double n = Double.parseDouble(m.group("bare") != null ? m.group("bare") : m.group("deg"));
            return n >= 275 ? Temperature.fahrenheit(n).celsius() : n;
        }
        double n = Double.parseDouble(m.group("n"));
        return m.group("scale").toLowerCase(java.util.Locale.ROOT).startsWith("f")
                ? Temperature.fahrenheit(Math.min(n, 600)).celsius()
                : n;
    }
}
