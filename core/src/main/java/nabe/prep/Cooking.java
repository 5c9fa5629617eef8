package nabe.prep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.prep.StoveBook.Left;
import nabe.prep.StoveBook.Work;
import nabe.swap.ConvertedLine;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import org.jspecify.annotations.Nullable;

/** Carries out the steps of a procedure pot by pot and weighs what is in each: what softens, browns, drinks, boils away. */
final class Cooking {
    private static final double BOILS_AWAY = Figures.of("prep.boils-away");

    private static final double HALF_COVERED = Figures.of("prep.half-covered");
    private static final double COVERED = Figures.of("prep.covered");
    private static final double LEAST_LEFT = Figures.of("prep.least-left");

    private static final Pattern IN_SKINS = Pattern.compile(
            "\\bin (?:their|its|the) (?:skins?|jackets?)\\b|\\bunpeeled\\b|\\bpotatoes whole\\b|\\bwhole potatoes\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Set<String> STIRS = Set.of("stir", "whisk");
    private static final double LEAST_STIRRED = Figures.of("prep.least-stirred");
    private static final double BOILED_WHOLE = Figures.of("prep.boiled-whole");
    private static final double NIGHT = Figures.of("reading.overnight");
    private static final double UNDER_WATER = Figures.of("prep.cools-in-water");

    private static final Pattern IN_WATER =
            Pattern.compile("\\b(?:tap|(?:cold|iced?|running) water|ice bath)\\b", Pattern.CASE_INSENSITIVE);
    private static final double CRUMB = 1e-6;
    /** Works that touch only what the step itself puts in. */
    private static final Set<String> BY_ITSELF = Set.of("squeeze", "drain", "soak", "cut");

    private static final Set<String> TOMATOES = Set.of("tomato", "tomato-sauce");
    private static final Set<String> FATS = Set.of("oil", "butter", "animal-fat");
    private static final Set<String> BOILED = Set.of(
            "short-pasta", "noodles", "sheets", "fresh-sheets", "tubes", "shells", "pulse", "grain", "slice-root");
    private static final Pattern HALF = Pattern.compile(
            "\\bhalf[- ](?:covered|on|lidded)|\\b(?:lid|cover) (?:half|ajar|askew|partly|tilted)|\\bpart(?:ly|ially)?[- ]covered",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern COVERS =
            Pattern.compile("\\b(?<!un)(?:lid on|covered|cover|put (?:a|the) lid)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern SHORT = Pattern.compile(
            "\\bhalf (?:the|its|their|of the) (?:time|packet|usual)|\\bshort of (?:the|its|their)|\\bless than (?:the )?pack",
            Pattern.CASE_INSENSITIVE);

    private final PlannedProcedure procedure;
    private final StoveBook book;
    private final Predicate<ConvertedLine> done;
    private final Map<ConvertedLine, Double> before;
    private final Map<String, List<Content>> pots = new HashMap<>();
    private final Map<PlannedProcedure.Work, Stage> stages = new IdentityHashMap<>();

    /**
     * What a step did.
     *
     * @param work null where the verb takes no time of its own
     * @param minutes it takes, by the text or as usual
     * @param before grams in the pot, {@code added} to it by this step, {@code after} when it is done
     * @param sign what the food's own row says of when it is done, or null
     */
    record Stage(
            @Nullable Work work,
            double minutes,
            double before,
            double added,
            double after,
            @Nullable String sign,
            List<Content> worked) {}

    /**
     * @param done lines that come cooked: they neither lose nor drink
     * @param before what Nabe's own work has left of a line's weight before it goes into its pot
     */
    Cooking(
            PlannedProcedure procedure,
            StoveBook book,
            Predicate<ConvertedLine> done,
            Map<ConvertedLine, Double> before) {
        this.before = before;
        this.procedure = procedure;
        this.book = book;
        this.done = done;
        procedure.components().forEach(p -> cooked(p.id()));
    }

    Stage stage(PlannedProcedure.Work work) {
        return Objects.requireNonNull(stages.get(work));
    }

    /** @return grams of each line as it enters the dish, out of whichever pot it comes */
    Map<ConvertedLine, Double> ready() {
        Map<ConvertedLine, Double> ready = new IdentityHashMap<>();
        for (Pot pot : procedure.components()) {
            double stays = 1 - passedOn(pot.id());
            if (stays > CRUMB) {
                pots.getOrDefault(pot.id(), List.of()).forEach(c -> ready.merge(c.line, c.now * stays, Double::sum));
            }
        }
        return ready;
    }

    private double passedOn(String pot) {
        return Math.min(
                1,
                procedure.components().stream()
                        .flatMap(p -> p.of().stream())
                        .filter(c -> c.line() == null && pot.equals(c.component()))
                        .mapToDouble(Constituent::share)
                        .sum());
    }

    private List<Content> cooked(String id) {
        List<Content> known = pots.get(id);
        if (known != null) {
            return known;
        }
        List<Content> in = new ArrayList<>();
        pots.put(id, in);
        procedure.components().stream()
                .filter(p -> p.id().equals(id) && p.made() == null)
                .findFirst()
                .ifPresent(p -> cook(p, in));
        return in;
    }

    /** Lines that no step puts in lie there from the start; other pots that none does join with its last sentence. */
    private void cook(Pot pot, List<Content> in) {
        pot.of().stream().filter(c -> c.line() != null).forEach(c -> in.addAll(contents(c, 1 - used(pot, c))));
        int last = pot.steps().isEmpty() ? -1 : pot.steps().getLast().sentence();
        boolean joined = false;
        for (PlannedProcedure.Work step : pot.steps()) {
            if (!joined && step.sentence() == last) {
                join(pot, in);
                joined = true;
            }
            String said = pot.steps().stream()
                    .filter(s -> s.sentence() == step.sentence())
                    .map(PlannedProcedure.Work::words)
                    .collect(Collectors.joining(" "));
            stages.put(step, stage(step, said, in));
        }
        if (!joined) {
            join(pot, in);
        }
    }

    private void join(Pot pot, List<Content> in) {
        pot.of().stream().filter(c -> c.line() == null).forEach(c -> in.addAll(contents(c, 1 - used(pot, c))));
    }

    /** How much of a constituent the pot's steps put in themselves, 0 to 1. */
    private static double used(Pot pot, Constituent of) {
        double used = pot.steps().stream()
                .flatMap(s -> s.uses().stream())
                .filter(u ->
                        u.line() == of.line() && (of.line() != null || Objects.equals(of.component(), u.component())))
                .mapToDouble(u -> of.line() == null ? share(u) / Math.max(CRUMB, share(of)) : u.ofLine())
                .sum();
        return Math.min(1, used);
    }

    private static double share(Constituent of) {
        return Objects.requireNonNullElse(of.share(), 0.0);
    }

    private List<Content> contents(Constituent of, double share) {
        if (share < CRUMB) {
            return List.of();
        }
        if (of.line() != null) {
            double grams = of.line().gramsOrZero() * of.ofLine() * share;
            return List.of(new Content(of.line(), grams, grams * before.getOrDefault(of.line(), 1.0)));
        }
        return of.component() == null
                ? List.of()
                : cooked(of.component()).stream()
                        .map(c -> c.part(share(of) * share))
                        .toList();
    }

    private Stage stage(PlannedProcedure.Work step, String said, List<Content> in) {
        double before = grams(in);
        List<Content> put = new ArrayList<>();
        step.uses().forEach(u -> put.addAll(contents(u, 1)));
        in.addAll(put);
        double added = grams(put);
        Work work = workOf(step, in);
        if (work == null && LiquidSign.isSaid(step.words())) {
            boilAway(in, 0, 1, step.words());
        }
        if (work == null) {
            return new Stage(null, minutes(step, 1), before, added, grams(in), null, put);
        }
        boolean byItself = work.name().equals("squeeze")
                || work.name().equals("soak")
                || work.name().equals("cut");
        List<Content> worked = byItself && !put.isEmpty() ? put : in;
        boolean some = put.isEmpty() && in.size() > 1 && work.name().equals("cut");
        boolean whole =
                work.name().equals("boil") && IN_SKINS.matcher(step.words()).find();
        double usual = whole ? BOILED_WHOLE : work.minutes();
        double minutes = minutes(step, usual + (some ? 0 : work.perHundred() * grams(put.isEmpty() ? in : put) / 100));
        Content signed = null;
        for (Content content : worked) {
            Left left = leaves(work, content);
            if (left != null) {
                boolean changes = Math.abs(content.wanted(left.share()) - content.now) > 0.01 * content.now;
                drink(content, content.wanted(left.share()), in);
                signed = changes && (signed == null || content.raw > signed.raw) ? content : signed;
            }
        }
        if (work.evaporates() || LiquidSign.isSaid(step.words())) {
            boilAway(in, minutes, open(said), step.words());
        }
        Left leftSign = signed == null ? null : leaves(work, signed);
        String sign = leftSign == null ? null : leftSign.sign();
        return new Stage(work, minutes, before, added, grams(in), sign, put.isEmpty() ? List.copyOf(in) : put);
    }

    private static double minutes(PlannedProcedure.Work step, double usual) {
        if (step.minutes() != null) {
            return (step.minutes().min() + step.minutes().max()) / 2;
        }
        boolean inWater =
                step.action().equals("cool") && IN_WATER.matcher(step.words()).find();
        return step.words().toLowerCase(Locale.ROOT).contains("overnight") ? NIGHT : inWater ? UNDER_WATER : usual;
    }

    /** Pasta, grains and potatoes are boiled where the text says "cook", but not in the fat they fry in; half their time is a parboil. */
    private @Nullable Work workOf(PlannedProcedure.Work step, List<Content> in) {
        Work work = book.work(step.action());
        boolean fries = in.stream().anyMatch(Cooking::isFat) && in.stream().noneMatch(Cooking::isLiquid);
        boolean boils = step.action().equals("cook")
                && !fries
                && in.stream()
                        .map(Content::ingredient)
                        .filter(Objects::nonNull)
                        .anyMatch(i -> i.roles().stream().anyMatch(BOILED::contains));
        if (boils || stirsGrain(step, in) || work != null && work.name().equals("boil")) {
            return book.named(SHORT.matcher(step.words()).find() ? "parboil" : "boil");
        }
        return work;
    }

    /** "Bring the water to the boil, rain in the polenta and stir for 40 minutes": that cooks it. */
    private static boolean stirsGrain(PlannedProcedure.Work step, List<Content> in) {
        return STIRS.contains(step.action())
                && step.minutes() != null
                && step.minutes().max() >= LEAST_STIRRED
                && in.stream().anyMatch(Cooking::isLiquid)
                && in.stream()
                        .map(Content::ingredient)
                        .anyMatch(i -> i != null && i.role().equals("grain"));
    }

    private @Nullable Left leaves(Work work, Content content) {
        Ingredient ingredient = content.ingredient();
        return ingredient == null || content.raw <= 0 || done.test(content.line) ? null : book.left(work, ingredient);
    }

    /** What a thing takes up comes out of the pot's own liquid where there is enough, else out of the cooking water. */
    private static void drink(Content content, double wanted, List<Content> in) {
        double more = wanted - content.now;
        double liquid =
                in.stream().filter(Cooking::isLiquid).mapToDouble(c -> c.now).sum();
        if (more > 0 && liquid > more) {
            double left = 1 - more / liquid;
            in.stream().filter(Cooking::isLiquid).forEach(c -> c.now *= left);
        }
        content.now = wanted;
    }

    /** By the time it takes; where the words say how far, by them. */
    private static void boilAway(List<Content> in, double minutes, double open, String words) {
        Double ofAll = LiquidSign.leftOfAll(words);
        Double ofNow = LiquidSign.leftOfNow(words);
        double left = ofNow == null ? Math.exp(-BOILS_AWAY * open * minutes) : ofNow;
        for (Content c : in) {
            if (ofAll != null && isPoured(c)) {
                c.now = Math.min(c.now, ofAll * c.raw);
            } else if (isLiquid(c)) {
                c.now = Math.min(c.now, Math.max(ofNow == null ? LEAST_LEFT * c.raw : 0, c.now * left));
            }
        }
    }

    /** @param said the whole sentence: "lid half on, lowest heat, and simmer" */
    private static double open(String said) {
        return HALF.matcher(said).find() ? HALF_COVERED : COVERS.matcher(said).find() ? COVERED : 1;
    }

    private static boolean isFat(Content content) {
        Ingredient ingredient = content.ingredient();
        return ingredient != null && FATS.contains(ingredient.role());
    }

    private static boolean isPoured(Content content) {
        Ingredient ingredient = content.ingredient();
        return ingredient != null && ingredient.isLiquid();
    }

    private static boolean isLiquid(Content content) {
        Ingredient ingredient = content.ingredient();
        return isPoured(content) || ingredient != null && TOMATOES.contains(ingredient.role());
    }

    static double grams(List<Content> contents) {
        return contents.stream().mapToDouble(c -> c.now).sum();
    }
}
