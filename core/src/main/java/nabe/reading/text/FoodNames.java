package nabe.reading.text;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.NameIndex;
import nabe.larder.Origin;
import nabe.larder.StandInBook;
import nabe.larder.Words;
import nabe.needs.Need;
import nabe.needs.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Finds the food a stretch of a line names. The head noun decides: a known word before an unknown noun ("chicken
 * zubbok") is not the thing, and a known food before a known noun ("cheese crackers") is in it too. A claim the food
 * cannot keep makes it a bought product of unknown make.
 */
final class FoodNames {
    private static final Pattern GRAIN = Pattern.compile("(?i)\\b(?:wheat|barley|rye|spelt|durum)\\b");
    /** What a tin is filled up with is not what is bought. */
    private static final Pattern PACKED_IN = Pattern.compile(
            "(?<food>\\P{Punct}{3,}?) in (?:[\\p{L}-]+ ){0,2}(?:oil|water|brine|juice|syrup|sauce|gravy|vinegar)\\b.*",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern FORERUNNERS_END = Pattern.compile("[^\\p{L}'’ -]|\\b(?:of|with|and|in|or)\\b");
    private static final Pattern BREAK = Pattern.compile("[^\\p{L}'’ -]");
    private final Larder larder;
    private final StandInBook standIns;
    private final LineWords words;
    private final LineClaims claims;

    /**
     * @param match where the name stands; its ingredient is null where the noun is not known
     * @param claims what the words before it promise
     */
    record Found(NameIndex.Match match, @Nullable Ingredient ingredient, List<String> claims) {}

    FoodNames(Larder larder) {
        this.larder = larder;
        this.standIns = new StandInBook(larder);
        this.words = new LineWords();
        this.claims = new LineClaims(words);
    }

    LineWords words() {
        return words;
    }

    LineClaims claims() {
        return claims;
    }

    /** @param conditional whether the line makes its claims a mere possibility */
    Optional<Found> find(String words, boolean conditional) {
        Matcher packed = PACKED_IN.matcher(words);
        boolean isPacked = packed.matches();
        boolean inside = isPacked && larder.match(packed.group("food")).isPresent();
        if (isPacked && !inside && namesThing(packed.group("food"))) {
            return Optional.empty();
        }
        String segment = inside ? packed.group("food") : words;
        Optional<NameIndex.Match> match = larder.match(segment);
        if (match.isEmpty()) {
            return Optional.empty();
        }
        List<String> claimed =
                conditional ? List.of() : claims.before(segment, match.get().end());
        if (claimed.isEmpty() && LineClaims.anyIn(segment)) {
            match = larder.match(LineClaims.without(segment));
        }
        return match.map(m -> found(segment, m, claimed));
    }

    private boolean namesThing(String text) {
        return !words.isNoThing(text.substring(text.lastIndexOf(' ') + 1));
    }

    private Found found(String segment, NameIndex.Match match, List<String> claimed) {
        Ingredient food = headIsNamed(segment.substring(match.end())) ? match.ingredient() : null;
        food = food == null || sayIts(match, segment, claimed) ? null : claimed(food, claimed);
        List<String> kept = food != null && isOfUnknownMake(food) ? without(claimed, food) : claimed;
        food = food == null ? null : withForerunners(food, LineClaims.without(segment.substring(0, match.start())));
        return new Found(match, food, kept);
    }

    /** "Gluten-free wheat flour" contradicts itself in so many words. */
    private static boolean sayIts(NameIndex.Match match, String segment, List<String> claimed) {
        return claimed.contains(Need.GLUTEN_FREE.id())
                && GRAIN.matcher(segment.substring(match.start(), match.end())).find();
    }

    /** A recipe's "vegan cheese" says which product is meant, not what is on its packet. Oats are let in by nothing else. */
    private boolean isOfUnknownMake(Ingredient food) {
        return standIns.isStandIn(food) && !food.allergens().contains(Allergen.OATS);
    }

    private List<String> without(List<String> claimed, Ingredient food) {
        return claimed.stream().filter(claim -> !standIns.makes(claim, food)).toList();
    }

    /** Whether nothing after the name is a noun of its own: parts, shapes and notes are none. */
    private boolean headIsNamed(String tail) {
        int at = 0;
        for (Words.Word word : Words.of(tail)) {
            boolean ends = BREAK.matcher(tail.substring(at, word.start())).find()
                    || words.is(LineWords.Use.STOP, tail.substring(word.start(), word.end()));
            if (ends) {
                return true;
            }
            String written = tail.substring(word.start(), word.end());
            if (!words.is(LineWords.Use.PART, written) && !words.isShaped(written)) {
                return false;
            }
            at = word.end();
        }
        return true;
    }

    /** The product that a claim makes of a food, the food itself where it keeps the claim, or null where none is known. */
    @Nullable
    Ingredient claimed(Ingredient food, List<String> claimed) {
        Ingredient now = food;
        for (String claim : claimed) {
            if (now != null && contradicts(now, Need.ofId(claim))) {
                now = standIns.of(claim, now).orElse(null);
            }
        }
        return now;
    }

    private static boolean contradicts(Ingredient food, Need claim) {
        Needs need = new Needs(Set.of(claim), Set.of(), false);
        boolean onlyOats = claim == Need.GLUTEN_FREE
                && food.allergens().stream().filter(claim.forbids()::contains).allMatch(a -> a == Allergen.OATS);
        return !onlyOats && !need.judge(food).fits();
    }

    /** "Cheese crackers", "garlic butter": what stands before the noun is in it too, sure or not. */
    private Ingredient withForerunners(Ingredient food, String lead) {
        int from = 0;
        if (lead.isBlank()) {
            return food;
        }
        Matcher breaks = FORERUNNERS_END.matcher(lead);
        while (breaks.find()) {
            from = breaks.end();
        }
        List<Ingredient> before = larder.scan(lead.substring(from)).stream()
                .map(NameIndex.Match::ingredient)
                .toList();
        Set<Allergen> more = EnumSet.noneOf(Allergen.class);
        before.forEach(i -> more.addAll(i.allergens()));
        more.removeAll(food.allergens());
        List<Ingredient> animals = new ArrayList<>(before);
        animals.removeIf(i -> i.origin().isVegan() || !food.origin().isVegan());
        return more.isEmpty() && animals.isEmpty()
                ? food
                : mixed(
                        food,
                        more,
                        animals.isEmpty() ? food.origin() : animals.getFirst().origin());
    }

    private static Ingredient mixed(Ingredient food, Set<Allergen> more, Origin origin) {
        Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        all.addAll(food.allergens());
        all.addAll(more);
        Set<Allergen> maybe = EnumSet.noneOf(Allergen.class);
        maybe.addAll(food.maybe());
        maybe.removeAll(all);
        return food.holding(all, maybe, origin);
    }
}
