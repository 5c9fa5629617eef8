package nabe.reading;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.larder.Words;
import nabe.measure.Unit;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Verb.Effect;
import nabe.reading.text.UnitWords;
import nabe.recipe.Line;
import nabe.recipe.Procedure.DoubtCode;
import org.jspecify.annotations.Nullable;

/** What a clause says of the text itself: which part comes next, how much there is of a thing, what nobody knows. */
final class Topics {
    private static final Set<String> DONE_WHEN = Set.of("when", "once");
    private static final Set<String> IS = Set.of("is", "are", "has", "have");
    private static final int LONGEST_DONE = 6;

    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Naming naming;
    private final List<Clause> clauses;
    private final KitchenWords words = KitchenWords.shared();

    Topics(Scene scene, List<Clause> clauses) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.naming = scene.naming;
        this.clauses = clauses;
    }

    void noteCold(Clause clause) {
        boolean dishCold = scene.stage == Scene.Stage.BUILDING
                && !dish.all.isEmpty()
                && clause.tokens().stream()
                        .takeWhile(t -> !t.is("or"))
                        .anyMatch(t -> Set.of("refrigerate", "chill", "fridge", "refrigerator", "overnight")
                                .contains(t.key()));
        scene.chilled |= dishCold || clause.does(Effect.BAKE) && clause.says("fridge", "refrigerator");
        scene.frozen |= clause.does(Effect.BAKE) && clause.says("frozen", "freezer");
    }

    /** A thing a clause wants to use and nobody knows. */
    void noteUnknown(Clause clause, List<Named> nouns) {
        boolean acts = clause.does(Effect.JOIN, Effect.MIX, Effect.PLACE, Effect.INSIDE);
        boolean anything = nouns.stream().anyMatch(n -> !n.is(Kind.UNKNOWN));
        boolean titles = clause.makes();
        if (!acts || anything || titles) {
            return;
        }
        nouns.stream()
                .filter(n -> n.slot().lead() == Lead.NONE || n.slot().lead() == Lead.WITH)
                .filter(n -> n.slot().tokens().getFirst().is("the")
                        && !words.any(n.slot().tokens(), Use.SCENERY))
                .findFirst()
                .ifPresent(n ->
                        kitchen.doubt(DoubtCode.WORD_NOT_KNOWN, clause.sentence(), clause.words(), text(n.slot()), 0));
    }

    private static String text(Slot slot) {
        return slot.tokens().stream().map(Token::text).collect(Collectors.joining(" "));
    }

    /** "When the pasta is done drain it": what is done is what "it" means. */
    void takeUpDone(Clause clause) {
        List<Token> said = clause.tokens();
        int is = said.isEmpty() || !DONE_WHEN.contains(said.getFirst().key())
                ? -1
                : IntStream.range(1, Math.min(said.size(), LONGEST_DONE))
                        .filter(i -> IS.contains(said.get(i).key()) || isContracted(said.get(i)))
                        .findFirst()
                        .orElse(-1);
        boolean pronoun = clause.verb() != null
                && clause.slots().stream().anyMatch(s -> s.lead() == Lead.NONE && words.any(s.tokens(), Use.PRONOUN));
        int to = is < 0 || isContracted(said.get(is)) ? is + 1 : is;
        if (is < 0 || !pronoun || to < 2) {
            return;
        }
        Pot pot = naming.resolve(new Slot(Lead.NONE, false, false, false, said.subList(1, to), 1, to))
                .pot();
        if (pot != null && !dish.holds(pot) && pot.given < 0.01) {
            kitchen.current = pot;
            kitchen.focusOn(pot);
        }
    }

    private static boolean isContracted(Token token) {
        return token.text().endsWith("'s") || token.text().endsWith("’s");
    }

    /** "It makes about 6 cups." */
    boolean notesVolume(Clause clause) {
        List<Token> t = clause.tokens();
        boolean works = clause.does(Effect.HEAT, Effect.START, Effect.JOIN, Effect.PREP, Effect.PLACE, Effect.GREASE);
        boolean tells =
                !works && clause.says("make", "have", "get", "give", "yield", "about") && clause.says(Use.SUBJECT);
        for (int k = 0; tells && k + 1 < t.size(); k++) {
            Unit unit = t.get(k).isNumber() && t.get(k + 1).isWord()
                    ? UnitWords.ofWord(t.get(k + 1).text())
                    : null;
            if (unit != null && unit.isFixed() && unit.kind() == Unit.Kind.VOLUME && kitchen.current != null) {
                kitchen.current.millilitres =
                        unit.factor() * (t.get(k).low() + t.get(k).high()) / 2;
                return true;
            }
        }
        return false;
    }

    /** "White." before its sentences, "Filling:", "For the filling,", "Start with the batter.", "Build." */
    boolean isTopic(Clause clause, int i) {
        if (scene.stage == Scene.Stage.BUILDING && BuildSigns.makesLayer(clause)) {
            return false;
        }
        String topic = topic(clause, i);
        if (topic == null || topic.isBlank()) {
            return topic != null;
        }
        List<Token> said = nabe.reading.grammar.Tokens.of(topic);
        boolean phase = said.stream().anyMatch(t -> words.is(t, Use.TOPIC) && !words.is(t, Use.GENERIC));
        if (said.stream()
                .anyMatch(t -> Set.of("build", "assemble", "assembly", "layer", "layering", "building")
                        .contains(t.key()))) {
            scene.stage = scene.stage == Scene.Stage.COOKING ? Scene.Stage.BUILDING : scene.stage;
            scene.dishMeant = true;
        }
        if (!phase || said.stream().anyMatch(t -> words.is(t, Use.GENERIC))) {
            kitchen.topic = topic;
        }
        if (clause.words().endsWith(":")) {
            takeUp(clause, i);
        }
        return endsTopic(clause);
    }

    /** "Roast sweet potatoes: toss with oil, ...": what the heading names is what the next clause speaks of. */
    private void takeUp(Clause heading, int i) {
        List<Integer> named = heading.slots().stream()
                .map(naming::resolve)
                .filter(n -> n.is(Kind.LINES))
                .flatMap(n -> n.lines().stream())
                .toList();
        boolean subject = i + 1 < clauses.size()
                && clauses.get(i + 1).verb() != null
                && clauses.get(i + 1).slots().stream()
                        .filter(s -> s.lead() == Slot.Lead.NONE)
                        .map(naming::resolve)
                        .allMatch(n -> n.is(Kind.PRONOUN) || !n.isFood());
        boolean asked = named.size() == 1 || named.size() > 1 && heading.verb() != null;
        if (subject && asked && named.stream().allMatch(l -> kitchen.left[l] > 0.99)) {
            kitchen.topic = null;
            scene.stove.takeUp(named);
        }
    }

    private boolean endsTopic(Clause clause) {
        return !clause.tokens().getFirst().is("for") || clause.verb() == null;
    }

    private @Nullable String topic(Clause clause, int i) {
        List<Token> t = clause.tokens();
        if (clause.does(
                        Effect.COVER,
                        Effect.UNCOVER,
                        Effect.BAKE,
                        Effect.GRILL,
                        Effect.SERVE,
                        Effect.REPEAT,
                        Effect.REST)
                && clause.verb() != null
                && !clause.words().endsWith(":")) {
            return null;
        }
        if (t.getFirst().is("for")
                && t.size() > 2
                && t.get(1).isWord()
                && !t.get(1).isNumber()) {
            return forThe(t, clause.verb() == null);
        }
        boolean place = clause.says("heat", "oven")
                || clause.says(Use.SAME)
                || t.stream().anyMatch(w -> words.isAny(w, Use.POT, Use.BOWL, Use.TRAY));
        if (clause.words().endsWith(":") && place && clause.verb() == null) {
            return "";
        }
        boolean whole = clause.opensSentence()
                && (i + 1 >= clauses.size()
                        || clauses.get(i + 1).sentence() != clause.sentence()
                        || clause.words().endsWith(":"));
        long count = t.stream().filter(Token::isWord).count();
        boolean figures = t.stream().anyMatch(Token::isNumber);
        if (!whole || figures || clause.says(Use.LID)) {
            return null;
        }
        boolean colon = clause.words().endsWith(":") && count <= 6 && !isTimedBehind(clause, i);
        if (colon) {
            return plain(t);
        }
        boolean nothing = clause.slots().stream()
                .allMatch(s -> naming.resolve(s).is(Kind.UNKNOWN) || words.any(s.tokens(), Use.GENERIC));
        boolean alone = clause.verb() == null && count <= 2 && clause.opensStep();
        boolean begins = clause.verb() == null && count <= 4 && clause.says("first") && clause.opensStep();
        boolean starts = (clause.makes() || Set.of("start", "begin").contains(clause.base()))
                && (nothing || isHeadingsWord(clause))
                && !clause.slots().isEmpty()
                && count <= 6;
        if (clause.verb() == null && clause.opensStep()) {
            for (Slot s : clause.slots()) {
                Token made = s.tokens().getLast();
                if (naming.resolve(s).is(Kind.UNKNOWN) && FoodClasses.shared().isMade(made.key())) {
                    return made.text();
                }
            }
        }
        return alone && (nothing || clause.opensStep() && !clause.says("in")) || begins || starts ? plain(t) : null;
    }

    /** "Hard-boil the eggs: 10 minutes": how long stands behind the colon. */
    private boolean isTimedBehind(Clause clause, int i) {
        Clause next = i + 1 < clauses.size() ? clauses.get(i + 1) : null;
        return clause.does(Effect.START, Effect.HEAT)
                && clause.slots().stream().map(naming::resolve).anyMatch(n -> n.is(Named.Kind.LINES))
                && next != null
                && next.verb() == null
                && next.tokens().getFirst().isNumber()
                && !next.durations().isEmpty()
                && next.slots().stream().map(naming::resolve).noneMatch(Named::isFood);
    }

    /** "Start with the meat", where lines stand under "Meat". */
    private boolean isHeadingsWord(Clause clause) {
        String named = clause.slots().isEmpty()
                ? ""
                : clause.slots().getFirst().tokens().getLast().key();
        return clause.slots().size() == 1
                && kitchen.lines.stream()
                        .map(Line::heading)
                        .filter(Objects::nonNull)
                        .flatMap(h -> Words.of(h).stream())
                        .anyMatch(w -> w.key().equals(named));
    }

    private static @Nullable String forThe(List<Token> t, boolean alone) {
        StringBuilder words = new StringBuilder();
        for (int k = 1; k < t.size(); k++) {
            if (t.get(k).isMark()) {
                return words.toString().strip();
            }
            if (t.get(k).isNumber() || k > 5) {
                return null;
            }
            words.append(t.get(k).text()).append(' ');
        }
        return alone ? words.toString().strip() : null;
    }

    private String plain(List<Token> t) {
        StringBuilder text = new StringBuilder();
        t.stream()
                .filter(w -> w.isWord()
                        && !words.isAny(w, Use.MEANWHILE, Use.ADVERB)
                        && !Set.of(
                                        "the", "a", "to", "for", "first", "make", "start", "with", "begin", "prepare",
                                        "now", "next", "then", "and")
                                .contains(w.key()))
                .forEach(w -> text.append(w.text()).append(' '));
        return text.toString().strip();
    }
}
