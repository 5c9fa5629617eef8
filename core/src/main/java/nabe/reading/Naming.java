package nabe.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import nabe.larder.Figures;
import nabe.reading.GroupNames.Group;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot;
import nabe.reading.grammar.Token;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb;
import org.jspecify.annotations.Nullable;

/** Resolves a noun: lines by their words or class, pots by their names or what is in them, vessels, "it". */
final class Naming {
    private static final double ENOUGH = 1.0;
    /** What things are blended, mashed or kneaded to. */
    static final Set<String> BECOMES = Set.of("puree", "paste", "mash", "dough", "cream", "crumb", "custard");

    /** "The porcini liquor", "the pasta water", "the chicory juices": what they lay in, not they. */
    private static final String[] LIQUORS = {"liquor", "liquid", "water", "brine"};

    /** "In olive oil": some more of it, not the pot that has it. */
    private static final String[] FATS = {"oil", "butter", "fat", "lard", "dripping", "ghee"};

    private static final Set<String> SCATTERED =
            Set.of("melting-cheese", "hard-cheese", "crumbly-cheese", "crumbs", "nut", "seed");
    private static final Pattern HALVED = Pattern.compile("\\bhalve[ds]\\b|\\bin half\\b", Pattern.CASE_INSENSITIVE);
    private static final Set<String> PIECES = Set.of("leaf", "sprig", "clove", "stalk", "floret", "bulb", "bunch");
    private static final Set<String> HOW = Set.of("together", "gradually", "slowly", "gently", "evenly");
    private static final Set<String> SLICED = Set.of("slice-root", "slice-vegetable", "bread");
    private static final Pattern PLUS_EXTRA = Pattern.compile(
            "(?:\\+|\\bplus|\\band) (?:(?:a (?:little|bit) |some )?(?:extra|more)\\b|(?:a (?:little|bit|handful)|some) for\\b)",
            Pattern.CASE_INSENSITIVE);

    private final Kitchen kitchen;
    private final KitchenWords words = KitchenWords.shared();
    private final NameWords known;
    private final LineNames lineNames;
    /** "White and green parts separated". */
    private static final Pattern GREENS =
            Pattern.compile("\\bgreens?\\b.{0,20}\\b(?:parts?|separate\\w*|apart|ends?)\\b", Pattern.CASE_INSENSITIVE);

    private static final double WHITES = Figures.of("reading.whites-of-onion");

    private final PotNames potNames;
    private final GroupNames groupNames;
    private final HeadingNames headings;
    private final NounsTogether together;

    private record Choice(
            double score, List<Integer> lines, @Nullable Pot pot, int head) {}

    Naming(Kitchen kitchen) {
        this.kitchen = kitchen;
        this.known = new NameWords(kitchen);
        this.lineNames = new LineNames(kitchen, known);
        this.potNames = new PotNames(kitchen, known);
        this.groupNames = new GroupNames(kitchen, known, lineNames);
        this.headings = new HeadingNames(kitchen);
        this.together = new NounsTogether(kitchen, known, lineNames, groupNames);
    }

    /** What nouns mean beside the others of their clause. */
    NounsTogether together() {
        return together;
    }

    /** "The leek sauce": a pot nobody named before is called as the cook calls it. */
    void entitle(Named noun) {
        Pot pot = noun.is(Kind.POT) ? noun.pot() : null;
        if (pot == null || !pot.worked || pot.title != null || pot.heading != null) {
            return;
        }
        String made = potNames.madeName(noun.slot().tokens(), pot);
        pot.title = made == null && pot.names.isEmpty()
                ? potNames.titled(noun.slot().tokens(), pot)
                : made;
    }

    /** "The milk a little at a time" is the milk, "the rest for a lid" the rest, "the dry ingredients together" the ingredients. */
    private List<Token> withoutPurpose(List<Token> said) {
        List<Token> tokens =
                said.size() > 1 && HOW.contains(said.getLast().key()) ? said.subList(0, said.size() - 1) : said;
        for (int i = 1; i < tokens.size(); i++) {
            if (tokens.get(i).is("for") && words.any(tokens.subList(i, tokens.size()), Use.LID)) {
                return tokens.subList(0, i);
            }
        }
        return tokens;
    }

    Named resolve(Slot slot) {
        List<Token> tokens = withoutPurpose(known.inFull(slot.tokens()));
        boolean each = words.any(tokens, Use.EACH);
        Token last = tokens.getLast();
        boolean towel = Tokens.has(tokens, "kitchen", "absorbent");
        boolean lid = words.any(tokens, Use.LID) && !towel && !words.isAny(last, Use.DISH);
        Pot crust = lid ? potNames.rolledOut(tokens) : null;
        if (crust != null) {
            return new Named(Kind.POT, List.of(), crust, Portion.UNSAID, each, slot);
        }
        if (lid && Tokens.has(tokens, "foil") && Tokens.has(List.of(last), "pan", "tray", "container")) {
            return new Named(Kind.DISH, List.of(), null, Portion.UNSAID, each, slot);
        }
        if (lid) {
            return new Named(Kind.LID, List.of(), null, Portion.UNSAID, each, slot);
        }
        Pot half = potNames.half(tokens);
        if (half != null) {
            return new Named(Kind.POT, List.of(), half, Portion.UNSAID, each, slot);
        }
        List<Integer> counted = headings.counted(tokens);
        List<Integer> group = counted.isEmpty() ? headings.ofGroup(tokens) : counted;
        if (!group.isEmpty()) {
            return new Named(Kind.LINES, group, null, Portion.UNSAID, each, slot);
        }
        List<Integer> others = headings.remaining(slot);
        if (!others.isEmpty()) {
            return new Named(Kind.LINES, others, null, Portion.UNSAID, each, slot);
        }
        boolean becomes = slot.lead() == Slot.Lead.INTO
                && (Tokens.has(List.of(last), "boil", "simmer", "bubble")
                        || isMadeOfIt(tokens)
                        || words.is(last, Use.SHAPE)
                                && tokens.stream().noneMatch(t -> t.is("the") || words.is(t, Use.EACH)));
        if (becomes) {
            return new Named(Kind.UNKNOWN, List.of(), null, Portion.UNSAID, each, slot);
        }
        List<Integer> headed = headings.headed(tokens);
        if (!headed.isEmpty()) {
            return new Named(Kind.LINES, headed, null, Portion.UNSAID, each, slot);
        }
        Pot cut = cutByHand(tokens);
        if (cut != null) {
            return new Named(Kind.POT, List.of(), cut, Portion.read(tokens, List.of(), words), each, slot);
        }
        Choice best = best(tokens, isPlace(slot));
        if (best != null && (isGround(tokens, best) || isSaltOfTheShelf(tokens, best))) {
            return new Named(Kind.UNKNOWN, List.of(), null, Portion.UNSAID, each, slot);
        }
        boolean liquor = best != null
                && (Tokens.has(List.of(last), LIQUORS) || last.text().equalsIgnoreCase("juices"))
                && (best.head < tokens.size() - 1 || last.is("brine"));
        if (liquor) {
            return new Named(Kind.UNKNOWN, List.of(), null, Portion.UNSAID, each, slot);
        }
        Kind vessel = Vessels.in(tokens);
        boolean food = best != null && best.score >= 2 && best.head == tokens.size() - 1;
        if (vessel != null && (!food || Vessels.isBakingSheet(tokens))) {
            return new Named(vessel, List.of(), null, Portion.read(tokens, List.of(), words), each, slot);
        }
        if (best == null) {
            return leavesOrUnknown(tokens, slot, each);
        }
        Portion portion =
                Portion.read(tokens.subList(0, best.head), tokens.subList(best.head + 1, tokens.size()), words);
        if (best.lines.size() == 1 && isWhitePart(tokens, best.lines.getFirst())) {
            portion = new Portion(Portion.Kind.FRACTION, WHITES, null);
        }
        Portion worked = best.lines.size() == 1 && !portion.isSaid()
                ? WorkedPart.of(tokens, kitchen.lines.get(best.lines.getFirst()), words)
                : null;
        portion = worked == null ? portion : worked;
        if (each && portion.is(Portion.Kind.FILM)) {
            portion = new Portion(Portion.Kind.EACH, 1, null);
        }
        if (portion.is(Portion.Kind.FRACTION) && isHandfulOfAll(tokens, best)) {
            portion = Portion.UNSAID;
        }
        if (!portion.isSaid() && isPinchOfMore(tokens, best)) {
            portion = new Portion(Portion.Kind.FILM, Portion.FILM_SHARE, null);
        }
        if (!portion.isSaid() && isExtra(tokens, best)) {
            double extra =
                    Portion.extra(kitchen.lines.get(best.lines.getFirst()).text());
            portion = new Portion(Portion.Kind.FRACTION, extra > 0 ? extra : Portion.HANDFUL, null);
        }
        return best.pot != null
                ? new Named(Kind.POT, best.lines, best.pot, portion, each, slot)
                : new Named(Kind.LINES, best.lines, null, portion, each, slot);
    }

    /** "Blitz to a smooth purée", "work into a soft dough": what comes of it, not where it goes. */
    private boolean isMadeOfIt(List<Token> tokens) {
        return Tokens.has(tokens.subList(0, 1), "a", "an")
                && BECOMES.contains(tokens.getLast().key())
                && !words.isAny(tokens.getLast(), Use.DISH, Use.POT, Use.BOWL, Use.TRAY);
    }

    /** "The white parts of the onions", of which the green parts come later. */
    private boolean isWhitePart(List<Token> tokens, int line) {
        return Tokens.has(tokens, "white", "whites")
                && Tokens.has(tokens, "part", "bit", "end", "white")
                && kitchen.isNamedLater(line)
                && GREENS.matcher(kitchen.lines.get(line).text()).find();
    }

    /** "Plenty of pepper" where the list has red peppers: out of the mill. */
    private boolean isGround(List<Token> tokens, Choice best) {
        Token last = tokens.getLast();
        boolean mill = Tokens.has(tokens, "plenty", "black", "ground", "lot", "grind", "twist");
        return last.text().equalsIgnoreCase("pepper")
                && mill
                && IntStream.range(0, kitchen.lines.size())
                        .filter(l -> best.pot == null ? best.lines.contains(l) : best.pot.lines.containsKey(l))
                        .noneMatch(l -> kitchen.role(l).equals("spice"));
    }

    /** "With 1 tsp salt" that is not on the list: no other thing of which there is a teaspoon. */
    private boolean isSaltOfTheShelf(List<Token> tokens, Choice best) {
        return tokens.getLast().is("salt")
                && (best.pot == null ? best.lines : List.copyOf(best.pot.lines.keySet()))
                        .stream()
                                .noneMatch(l -> kitchen.role(l).equals("salt")
                                        || Tokens.has(
                                                Tokens.of(kitchen.lines.get(l).text()), "salt"));
    }

    /** "A handful of basil", of which the list gives no amount and nothing is asked for later. */
    private boolean isHandfulOfAll(List<Token> tokens, Choice best) {
        return words.any(tokens, Use.HANDFUL)
                && best.lines.size() == 1
                && kitchen.lines.get(best.lines.getFirst()).amount() == null
                && !kitchen.isNamedLater(best.lines.getFirst());
    }

    /** "Along with a pinch of salt", of the half teaspoon that the dough asks for later. */
    private boolean isPinchOfMore(List<Token> tokens, Choice best) {
        return Tokens.has(tokens, "pinch")
                && best.lines.size() == 1
                && kitchen.lines.get(best.lines.getFirst()).unit() != null
                && kitchen.isNamedLater(best.lines.getFirst());
    }

    private boolean isExtra(List<Token> tokens, Choice best) {
        return best.lines.size() == 1 && isExtraOf(tokens, best.lines.getFirst());
    }

    /** "The extra cheese" of "1 cup grated cheese (+ extra for the top)": a handful more than the amount, taken of it. */
    boolean isExtraOf(List<Token> tokens, int line) {
        String text = kitchen.lines.get(line).text();
        return Tokens.has(tokens, "extra")
                && SCATTERED.contains(kitchen.role(line))
                && (Portion.extra(text) > 0 || PLUS_EXTRA.matcher(text).find());
    }

    private boolean isPlace(Slot slot) {
        boolean part = slot.tokens().stream()
                .anyMatch(t -> t.isNumber() || NameWords.isPart(t) || words.isAny(t, Use.REST, Use.OTHER, Use.FILM));
        boolean moreFat = Tokens.has(List.of(slot.tokens().getLast()), FATS) && !Tokens.has(slot.tokens(), "the");
        return !moreFat
                && !part
                && !slot.direct()
                && Set.of(Slot.Lead.INTO, Slot.Lead.OVER, Slot.Lead.IN).contains(slot.lead());
    }

    /** @return whether the noun is a heading that stands for its things */
    boolean isHeading(Slot slot) {
        return !headings.headed(slot.tokens()).isEmpty();
    }

    /** @return whether the noun names the line and nothing else */
    boolean isOnly(Slot slot, int line) {
        return lineNames.isOnly(slot, line);
    }

    /** @return whether the line is called by this word */
    boolean isCalled(int line, String key) {
        return known.lines.get(line).item().contains(key);
    }

    /** @return whether it is that by its last word: beef stock is no beef */
    boolean isHead(int line, String key) {
        return known.lines.get(line).heads().contains(key);
    }

    /** "Divide between the leaves" of the one cabbage on the list. */
    private Named leavesOrUnknown(List<Token> tokens, Slot slot, boolean each) {
        List<Integer> heads = each || !areLeaves(tokens)
                ? List.of()
                : IntStream.range(0, kitchen.lines.size())
                        .filter(kitchen::isLeafy)
                        .boxed()
                        .toList();
        if (heads.size() != 1) {
            return pronounOrUnknown(tokens, slot, each);
        }
        int head = heads.getFirst();
        Pot pot = kitchen.left[head] > 0.01 ? null : kitchen.holding(head);
        return pot == null
                ? new Named(Kind.LINES, heads, null, Portion.UNSAID, false, slot)
                : new Named(Kind.POT, heads, pot, Portion.UNSAID, false, slot);
    }

    /** Those that are rolled, however many; not "the torn leaves" and "the outer leaves" under them. */
    private boolean areLeaves(List<Token> tokens) {
        return tokens.getLast().is("leaf")
                && tokens.stream().limit(tokens.size() - 1L).allMatch(t -> t.isNumber() || words.is(t, Use.DETAIL));
    }

    private Named pronounOrUnknown(List<Token> tokens, Slot slot, boolean each) {
        int cut = slot.lead() == Slot.Lead.OVER ? -1 : Math.max(onlyCutThing(tokens), onlyHalvedThing(tokens));
        if (cut >= 0) {
            Pot pot = kitchen.left[cut] > 0.99 ? null : kitchen.holding(cut);
            Portion portion = Portion.read(tokens, List.of(), words);
            return new Named(pot == null ? Kind.LINES : Kind.POT, List.of(cut), pot, portion, each, slot);
        }
        boolean batches = tokens.getLast().is("lot") && tokens.stream().anyMatch(Token::isNumber);
        boolean plenty = Tokens.has(tokens, "lot")
                && Tokens.has(tokens, "of")
                && !tokens.getLast().is("lot");
        boolean pronoun = words.any(tokens, Use.PRONOUN) && !batches && !plenty
                || tokens.size() == 1 && tokens.getFirst().is("both")
                || tokens.size() == 2
                        && tokens.getFirst().is("each")
                        && tokens.getLast().is("one");
        boolean bare = tokens.stream()
                .allMatch(t -> !t.isWord()
                        || words.isAny(t, Use.DETAIL, Use.REST, Use.OTHER, Use.ALL, Use.SHAPE)
                        || NameWords.isPart(t));
        Portion portion = Portion.read(tokens, List.of(), words);
        boolean part = portion.is(Portion.Kind.REST)
                || portion.is(Portion.Kind.FRACTION)
                || portion.is(Portion.Kind.OF_LEFT)
                || portion.is(Portion.Kind.RESERVED);
        boolean means = pronoun || bare && part;
        return new Named(means ? Kind.PRONOUN : Kind.UNKNOWN, List.of(), null, portion, each, slot);
    }

    /** "Last 6 halves" of a recipe that has one thing halved. @return its line, or -1 */
    private int onlyHalvedThing(List<Token> tokens) {
        List<Integer> halved = IntStream.range(0, kitchen.lines.size())
                .filter(l -> tokens.getLast().text().equalsIgnoreCase("halves")
                        && HALVED.matcher(kitchen.lines.get(l).text()).find())
                .boxed()
                .toList();
        return halved.size() == 1 ? halved.getFirst() : -1;
    }

    /** "The slices" of a recipe with one thing that is sliced. @return its line, or -1 */
    private int onlyCutThing(List<Token> tokens) {
        boolean slices = tokens.getLast().text().equalsIgnoreCase("slices")
                && tokens.stream().allMatch(t -> words.isAny(t, Use.DETAIL, Use.SHAPE));
        List<Integer> sliced = IntStream.range(0, kitchen.lines.size())
                .filter(l -> slices && SLICED.contains(kitchen.role(l)))
                .boxed()
                .toList();
        return sliced.size() == 1 ? sliced.getFirst() : -1;
    }

    /** "The slices", of what the method itself sliced, though the list has a cheese "in slices". @return its pot, or null */
    private @Nullable Pot cutByHand(List<Token> tokens) {
        Token shape = tokens.getLast();
        boolean bare =
                words.is(shape, Use.SHAPE) && tokens.stream().allMatch(t -> words.isAny(t, Use.DETAIL, Use.SHAPE));
        boolean listed = bare
                && known.linesOf(shape).stream()
                        .anyMatch(l -> kitchen.left[l] > 0.99 && SLICED.contains(kitchen.role(l)));
        return kitchen.pots.reversed().stream()
                .filter(p -> bare && !listed && !p.isEmpty() && kitchen.main(p).size() == 1)
                .filter(p -> p.steps.stream().anyMatch(s -> s.action().equals(shape.key())))
                .findFirst()
                .orElse(null);
    }

    /** From the last word back: the first that may name a thing and does. */
    private @Nullable Choice best(List<Token> tokens, boolean place) {
        for (int i = tokens.size() - 1; i >= 0; i--) {
            boolean colour = i < tokens.size() - 1 && words.is(tokens.get(i), Use.COLOUR);
            boolean names = !colour && known.mayName(tokens.get(i)) && !isDoneToIt(tokens, i);
            Choice found = names ? best(tokens, i, place) : null;
            if (found != null && !isPieceOfAnother(tokens, i, found)) {
                return found;
            }
        }
        return null;
    }

    /** "The basil torn", where the list has mozzarella "drained and torn". */
    private boolean isDoneToIt(List<Token> tokens, int at) {
        Verb.Spoken said = words.verb(tokens.get(at));
        return at > 0
                && said != null
                && said.form() == Verb.Form.PAST
                && known.linesOf(tokens.get(at - 1)).stream()
                        .anyMatch(l -> known.lines
                                .get(l)
                                .heads()
                                .contains(tokens.get(at - 1).key()));
    }

    /** "Basil leaves" are no sage, though the list has sage leaves; nor "aubergine slices" the potatoes "in slices". */
    private boolean isPieceOfAnother(List<Token> tokens, int head, Choice found) {
        Token last = tokens.get(head);
        boolean piece = head > 0 && (PIECES.contains(last.key()) || words.is(last, Use.SHAPE));
        List<Integer> named = piece ? known.linesOf(tokens.get(head - 1)) : List.of();
        return !named.isEmpty()
                && !found.lines.isEmpty()
                && found.lines.stream().noneMatch(named::contains)
                && named.stream()
                        .anyMatch(l -> known.lines
                                .get(l)
                                .heads()
                                .contains(tokens.get(head - 1).key()));
    }

    private @Nullable Choice best(List<Token> tokens, int head, boolean place) {
        Choice best = null;
        for (int l : known.linesOf(tokens.get(head))) {
            if (isSpentOtherwise(tokens, head, l) || isSeasoningOfLater(tokens.get(head), l)) {
                continue;
            }
            best = better(best, new Choice(lineNames.score(tokens, head, l), List.of(l), null, head));
        }
        for (Pot pot : kitchen.pots) {
            boolean there = !pot.isEmpty() || !pot.inside.isEmpty();
            if (there && !isMoreFat(tokens, head, pot) && !isPartlyIn(tokens, head, pot)) {
                best = better(best, new Choice(potNames.score(tokens, head, pot, place), List.of(), pot, head));
            }
        }
        Group group = groupNames.of(tokens, head);
        if (group != null && (best == null || group.score() > best.score)) {
            best = new Choice(group.score(), group.lines(), null, head);
        }
        return best == null || best.score < ENOUGH ? null : settled(best);
    }

    /** "Mix with the allspice and seasoning": salt and pepper, not the allspice, nor the dried mint that is named later. */
    private boolean isSeasoningOfLater(Token name, int line) {
        return name.is("seasoning")
                && kitchen.namedLast.getOrDefault(line, -1) >= kitchen.clause
                && !kitchen.role(line).equals("salt")
                && !known.lines.get(line).text().contains(name.key());
    }

    /** "The remaining cheese", of which some went into the cheese sauce: what is left of it, not the sauce. */
    private boolean isPartlyIn(List<Token> tokens, int head, Pot pot) {
        Token name = tokens.get(head);
        return words.any(tokens, Use.REST)
                && !words.is(name, Use.GENERIC)
                && pot.lines.size() > 1
                && known.linesOf(name).stream()
                        .anyMatch(l -> pot.lines.containsKey(l) && kitchen.left[l] > 0.01 && kitchen.left[l] < 0.99);
    }

    /** "In a little oil": out of the bottle, not what was brushed with it. */
    private boolean isMoreFat(List<Token> tokens, int head, Pot pot) {
        return Tokens.has(List.of(tokens.get(head)), FATS)
                && !Tokens.has(tokens, "the")
                && !kitchen.main(pot).isEmpty();
    }

    /**
     * "Pour over the sauce", where fish sauce or a tin of tomato sauce went into the filling: not that, but what is
     * called so.
     */
    private boolean isSpentOtherwise(List<Token> tokens, int head, int line) {
        Token name = tokens.get(head);
        boolean bare =
                words.is(name, Use.GENERIC) && tokens.subList(0, head).stream().allMatch(t -> words.is(t, Use.DETAIL));
        return bare
                && kitchen.left[line] <= 0.01
                && (Kinds.FLAVOURS.contains(kitchen.role(line))
                        || kitchen.pots.stream()
                                .anyMatch(p -> p.names.contains(name.key()) && !p.lines.containsKey(line)));
    }

    private boolean isLaidAsItIs(Pot pot) {
        return !pot.worked
                && pot.steps.isEmpty()
                && pot.pots.isEmpty()
                && pot.inside.isEmpty()
                && pot.lines.size() == 1
                && kitchen.left[pot.lines.keySet().iterator().next()] > 0.01;
    }

    private static @Nullable Choice better(@Nullable Choice a, Choice b) {
        return a == null || b.score > a.score + 1e-9 ? b : a;
    }

    /** A line that is spent means the pot it went into; part of one that was laid as it is means what is left of the line. */
    private Choice settled(Choice best) {
        if (best.pot != null && isLaidAsItIs(best.pot)) {
            return new Choice(best.score, List.copyOf(best.pot.lines.keySet()), null, best.head);
        }
        if (best.pot != null) {
            return new Choice(best.score, best.lines, kitchen.whereItIs(best.pot), best.head);
        }
        if (best.lines.size() == 1 && kitchen.left[best.lines.getFirst()] <= 0.01) {
            Pot pot = kitchen.holding(best.lines.getFirst());
            return new Choice(best.score, best.lines, pot, best.head);
        }
        return best;
    }
}
