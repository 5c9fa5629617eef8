package nabe.swap;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.NameIndex;
import nabe.larder.Words;
import nabe.reading.grammar.KitchenWords;
import nabe.recipe.Recipe;
import nabe.swap.job.Job;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Tells which swapped things a sentence of the method speaks of, by their own names or by the kitchen's general ones. */
final class Subjects {
    /** General words and the roles they may stand for: "the cheese", "the noodles", "the meat". */
    private static final Map<String, Set<String>> GENERAL = Map.ofEntries(
            Map.entry("cheese", Set.of("melting-cheese", "hard-cheese", "crumbly-cheese", "soft-cheese")),
            Map.entry("pasta", Set.of("sheets", "fresh-sheets", "tubes", "shells", "short-pasta", "noodles")),
            Map.entry("noodle", Set.of("sheets", "fresh-sheets", "noodles", "short-pasta")),
            Map.entry("sheet", Set.of("sheets", "fresh-sheets", "pastry", "pastry-thin")),
            Map.entry("shell", Set.of("shells", "tubes")),
            Map.entry("tube", Set.of("tubes")),
            Map.entry("meat", Set.of("mince", "meat", "poultry-mince", "sausage")),
            Map.entry("mince", Set.of("mince", "poultry-mince")),
            Map.entry("beef", Set.of("mince", "meat")),
            Map.entry("lamb", Set.of("mince", "meat")),
            Map.entry("pork", Set.of("mince", "meat")),
            Map.entry("chicken", Set.of("poultry", "poultry-cooked", "poultry-mince")),
            Map.entry("turkey", Set.of("poultry", "poultry-cooked", "poultry-mince")),
            Map.entry("flour", Set.of("flour", "flour-raising")),
            Map.entry("milk", Set.of("milk")),
            Map.entry("cream", Set.of("cream")),
            Map.entry("butter", Set.of("butter")),
            Map.entry("egg", Set.of("egg", "egg-yolk", "egg-white")),
            Map.entry("yolk", Set.of("egg-yolk")),
            Map.entry("stock", Set.of("stock", "stock-cube")),
            Map.entry("broth", Set.of("stock", "stock-cube")),
            Map.entry("crumb", Set.of("crumbs")),
            Map.entry("breadcrumb", Set.of("crumbs")),
            Map.entry("bread", Set.of("bread")),
            Map.entry("pastry", Set.of("pastry", "pastry-thin")),
            Map.entry("sausage", Set.of("sausage")),
            Map.entry("fish", Set.of("fish", "fish-cooked")),
            Map.entry("tortilla", Set.of("wrap")),
            Map.entry("soup", Set.of("soup-tin", "soup-tin-tomato")),
            Map.entry("nut", Set.of("nut")),
            Map.entry("soy", Set.of("soy-sauce")),
            Map.entry("soya", Set.of("soy-sauce")),
            Map.entry("yogurt", Set.of("yogurt")),
            Map.entry("yoghurt", Set.of("yogurt")));

    private static final Map<String, Set<String>> BY_ROLE = GENERAL.entrySet().stream()
            .flatMap(e -> e.getValue().stream().map(role -> Map.entry(role, e.getKey())))
            .collect(Collectors.groupingBy(
                    Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toUnmodifiableSet())));

    /** @return general words that a thing of this role may go by */
    static Set<String> generalWords(String role) {
        return BY_ROLE.getOrDefault(role, Set.of());
    }

    private static final String WHITES = "whites";

    private static final Pattern WORK_FIRST =
            Pattern.compile("(?:toast|roast|fry|grill|bake|boil|steam)\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern OPENS =
            Pattern.compile("(?:^|[.;:]\\s*|,\\s*(?:and|then)?\\s*)$", Pattern.CASE_INSENSITIVE);
    private static final Pattern MADE_OF = Pattern.compile(
            "^\\s*(?:sauce|mixture sauce|dish|board|knife|stage|water|liquor|liquid)\\b", Pattern.CASE_INSENSITIVE);
    /** "The cheese mix" of things that are no cheese now: the mix. */
    private static final Pattern MIX = Pattern.compile("^ (?:mix|mixture)\\b", Pattern.CASE_INSENSITIVE);

    /** "Butter the bread": what takes its place is spread on it. */
    private static final Pattern IS_SPREAD = Pattern.compile(
            "^ (?:the|each|both|all|your|one side of)\\b[^.;,]{0,40}?\\b(?:breads?|slices?|toasts?|baguettes?|bagels?|croissants?|triangles|crumpets|muffins)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern GREASES = Pattern.compile(
            "^ (?:it|them|each)\\b|^ (?:an?|the|your|\\d)\\b.{0,40}\\b(?:dish|pan|tin|casserole|mold|mould|foil|paper|ramekins?)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern WASH = Pattern.compile("^[- ]wash\\b");
    private static final Pattern DOUGH =
            Pattern.compile("\\b(?:dough|pastry|crust|rub|cut in|scone|biscuit)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern COUNT_BEFORE = Pattern.compile(
            "(?:the )?(?<rest>(?:other|remaining|last) )?\\d+ (?:of (?:the |your )?|large |medium |small )?$",
            Pattern.CASE_INSENSITIVE);
    private static final String EACH = "each ";
    private static final Pattern EACH_BEFORE = Pattern.compile("\\b" + EACH + "$");
    private static final Pattern BOTH_BEFORE =
            Pattern.compile("\\bboth (?:of )?(?:the |kinds of |types of )?$", Pattern.CASE_INSENSITIVE);
    private static final Set<Job> IN_DOUGH =
            Set.of(Job.RUBBED_IN, Job.SHORT_DOUGH, Job.DROPPED_DOUGH, Job.YEAST_DOUGH, Job.DOUGH, Job.CRUMBLE);
    private final Larder larder;
    private final Recipe recipe;
    private final List<Swap> swaps;
    private static final int AROUND = 7;

    /** Of what a line names only besides its own thing. */
    private final List<Swap> besides;

    private final SwapBook book;
    private final AmountWords amounts;
    private final List<List<String>> names;
    private final PartWords parts;
    private final Set<Integer> swapped = new HashSet<>();

    Subjects(Larder larder, Recipe recipe, List<Swap> swaps, SwapBook book, List<List<String>> names, PartWords parts) {
        this.larder = larder;
        this.recipe = recipe;
        this.swaps = swaps.stream()
                .filter(s -> !s.becomes().isEmpty() && s.beside() == null)
                .toList();
        this.besides = swaps.stream()
                .filter(s -> !s.becomes().isEmpty() && s.beside() != null)
                .toList();
        this.book = book;
        this.amounts = new AmountWords(larder);
        this.names = names;
        this.parts = parts;
        this.swaps.forEach(s -> swapped.add(s.source()));
    }

    /**
     * A stretch of a sentence that names something swapped.
     *
     * @param start first character, {@code end} one past the last
     * @param says what it reads now
     */
    record Mention(int start, int end, List<Swap> swaps, String says) {}

    /** @return what the sentence names of the swapped things, from left to right */
    List<Mention> in(String sentence, Converting.Place place) {
        List<Mention> found = new ArrayList<>();
        for (NameIndex.Match match : spans(sentence)) {
            mention(sentence, match, place).ifPresent(m -> add(found, m, sentence));
        }
        return found;
    }

    /** "Egg cream" is one thing: its last word says what. */
    private static void add(List<Mention> found, Mention mention, String sentence) {
        Mention before = found.isEmpty() ? null : found.getLast();
        boolean oneThing =
                before != null && mention.start() == before.end() + 1 && sentence.charAt(before.end()) == ' ';
        if (before == null || !oneThing) {
            found.add(mention);
            return;
        }
        List<Swap> both = new ArrayList<>(before.swaps());
        both.addAll(mention.swaps());
        found.removeLast();
        found.add(new Mention(before.start(), mention.end(), both, mention.says()));
    }

    /** The larder's names, and single general words that are none. */
    private List<NameIndex.Match> spans(String sentence) {
        List<NameIndex.Match> named = larder.scanForgiving(sentence).stream()
                .map(m -> withoutWork(sentence, m))
                .toList();
        List<NameIndex.Match> all = new ArrayList<>(named);
        for (Words.Word word : Words.of(sentence)) {
            boolean free = named.stream().noneMatch(m -> word.start() < m.end() && m.start() < word.end());
            boolean whites = sentence.substring(word.start(), word.end()).equalsIgnoreCase(WHITES);
            if (free && (whites || GENERAL.containsKey(word.key()) || isOwnNoun(word.key()))) {
                all.add(new NameIndex.Match(null, word.start(), word.end(), 1, true));
            }
        }
        all.sort(java.util.Comparator.comparingInt(NameIndex.Match::start));
        return all;
    }

    /** "Roast chicken in a tin": the roasting is asked for, and is no part of the name. */
    private NameIndex.Match withoutWork(String sentence, NameIndex.Match match) {
        Matcher work = WORK_FIRST.matcher(sentence.substring(match.start(), match.end()));
        if (match.words() < 2
                || !work.lookingAt()
                || !OPENS.matcher(sentence.substring(0, match.start())).find()) {
            return match;
        }
        int from = match.start() + work.end();
        return larder.matchExactly(sentence.substring(from, match.end()))
                .map(m -> new NameIndex.Match(m.ingredient(), from + m.start(), match.end(), m.words(), m.exact()))
                .orElse(match);
    }

    /** "Custard", "batter": what the recipe makes, where no line of it is called so. */
    private boolean isMadeHere(String words) {
        String key = Words.key(words);
        return PotName.PLAIN.contains(key) && names.stream().noneMatch(n -> n.contains(key));
    }

    /** "Maida", "the thighs": the recipe's own word for a swapped thing, though the larder has another, or none. */
    private boolean isOwnNoun(String key) {
        return KitchenWords.shared().usesOf(key).isEmpty()
                && KitchenWords.shared().effect(key) == null
                && swapped.stream()
                        .map(names::get)
                        .anyMatch(name -> !name.isEmpty() && name.getLast().equals(key));
    }

    private Optional<Mention> mention(String sentence, NameIndex.Match match, Converting.Place place) {
        String after = sentence.substring(match.end());
        String words = sentence.substring(match.start(), match.end());
        if (FoodVerbs.isInToolsName(sentence.substring(0, match.start()), words, after)
                || FoodVerbs.isVerbOfItsObject(words, sentence.substring(0, match.start()), after)
                || isMadeHere(words)) {
            return Optional.empty();
        }
        List<Integer> meant = meant(words, match, place);
        Optional<Swap> beside = beside(sentence, match, meant.isEmpty());
        if (beside.isPresent()) {
            return Optional.of(
                    new Mention(match.start(), match.end(), List.of(beside.get()), book.called(beside.get())));
        }
        if (meant.isEmpty()
                || !swapped.containsAll(meant)
                || MADE_OF.matcher(after).find()) {
            return Optional.empty();
        }
        List<Swap> about = inDough(
                sentence, swaps.stream().filter(s -> meant.contains(s.source())).toList());
        boolean shape = Words.key(words).equals("sheet") && !called(about).contains("sheet");
        if (shape) {
            return Optional.empty();
        }
        if (words.equalsIgnoreCase("butter") && GREASES.matcher(after).find()) {
            return Optional.of(new Mention(
                    match.start(), match.end(), about, Character.isUpperCase(words.charAt(0)) ? "Oil" : "oil"));
        }
        if (words.equalsIgnoreCase("butter") && IS_SPREAD.matcher(after).find()) {
            boolean opens = Character.isUpperCase(words.charAt(0));
            return Optional.of(new Mention(
                    match.start(), match.end(), about, Messages.say("swap.spread-on", called(about), opens)));
        }
        Matcher wash = WASH.matcher(after);
        if (wash.find() && isBare(sentence.substring(0, match.start()))) {
            boolean opens = Character.isUpperCase(words.charAt(0));
            return Optional.of(new Mention(
                    match.start(), match.end() + wash.end(), about, Messages.say("swap.glaze-verb", opens)));
        }
        String says = Pieces.fitted(called(about), words, after);
        if (names(about) > 1
                && EACH_BEFORE.matcher(sentence.substring(0, match.start())).find()) {
            return Optional.of(new Mention(match.start() - EACH.length(), match.end(), about, eachOf(about)));
        }
        Matcher both = BOTH_BEFORE.matcher(sentence.substring(0, match.start()));
        if (both.find() && names(about) == 1) {
            return Optional.of(new Mention(both.start(), match.end(), about, "the " + says));
        }
        boolean mixed = about.size() > 1
                && GENERAL.containsKey(Words.key(words))
                && MIX.matcher(after).find();
        if (mixed) {
            return Optional.of(new Mention(match.start(), match.end() + 1, about, ""));
        }
        if (names(about) == 1 && about.stream().map(Swap::source).distinct().count() == 1) {
            Swap swap = about.getFirst();
            Optional<PartWords.Said> part = parts.before(sentence.substring(0, match.start()), swap);
            if (part.isPresent()) {
                return Optional.of(new Mention(
                        part.get().start(),
                        match.end(),
                        about,
                        "the " + called(part.get().swaps())));
            }
            Optional<AmountWords.Said> amount = amounts.before(
                    sentence.substring(0, match.start()), recipe.lines().get(swap.source()), swap);
            if (amount.isPresent()) {
                return Optional.of(new Mention(
                        amount.get().start(), match.end(), about, amount.get().words() + says));
            }
        }
        Matcher count = COUNT_BEFORE.matcher(sentence.substring(0, match.start()));
        boolean counted = count.find()
                && about.stream()
                        .noneMatch(s -> s.becomes().getFirst().display().contains("sheets"));
        int start = counted ? count.start() : match.start();
        boolean capital = start == 0 && Character.isUpperCase(sentence.charAt(0));
        boolean rest = counted && count.group("rest") != null;
        String text = counted ? Messages.say("swap.the-or-the-rest-of-the", rest, says) : says;
        return Optional.of(new Mention(
                start,
                match.end(),
                about,
                capital ? text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1) : text));
    }

    /** "Soften the leeks in 20 g butter", as their line says it: that butter, though another line has some. */
    private Optional<Swap> beside(String sentence, NameIndex.Match match, boolean noLine) {
        Ingredient food = match.ingredient();
        String said = sentence.substring(Math.max(0, match.start() - AROUND), match.end());
        return besides.stream()
                .filter(s -> food != null && food.id().equals(s.beside()))
                .filter(s -> noLine || recipe.lines().get(s.source()).text().contains(said))
                .findFirst();
    }

    /** "Egg-wash the rim", not "brush with egg wash". */
    private static boolean isBare(String before) {
        return OPENS.matcher(before).find() || before.endsWith("and ") || before.endsWith("then ");
    }

    private String called(List<Swap> swaps) {
        return swaps.stream().map(book::called).collect(Collectors.toCollection(LinkedHashSet::new)).stream()
                .limit(3)
                .collect(Collectors.joining(" and "));
    }

    /** "Half of each cheese", of two that become different things: "half of the one and the other". */
    private String eachOf(List<Swap> about) {
        return about.stream()
                .map(book::called)
                .distinct()
                .map(name -> "the " + name)
                .collect(Collectors.joining(" and "));
    }

    private long names(List<Swap> about) {
        return about.stream().map(book::called).distinct().count();
    }

    /** Butter in the dough and butter in the pan become different things: the sentence tells which is meant. */
    private static List<Swap> inDough(String sentence, List<Swap> about) {
        if (about.size() < 2) {
            return about;
        }
        boolean dough = DOUGH.matcher(sentence).find();
        List<Swap> fitting =
                about.stream().filter(s -> IN_DOUGH.contains(s.job()) == dough).toList();
        return fitting.isEmpty() ? about : fitting;
    }

    /**
     * The lines these words may speak of: by ingredient, by the line's own noun, by a general word, else by any of its
     * words; first of what is used there, then of its pot, then of all.
     */
    private List<Integer> meant(String words, NameIndex.Match match, Converting.Place place) {
        List<String> keys = Words.of(words).stream().map(Words.Word::key).toList();
        String last = keys.getLast();
        Set<String> roles = keys.size() > 2 ? Set.of() : GENERAL.getOrDefault(last, Set.of());
        List<IntPredicate> waysToMean = List.of(
                l -> foodOf(l) == match.ingredient(),
                l -> names.get(l).containsAll(keys) && names.get(l).getLast().equals(last),
                l -> roles.contains(roleOf(l)) && !roleOf(l).equals("soft-cheese"),
                l -> roles.contains(roleOf(l)),
                l -> roles.isEmpty() && names.get(l).containsAll(keys),
                l -> isOfEgg(words) && roleOf(l).equals("egg"));
        for (IntPredicate near : place.nearness()) {
            for (IntPredicate way : waysToMean) {
                List<Integer> found = lines(near.and(way));
                if (!found.isEmpty()) {
                    return found;
                }
            }
        }
        return List.of();
    }

    /** "The yolks", "the whites" of "3 eggs, separated". */
    private static boolean isOfEgg(String words) {
        return Words.key(words).equals("yolk") || words.equalsIgnoreCase(WHITES);
    }

    private List<Integer> lines(IntPredicate test) {
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < recipe.lines().size(); i++) {
            if (foodOf(i) != null && test.test(i)) {
                found.add(i);
            }
        }
        return found;
    }

    private String roleOf(int line) {
        return recipe.lines().get(line).food().role();
    }

    private @Nullable Ingredient foodOf(int line) {
        return recipe.lines().get(line).ingredient();
    }
}
