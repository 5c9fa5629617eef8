package nabe.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.NameIndex;
import nabe.larder.StandInBook;
import nabe.larder.Words;
import nabe.needs.Judgement;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * Reads every food the method names once the swaps are written in: what no line accounts for is judged like a line of
 * its own and stands in for itself, gives way to a product that fits, or is marked as left out where it stands.
 */
final class MethodJudge {
    /** The rule id of notes about what only the method names. */
    static final String RULE = "method";

    private static final String LEFT_OUT = "[left out]";
    private static final String TO_CHOOSE = "[to choose]";
    private static final Pattern THE = Pattern.compile("\\bthe $", Pattern.CASE_INSENSITIVE);

    private static final Pattern MADE_HERE = Pattern.compile(
            "^ (?:sauce|mixture|layer|filling|topping|crust|base|mix|custard|soup)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern VERB = Pattern.compile(
            "^ (?:an?|the|your|\\d)\\b.{0,40}\\b(?:dish|pan|tin|casserole|mould|mold|tray|sheet|foil|paper|ramekins?|surface|board|rim)\\b",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern WORKED =
            Pattern.compile("\\b(a )?(buttered|floured|breaded|battered|creamed)\\b", Pattern.CASE_INSENSITIVE);
    /** "Add the onion to the drippings", "brown it in the bacon fat": in the pan, in which nothing runs out now. */
    private static final Pattern DRIPPINGS = Pattern.compile(
            "(?:bacon |beef |pork |lamb |chicken |duck |goose |sausage )?drippings?"
                    + "|(?:bacon|beef|pork|lamb|chicken|duck|goose|sausage) (?:fat|grease)",
            Pattern.CASE_INSENSITIVE);

    /** "As small as hazelnuts", "the size of a walnut". */
    private static final Pattern SIZE = Pattern.compile(
            "\\b(?:as (?:small|big|large) as|(?:the )?size of)(?: (?:an?|the|small|large))* $",
            Pattern.CASE_INSENSITIVE);

    /** "Honey coloured", "butter yellow": how it looks. */
    private static final Pattern COLOURED =
            Pattern.compile("^[ -](?:sized?|shaped|colou?red|brown|golden|gold|yellow)\\b", Pattern.CASE_INSENSITIVE);

    /** "Until it smells of nuts". */
    private static final Pattern SCENT =
            Pattern.compile("\\b(?:smell|tast|whiff|hint)\\w* of (?:(?:an?|the) )?$", Pattern.CASE_INSENSITIVE);

    private static final Pattern LIKENESS = Pattern.compile(
            "\\b(?:like|resembl\\w+|(?:thickness|consistency|texture|look|colou?r|feel) of|as (?:thick|thin|fine|soft|smooth|loose) as)"
                    + " (?:(?:an?|the|some|thick|thin|runny|very|coarse|fine|wet|dry|soft|single|pouring) ){0,3}$",
            Pattern.CASE_INSENSITIVE);
    /** "No flour needed", "without any cheese": named as what is not there. */
    private static final Pattern NONE_OF_IT =
            Pattern.compile("\\b(?:no|without) (?:(?:any|extra|more|further|added) )?$", Pattern.CASE_INSENSITIVE);

    private static final String SHAPED = "meatball";
    /** "Roll into small balls": the meatballs are made here. */
    private static final Pattern BALLS =
            Pattern.compile("\\b(?:roll|shape|form)\\w*\\b[^.]{0,40}\\bballs\\b", Pattern.CASE_INSENSITIVE);

    /** "In a spiral"; "seasoning", where none is listed, is salt and pepper. */
    private static final Set<String> NO_FOOD = Set.of("spiral", "seasoning");

    private static final Pattern SPACES = Pattern.compile(" {2,}");
    private static final Pattern SPACE_BEFORE_MARK = Pattern.compile(" ([,.;])");
    /** What the kitchen makes of other lines under these names; the larder knows them as bought things too. */
    private static final Set<String> MADE_ROLES = Set.of(
            "pastry",
            "lid-dough",
            "mash",
            "batter",
            "white-sauce-bought",
            "tomato-sauce",
            "crumbs",
            "gravy-ready",
            "gravy",
            "soup-tin",
            "stock",
            "pesto",
            "sausage",
            "mock-meat",
            "slab");

    private final Set<String> pots;
    private final Larder larder;
    private final StandInBook standIns;
    private final SwapBook book;
    private final Needs needs;
    private final Standings standings;
    private final List<ConvertedLine> lines;
    private final List<Swap> swaps;
    private final List<Ingredient> written;
    private final Set<String> roles;
    private final Set<String> writtenWords;
    private final Written writtenIn;
    private final List<MethodFood> foods = new ArrayList<>();

    /**
     * What the recipe lists, the same for all its clauses.
     *
     * @param foods of its lines, null where one is not known
     * @param roles of those foods; {@code names} the words of each line's name, {@code words} all of them
     * @param pots words of the names that the recipe gives what it makes
     */
    record Listed(
            List<Ingredient> foods, Set<String> roles, List<List<String>> names, Set<String> words, Set<String> pots) {
        static Listed of(Recipe recipe, Procedure procedure) {
            List<Ingredient> foods = new ArrayList<>();
            Set<String> roles = new HashSet<>();
            List<List<String>> names = new ArrayList<>();
            Set<String> words = new HashSet<>();
            for (Line line : recipe.lines()) {
                foods.add(line.ingredient());
                roles.addAll(
                        line.ingredient() == null
                                ? List.of()
                                : line.ingredient().roles());
                names.add(Words.of(line.item()).stream().map(Words.Word::key).toList());
                words.addAll(names.getLast());
            }
            Set<String> pots = procedure.components().stream()
                    .filter(c -> c.of().size() > 1)
                    .flatMap(c -> Words.of(c.name()).stream())
                    .map(Words.Word::key)
                    .collect(Collectors.toCollection(HashSet::new));
            if (procedure.layers().stream().anyMatch(Procedure.Placement::inside)) {
                pots.add("roll");
            }
            boolean minced = Stream.of("mince", "poultry-mince", "sausage").anyMatch(roles::contains);
            if (minced
                    && procedure.components().stream()
                            .flatMap(c -> c.steps().stream())
                            .anyMatch(s -> BALLS.matcher(s.words()).find())) {
                pots.add(SHAPED);
            }
            return new Listed(foods, roles, names, words, pots);
        }
    }

    /**
     * What the swaps write into the clauses, the same for all of them.
     *
     * @param names in small letters, longest first, so that a name is blanked before a part of it
     * @param fitting ids of what is in the dish and fits
     * @param parts how the shares of lines read that became several things
     */
    record Written(List<String> names, Set<String> fitting, PartWords parts) {
        static Written of(
                Recipe recipe,
                Larder larder,
                List<ConvertedLine> lines,
                List<Swap> swaps,
                SwapBook book,
                Standings standings) {
            Set<String> names = new HashSet<>();
            recipe.lines().stream()
                    .filter(l -> l.ingredient() == null)
                    .flatMap(l -> unknown(l.item().toLowerCase(Locale.ROOT)).stream())
                    .filter(name -> larder.match(name)
                            .filter(m -> m.end() == name.length())
                            .isEmpty())
                    .forEach(names::add);
            for (Swap swap : swaps) {
                if (!swap.becomes().isEmpty()) {
                    names.add(book.called(swap).toLowerCase(Locale.ROOT));
                    swap.becomes().forEach(b -> names.add(b.item().toLowerCase(Locale.ROOT)));
                }
            }
            Set<String> fitting = lines.stream()
                    .map(ConvertedLine::ingredient)
                    .filter(i -> i != null && standings.judge(i).fits())
                    .map(Ingredient::id)
                    .collect(Collectors.toSet());
            return new Written(
                    names.stream()
                            .sorted(Comparator.comparing(String::length).reversed())
                            .toList(),
                    fitting,
                    PartWords.of(swaps, book));
        }
    }

    /** "Processed cheese spread", "cheese spread": what nobody knows is asked about, and is no cheese; what ends as a food does stays judged. */
    private static List<String> unknown(String item) {
        int words = item.split(" ").length;
        return words < 2
                ? List.of()
                : IntStream.rangeClosed(0, words - 2)
                        .mapToObj(skip ->
                                String.join(" ", List.of(item.split(" ")).subList(skip, words)))
                        .toList();
    }

    MethodJudge(
            Larder larder,
            Swapper.Tables tables,
            Needs needs,
            Standings standings,
            Listed listed,
            Written writtenIn,
            List<ConvertedLine> lines,
            List<Swap> swaps) {
        this.pots = listed.pots;
        this.larder = larder;
        this.standIns = tables.standIns();
        this.book = tables.book();
        this.needs = needs;
        this.standings = standings;
        this.lines = lines;
        this.swaps = swaps;
        this.written = listed.foods;
        this.roles = listed.roles;
        this.writtenWords = listed.words;
        this.writtenIn = writtenIn;
    }

    /** @return foods that only the method names and that were not plainly fine, in order; known after {@link #judged} */
    List<MethodFood> foods() {
        return List.copyOf(foods);
    }

    List<MethodStep> judged(List<MethodStep> steps) {
        if (needs.isEmpty()) {
            return steps;
        }
        List<MethodStep> all = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            all.add(judged(i, steps.get(i)));
        }
        return List.copyOf(all);
    }

    private MethodStep judged(int index, MethodStep step) {
        StringBuilder text = new StringBuilder();
        int at = 0;
        for (NameIndex.Match match : larder.scanForgiving(masked(step.text()))) {
            String instead = instead(index, step.text(), match);
            if (instead != null) {
                text.append(step.text(), at, match.start()).append(instead);
                at = match.end();
            }
        }
        String read = tidy(worked(text.append(step.text().substring(at)).toString()));
        List<MethodStep.Note> notes = new ArrayList<>(step.notes());
        foods.stream()
                .filter(f -> f.step() == index && f.why() != null)
                .map(MethodJudge::note)
                .forEach(notes::add);
        return new MethodStep(
                read, step.was(), step.changed() || !read.equals(step.text()), List.copyOf(notes), step.instead());
    }

    /** What the swaps wrote in is judged already: blanked out, every other letter in its place. */
    private String masked(String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        StringBuilder rest = null;
        for (String own : writtenIn.names) {
            if (!lower.contains(own)) {
                continue;
            }
            rest = rest == null ? new StringBuilder(text) : rest;
            String dots = ".".repeat(own.length());
            for (int from = lower.indexOf(own); from >= 0; from = lower.indexOf(own, from + own.length())) {
                rest.replace(from, from + own.length(), dots);
            }
            lower = lower.replace(own, dots);
        }
        return rest == null ? text : rest.toString();
    }

    private static MethodStep.@Nullable Note note(MethodFood food) {
        String instead = food.becomes() == null
                ? Messages.say("swap.it-is-left-out-nothing-in")
                : Messages.say("swap.instead", food.becomes());
        return new MethodStep.Note(
                food.name(),
                Messages.say("swap.named-only-here-it-does-not", Objects.requireNonNullElse(food.why(), ""), instead),
                RULE);
    }

    /** @return what the step says in place of a food's name, or null where the name may stay */
    private @Nullable String instead(int step, String text, NameIndex.Match match) {
        Ingredient food = match.food();
        String name = text.substring(match.start(), match.end());
        String before = text.substring(0, match.start());
        String after = text.substring(match.end());
        if (FoodVerbs.isInToolsName(before, name, after)
                || isInDish(food)
                || FoodVerbs.isVerb(name, before, after)
                || NONE_OF_IT.matcher(before).find()
                || NO_FOOD.contains(name.toLowerCase(Locale.ROOT))
                || isPot(name, food, before)
                || isCustardMadeHere(name, before)) {
            return null;
        }
        Judgement judgement = standings.judge(food);
        if (judgement.fits()) {
            if (judgement.needsLabel() && !isMadeHere(food) && !speaksOfALine(name, food)) {
                foods.add(new MethodFood(step, name, food.id(), null, null, standings.labelAdvice(food)));
            }
            return null;
        }
        if (VERB.matcher(after).find()
                && (food.role().equals("butter") || food.role().equals("flour"))) {
            return cased(food.role().equals("butter") ? "oil" : "dust with rice flour", name);
        }
        if (DRIPPINGS.matcher(name).matches() && isWhatRanOut(name, before)) {
            return before.endsWith("pan ") ? "" : "pan";
        }
        if (COLOURED.matcher(after).find()) {
            return Messages.say("swap.gold");
        }
        if (SIZE.matcher(before).find()) {
            return name.endsWith("s") ? "marbles" : "marble";
        }
        return MADE_HERE.matcher(after).find() && !after.startsWith(" soup")
                ? ""
                : Pieces.ofOne(
                        before, Pieces.fitted(replaced(step, name, food, judgement, likeness(before)), name, after));
    }

    /** "The bacon fat" ran out of the bacon; "2 tbsp goose fat" is bought. */
    private static boolean isWhatRanOut(String name, String before) {
        return name.equalsIgnoreCase("drippings") || before.endsWith("the ");
    }

    /** "Pour the custard over", of eggs and milk that are listed: what they make; "serve with custard" is bought. */
    private boolean isCustardMadeHere(String name, String before) {
        return Words.key(name).equals("custard")
                && THE.matcher(before).find()
                && !FoodVerbs.isServed(before)
                && !writtenWords.contains("custard")
                && roles.contains("egg")
                && (roles.contains("milk") || roles.contains("cream"));
    }

    /** "Until it is something like single cream": the name of a look, not of a thing that goes in. */
    private static @Nullable String likeness(String before) {
        return LIKENESS.matcher(before).find()
                ? Messages.say("swap.the-like")
                : SCENT.matcher(before).find() ? Messages.say("swap.something-good") : null;
    }

    private String replaced(int step, String name, Ingredient food, Judgement judgement, @Nullable String likeness) {
        String why = String.join(", ", judgement.offends());
        if (likeness != null && food.role().equals("crumbs")) {
            return Messages.say("swap.crumbs");
        }
        if (likeness != null) {
            return fitting(food).map(i -> cased(i.name(), name)).orElse(likeness);
        }
        Optional<Swap> swapped = swaps.stream()
                .filter(s -> !s.becomes().isEmpty() && isOf(s, food))
                .findFirst();
        if (swapped.isPresent()) {
            return cased(book.called(swapped.get()), name);
        }
        if (swaps.stream().anyMatch(s -> s.rule().equals(Swap.OPEN) && isOf(s, food))) {
            return TO_CHOOSE;
        }
        Optional<String> made = madeOfSwapped(name);
        if (made.isPresent()) {
            return cased(made.get(), name);
        }
        Optional<ConvertedLine> kept = kept(food, name);
        if (kept.isPresent()) {
            return cased(kept.get().item(), name);
        }
        if (isMadeHere(food)) {
            return cased(neutral(food, name), name);
        }
        Optional<Ingredient> fits = fitting(food);
        fits.ifPresentOrElse(
                i -> foods.add(new MethodFood(
                        step, name, i.id(), i.name(), why, needs.judge(i).labelAdvice(i.name()))),
                () -> foods.add(new MethodFood(step, name, food.id(), null, why, null)));
        return fits.map(i -> cased(i.name(), name)).orElse(LEFT_OUT);
    }

    /** "The cashew ricotta" of cashews that are swapped: what is made of the other thing. */
    private Optional<String> madeOfSwapped(String name) {
        List<String> keys = Words.of(name).stream().map(Words.Word::key).toList();
        return swaps.stream()
                .filter(s -> !s.becomes().isEmpty() && keys.size() > 1)
                .filter(s -> Words.of(s.was()).stream()
                        .anyMatch(w -> keys.subList(0, keys.size() - 1).contains(w.key())))
                .map(s -> Messages.say("swap.mixture", book.called(s)))
                .findFirst();
    }

    /** "The cream" of a recipe that makes a cashew cream: what goes into it is judged line by line; "serve with cream" is bought. */
    private boolean isPot(String name, Ingredient food, String before) {
        boolean shaped = Words.key(name).equals(SHAPED) && pots.contains(SHAPED);
        return shaped
                || !roles.contains(food.role())
                        && (THE.matcher(before).find() || !FoodVerbs.isServed(before))
                        && Words.of(name).stream().map(Words.Word::key).allMatch(pots::contains);
    }

    /** A general word for something the recipe lists: "the oil", "tortillas". */
    private boolean speaksOfALine(String name, Ingredient food) {
        return roles.contains(food.role())
                || isKindOfALine(name)
                || Words.of(name).stream().allMatch(w -> writtenWords.contains(w.key()));
    }

    /** "The cheese" where the recipe lists pecorino, a hard cheese. */
    private boolean isKindOfALine(String name) {
        String kind = "-" + Words.key(name);
        return roles.stream().anyMatch(role -> role.endsWith(kind));
    }

    /** What the recipe has of this kind, where a general word means it: "the cheese" of a dish made with plant-based cheese. */
    private Optional<ConvertedLine> kept(Ingredient food, String name) {
        return lines.stream()
                .filter(l -> l.ingredient() != null
                        && (l.ingredient().role().equals(food.role())
                                || Subjects.generalWords(l.ingredient().role()).contains(Words.key(name))
                                        && standings.judge(l.ingredient()).fits()))
                .findFirst();
    }

    private boolean isInDish(Ingredient food) {
        return writtenIn.fitting.contains(food.id());
    }

    private boolean isOf(Swap swap, Ingredient food) {
        return swap.source() < written.size()
                && written.get(swap.source()) != null
                && written.get(swap.source()).role().equals(food.role());
    }

    /** The recipe brings no line of this kind, so the name is that of something it makes. */
    private boolean isMadeHere(Ingredient food) {
        return !roles.contains(food.role())
                && (MADE_ROLES.contains(food.role()) || food.make().kind().equals("wrap") && roles.contains("flour"));
    }

    private static String neutral(Ingredient food, String name) {
        return switch (food.role()) {
            case "white-sauce-bought", "tomato-sauce", "gravy", "gravy-ready", "pesto" -> "sauce";
            case "pastry", "lid-dough" -> "dough";
            case "wrap" -> name;
            case "crumbs" -> name.toLowerCase(Locale.ROOT).contains("crumb") ? "crumbs" : "topping";
            case "soup-tin" -> "soup";
            case "sausage", "mock-meat" -> "pieces";
            default -> food.role();
        };
    }

    /** The product that a claim of the needs makes of it, where that fits them all. */
    private Optional<Ingredient> fitting(Ingredient food) {
        List<Need> order = needs.needs().stream()
                .sorted(Comparator.comparing(Need::ordinal))
                .toList();
        return order.stream()
                .flatMap(need -> standIns.of(need.id(), food).stream())
                .filter(i -> needs.judge(i).fits())
                .findFirst();
    }

    private String worked(String text) {
        return WORKED.matcher(text).replaceAll(m -> switch (m.group(2).toLowerCase(Locale.ROOT)) {
            case "buttered" ->
                offends("butter") ? cased(m.group(1) == null ? "oiled" : "an oiled", m.group()) : m.group();
            case "floured" ->
                offends("plain-flour") ? cased(m.group(1) == null ? "dusted" : "a dusted", m.group()) : m.group();
            default -> m.group();
        });
    }

    private boolean offends(String id) {
        return !standings.judge(larder.get(id)).fits();
    }

    private static String tidy(String text) {
        String spaced = text.contains("  ") ? SPACES.matcher(text).replaceAll(" ") : text;
        return SPACE_BEFORE_MARK.matcher(spaced).replaceAll("$1");
    }

    private static String cased(String words, String like) {
        return Character.isUpperCase(like.charAt(0))
                ? words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1)
                : words;
    }
}
