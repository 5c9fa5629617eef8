package nabe.label;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * Reads a list of things that are, or may be, in the packet. A phrase never runs over a comma, a bullet, a colon or a
 * bracket. Every word must be a food, or stand where it is harmless; the rest is left over.
 */
final class ListReader {
    private static final Set<Token.Kind> SEPARATORS = EnumSet.of(
            Token.Kind.COMMA,
            Token.Kind.SEMICOLON,
            Token.Kind.BULLET,
            Token.Kind.STOP,
            Token.Kind.LINE,
            Token.Kind.COLON,
            Token.Kind.CUT);
    private static final Set<Frames.Use> HARMLESS =
            EnumSet.of(Frames.Use.DESCRIBES, Frames.Use.JOINS, Frames.Use.STRUCTURE, Frames.Use.CLAIM);
    private static final String UNKNOWN = Messages.say("label.not-a-word-nabe-knows-what");
    private final Lexicon lexicon;
    private final Frames frames;
    private final Set<Integer> slipped;
    private final String label;
    private final Findings findings;
    private final Inside inside;
    private boolean bracketed;

    /** Reads what stands in a bracket, frames and all. */
    interface Inside {
        void read(List<Node> nodes);
    }

    ListReader(Lexicon lexicon, Frames frames, String label, Set<Integer> slipped, Findings findings, Inside inside) {
        this.lexicon = lexicon;
        this.frames = frames;
        this.label = label;
        this.slipped = slipped;
        this.findings = findings;
        this.inside = inside;
    }

    /** One stretch between separators, and the mark that ends it. */
    private record Segment(List<Node> nodes, Token.Kind end) {}

    private static List<Segment> segments(List<Node> nodes) {
        List<Segment> all = new ArrayList<>();
        List<Node> current = new ArrayList<>();
        for (Node node : nodes) {
            if (node instanceof Token t && SEPARATORS.contains(t.kind())) {
                all.add(new Segment(List.copyOf(current), t.kind()));
                current.clear();
            } else {
                current.add(node);
            }
        }
        all.add(new Segment(List.copyOf(current), Token.Kind.STOP));
        return all.stream().filter(s -> !s.nodes.isEmpty()).toList();
    }

    /** Takes everything in the list as in the packet. */
    void hold(List<Node> nodes, boolean bracketed) {
        this.bracketed = bracketed;
        List<Segment> segments = segments(nodes);
        int i = 0;
        while (i < segments.size()) {
            Segment segment = segments.get(i);
            i++;
            if (segment.end != Token.Kind.COLON || i >= segments.size()) {
                new Stretch(segment.nodes).read();
                continue;
            }
            Stretch head = new Stretch(segment.nodes);
            int before = findings.foods();
            boolean whole = true;
            boolean further = true;
            while (further && i < segments.size() && segments.get(i).end != Token.Kind.COLON) {
                Segment part = segments.get(i);
                i++;
                Stretch described = new Stretch(part.nodes);
                described.onlyBeside |= !head.foods.isEmpty();
                whole &= described.read();
                further = !head.isClass() && part.end != Token.Kind.SEMICOLON && part.end != Token.Kind.STOP;
            }
            head.readAsHead(findings.foods() - before, whole);
        }
    }

    /** Takes everything in the list as perhaps in the packet. */
    void warn(List<Node> nodes) {
        boolean named = false;
        int i = 0;
        while (i < nodes.size()) {
            Node node = nodes.get(i);
            FreeWords.Reading free = FreeWords.at(nodes, i, frames);
            Lexicon.Phrase phrase = node.isAWord() ? lexicon.longestAt(nodes, i) : null;
            Frames.Match open = node.isAWord() ? frames.at(nodes, i, EnumSet.of(Frames.Use.OPEN)) : null;
            if (free != null) {
                named = true;
                i += free.nodes();
            } else if (node instanceof Node.Bracket bracket) {
                warn(bracket.inside());
                i++;
            } else if (open != null && (phrase == null || open.nodes() >= phrase.words())) {
                findings.openWarning(Node.written(label, nodes.subList(i, i + open.nodes())));
                named = true;
                i += open.nodes();
            } else if (phrase != null) {
                findings.warn(phrase.meaning(), Node.written(label, nodes.subList(i, i + phrase.words())));
                named = true;
                i += phrase.words();
            } else {
                named |= warnOfWord(node);
                i++;
            }
        }
        if (!named) {
            findings.openWarning(nodes.isEmpty() ? "may contain" : Node.written(label, nodes));
        }
    }

    /** @return whether the word says anything of what may be in it */
    private boolean warnOfWord(Node node) {
        if (!(node instanceof Token t) || !t.isWord() || frames.is(Frames.Use.WARNING, t)) {
            return node.isWord("free") || frames.is(Frames.Use.BITS, node);
        }
        Meaning stem = lexicon.byStem(t.key());
        if (stem != null) {
            findings.warn(stem, t.text());
            return true;
        }
        if (frames.is(Frames.Use.DESCRIBES, t) || frames.is(Frames.Use.JOINS, t)) {
            return false;
        }
        findings.openWarning(t.text());
        return true;
    }

    /** What a food of a stretch turned out to be, until its neighbours have been seen. */
    private static final class Food {
        private Meaning meaning;
        private final String words;
        private final int from;
        private final int to;
        private boolean certified;

        Food(Meaning meaning, String words, int from, int to) {
            this.meaning = meaning;
            this.words = words;
            this.from = from;
            this.to = to;
        }

        boolean is(Meaning.Kind kind) {
            return meaning.kind() == kind;
        }
    }

    /** What stands between two separators: a food with its descriptions and brackets. */
    private final class Stretch {
        private final List<Node> nodes;
        private final List<Food> foods = new ArrayList<>();
        private final List<Token> unknown = new ArrayList<>();
        private boolean described;
        private boolean listed;
        private boolean onlyBeside = bracketed;

        Stretch(List<Node> nodes) {
            this.nodes = nodes;
            FreeWords.@Nullable Reading free = null;
            int i = 0;
            while (i < nodes.size()) {
                FreeWords.Reading denied = frames.is(Frames.Use.NEGATION, nodes.get(i)) && i + 1 < nodes.size()
                        ? FreeWords.at(nodes, i + 1, frames)
                        : null;
                if (denied != null) {
                    i += 1 + denied.nodes();
                    continue;
                }
                FreeWords.Reading words = namesRennet(nodes, i) ? null : FreeWords.at(nodes, i, frames);
                if (words != null) {
                    free = words;
                    i += words.nodes();
                } else {
                    i = take(i, free);
                    free = foods.isEmpty() ? free : null;
                }
            }
        }

        private int take(int i, FreeWords.@Nullable Reading free) {
            Node node = nodes.get(i);
            if (!node.isAWord()) {
                takeMark(node, i);
                return i + 1;
            }
            Lexicon.Phrase phrase = lexicon.longestAt(nodes, i);
            if (phrase != null) {
                return takePhrase(i, phrase, free);
            }
            Frames.Match several = frames.at(nodes, i, EnumSet.of(Frames.Use.DESCRIBES));
            if (several != null && several.nodes() > 1) {
                described = true;
                return i + several.nodes();
            }
            Token word = (Token) node;
            Meaning stem = lexicon.byStem(word.key());
            if (stem != null) {
                foods.add(new Food(stem, word.text(), i, i + 1));
            } else if (HARMLESS.stream().anyMatch(use -> frames.is(use, word))) {
                described = true;
            } else {
                unknown.add(word);
            }
            return i + 1;
        }

        /** A bare number after "emulsifier" or in its bracket names an additive; any other is a share or a count. */
        private void takeMark(Node node, int i) {
            if (node.isKind(Token.Kind.NOTE) && !foods.isEmpty()) {
                foods.getLast().certified |= findings.doNotesCertify();
            }
            if (node instanceof Token t && t.is(Token.Kind.NUMBER) && Brackets.isAdditive(t) && !followedByWord(i)) {
                Meaning meaning = lexicon.of("e" + t.key());
                if (meaning != null) {
                    foods.add(new Food(meaning, t.text(), i, i + 1));
                }
            }
        }

        private boolean followedByWord(int i) {
            return i + 1 < nodes.size() && nodes.get(i + 1).isAWord();
        }

        private int takePhrase(int i, Lexicon.Phrase phrase, FreeWords.@Nullable Reading free) {
            List<Node> words = nodes.subList(i, i + phrase.words());
            Meaning meaning = phrase.meaning();
            boolean slip = words.stream().anyMatch(n -> slipped.contains(((Token) n).start()));
            Food food = new Food(
                    slip ? meaning.perhaps(Messages.say("label.is-this-word-misspelt")) : meaning,
                    Node.written(label, words),
                    i,
                    i + phrase.words());
            if (free != null) {
                food.meaning = free.soften(food.meaning);
                food.certified = free.isGluten();
            }
            boolean denied = i > 0 && frames.is(Frames.Use.NEGATION, nodes.get(i - 1));
            food.certified |= !denied && IntStream.range(0, words.size()).anyMatch(at -> isGlutenFree(words, at));
            foods.add(food);
            return i + phrase.words();
        }

        boolean isClass() {
            return foods.size() == 1 && foods.getFirst().is(Meaning.Kind.CLASS);
        }

        /** @return whether every word was understood */
        boolean read() {
            resolve();
            commit();
            boolean understood =
                    unknown.isEmpty() && (!foods.isEmpty() || listed || !described || onlyBeside || onlyJoins());
            unknown.forEach(t -> findings.leaveOver(t.text(), UNKNOWN));
            if (!understood && unknown.isEmpty()) {
                findings.leaveOver(Node.written(label, nodes), UNKNOWN);
            }
            return understood;
        }

        /** Before a colon: the list that follows says what it is. */
        void readAsHead(int followed, boolean whole) {
            resolve();
            foods.stream().filter(f -> explained(f, followed, whole)).forEach(f -> f.meaning = Meaning.HARMLESS);
            commit();
            if (followed < 2 && foods.isEmpty()) {
                unknown.forEach(t -> findings.leaveOver(t.text(), UNKNOWN));
            }
        }

        private boolean onlyJoins() {
            return nodes.stream()
                    .allMatch(n -> !n.isAWord() || frames.is(Frames.Use.JOINS, n) || frames.is(Frames.Use.CLAIM, n));
        }

        private void commit() {
            foods.forEach(f -> findings.hold(f.meaning, f.words, f.certified));
        }

        private static boolean explained(Food food, int followed, boolean whole) {
            return food.is(Meaning.Kind.CLASS) && followed >= 1 && whole
                    || food.is(Meaning.Kind.COMPOUND) && followed >= 2 && whole;
        }

        /** Brackets and neighbours say what classes and mixtures are made of. */
        private void resolve() {
            for (int i = 0; i < nodes.size(); i++) {
                if (nodes.get(i) instanceof Node.Bracket bracket) {
                    resolveBy(bracket, i);
                }
            }
            List<Food> named = foods.stream()
                    .filter(f -> f.is(Meaning.Kind.CLASS) && foods.stream().anyMatch(other -> names(other, f)))
                    .toList();
            named.forEach(f -> f.meaning = Meaning.HARMLESS);
            foods.stream().filter(f -> isMilkOf(f)).forEach(f -> f.meaning = PlantNames.of(f.meaning, last(f)));
        }

        /** "Oats (certified gluten free)": the bracket is nothing but the promise. */
        private FreeWords.@Nullable Reading promised(Node.Bracket bracket) {
            List<Node> said = bracket.inside();
            int from = 0;
            while (from < said.size()
                    && (frames.is(Frames.Use.CONTEXT, said.get(from))
                            || frames.is(Frames.Use.DESCRIBES, said.get(from)))) {
                from++;
            }
            FreeWords.Reading free = from < said.size() ? FreeWords.at(said, from, frames) : null;
            return free != null && free.isGluten() && from + free.nodes() == said.size() ? free : null;
        }

        /** "Oat flakes (certified gluten-free)": the oats, which only words of their kind part from the bracket. */
        private @Nullable Food beforeDescription(int at) {
            Food last =
                    foods.stream().filter(f -> f.to <= at).reduce((a, b) -> b).orElse(null);
            return last != null && nodes.subList(last.to, at).stream().allMatch(n -> frames.is(Frames.Use.DESCRIBES, n))
                    ? last
                    : null;
        }

        private void resolveBy(Node.Bracket bracket, int at) {
            Food source = foods.stream().filter(f -> f.to == at).findFirst().orElse(null);
            Meaning together = source == null ? null : together(source, bracket);
            if (source != null && together != null) {
                source.meaning = together;
                listed = true;
                return;
            }
            if (source != null && source.is(Meaning.Kind.FOOD) && isFunction(bracket)) {
                listed = true;
                return;
            }
            Food flakes = source == null ? beforeDescription(at) : source;
            FreeWords.Reading free = flakes == null ? null : promised(bracket);
            if (flakes != null && free != null) {
                flakes.meaning = free.soften(flakes.meaning);
                flakes.certified = true;
                listed = true;
                return;
            }
            int before = findings.foods();
            String leftBefore = findings.leftOver();
            String warnedBefore = findings.openWarning();
            inside.read(bracket.inside());
            int followed = findings.foods() - before;
            boolean whole = java.util.Objects.equals(leftBefore, findings.leftOver())
                    && java.util.Objects.equals(warnedBefore, findings.openWarning())
                    && bracket.inside().stream().noneMatch(n -> n.isWord("contain"));
            listed |= followed > 0;
            Food head = null;
            for (Food food : foods) {
                head = food.to <= at ? food : head;
            }
            if (head == null) {
                return;
            }
            head.certified |= isGlutenFree(bracket.inside(), 0);
            if (explained(head, followed, whole)) {
                head.meaning = Meaning.HARMLESS;
            } else if (whole && namesRennet(bracket)) {
                head.meaning = head.meaning.setWithoutAnimals();
            }
        }

        /** "Ascorbic acid (antioxidant)": what it does there, and nothing more in it. */
        private boolean isFunction(Node.Bracket bracket) {
            Frames.Match match = frames.at(bracket.inside(), 0, EnumSet.of(Frames.Use.FUNCTION));
            return match != null && match.nodes() == bracket.inside().size();
        }

        /** "Mozzarella (milk, salt, microbial rennet)" says which rennet it is made with. */
        private boolean namesRennet(Node.Bracket bracket) {
            List<Node> inside = bracket.inside();
            return IntStream.range(0, inside.size()).anyMatch(i -> namesRennet(inside, i));
        }

        /** "Vegetarian rennet": a phrase of its own, no claim of the packet. */
        private boolean namesRennet(List<Node> words, int at) {
            Lexicon.Phrase phrase = words.get(at).isAWord() ? lexicon.longestAt(words, at) : null;
            return phrase != null
                    && phrase.meaning().isHarmless()
                    && words.subList(at, at + phrase.words()).stream().anyMatch(n -> frames.is(Frames.Use.RENNET, n));
        }

        /**
         * "Glucose syrup (from wheat)": the two have a meaning of their own, in which the wheat is in doubt. Never one that
         * knows nothing of it: "rice (rigatoni)" is no rice rigatoni.
         */
        private @Nullable Meaning together(Food head, Node.Bracket bracket) {
            List<Node> source = bracket.inside().stream()
                    .filter(n -> !frames.is(Frames.Use.JOINS, n) && !frames.is(Frames.Use.DESCRIBES, n))
                    .toList();
            Meaning alone = meaningOf(source);
            List<Node> all = new ArrayList<>(nodes.subList(head.from, head.to));
            all.addAll(source);
            Meaning both = meaningOf(all);
            boolean known = alone != null
                    && both != null
                    && !both.maybe().isEmpty()
                    && both.maybe().containsAll(alone.allergens());
            return known ? both : null;
        }

        /** @return what these words mean as one phrase, or null */
        private @Nullable Meaning meaningOf(List<Node> words) {
            Lexicon.Phrase phrase = words.isEmpty() ? null : lexicon.longestAt(words, 0);
            return phrase == null || phrase.words() < words.size() ? null : phrase.meaning();
        }

        private boolean isGlutenFree(List<Node> words, int at) {
            FreeWords.Reading free = FreeWords.at(words, at, frames);
            return free != null && free.isGluten();
        }

        /** "pea protein", "lecithin from sunflower", "emulsifier E471": the food beside a class names what it is. */
        private boolean names(Food food, Food clazz) {
            boolean additive =
                    nodes.get(food.from) instanceof Token t && t.key().matches("e\\d+")
                            || nodes.get(food.from).isKind(Token.Kind.NUMBER);
            if (food == clazz || !food.is(Meaning.Kind.FOOD) && !additive) {
                return false;
            }
            boolean beside = food.to == clazz.from || food.from == clazz.to;
            return beside || food.from > clazz.to && leadsFrom(nodes.subList(clazz.to, food.from));
        }

        private boolean leadsFrom(List<Node> between) {
            return between.stream().anyMatch(n -> n.isWord("from") || n.isWord("of"))
                    && between.stream()
                            .allMatch(n -> !n.isAWord()
                                    || frames.is(Frames.Use.JOINS, n)
                                    || frames.is(Frames.Use.DESCRIBES, n));
        }

        private boolean isMilkOf(Food food) {
            return PlantNames.isDairyNoun(last(food))
                    && foods.stream().anyMatch(o -> o.to == food.from && PlantNames.isMilked(o.meaning, o.words));
        }

        private String last(Food food) {
            return nodes.get(food.to - 1) instanceof Token t && food.to - food.from == 1 ? t.key() : "";
        }
    }
}
