package nabe.label;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nabe.needs.Need;

/** Reads one sentence of a label: parts it into what is in the packet, what may be, what is not, and what says nothing of it. */
final class SentenceReader {
    private static final Set<Frames.Use> MARKERS = EnumSet.of(
            Frames.Use.UNSUITABLE,
            Frames.Use.MAY,
            Frames.Use.BOILERPLATE,
            Frames.Use.FREE,
            Frames.Use.NONE,
            Frames.Use.HOLDS,
            Frames.Use.LIST);
    private static final int PLACE_WITHIN = 10;
    private final Lexicon lexicon;
    private final Frames frames;
    private final String label;
    private final Findings findings;
    private final ListReader list;
    private final ClaimReader claims;

    SentenceReader(Lexicon lexicon, Frames frames, String label, Set<Integer> slipped, Findings findings) {
        this.lexicon = lexicon;
        this.frames = frames;
        this.label = label;
        this.findings = findings;
        this.list = new ListReader(
                lexicon, frames, label, slipped, findings, nodes -> new Walk(nodes, true, false).inBracket());
        this.claims = new ClaimReader(lexicon, frames, findings);
    }

    private enum Way {
        HOLDS,
        MAY,
        FREE,
        NONE,
        UNSUITABLE,
        SAYS_NOTHING
    }

    /** @return where in the sentence an ingredient list is announced, or -1 */
    int listAt(List<Node> nodes) {
        for (int i = 0; i < nodes.size(); i++) {
            Frames.Match match = frames.at(nodes, i, EnumSet.of(Frames.Use.LIST));
            if (match != null && announces(nodes, i, match)) {
                return i;
            }
        }
        return -1;
    }

    private boolean announces(List<Node> nodes, int i, Frames.Match match) {
        int after = i + match.nodes();
        boolean marked = after < nodes.size()
                && (nodes.get(after).isKind(Token.Kind.COLON)
                        || nodes.get(after).isKind(Token.Kind.LINE));
        return marked || i == 0 && frames.at(nodes, i, EnumSet.of(Frames.Use.BOILERPLATE)) == null;
    }

    /** Reads a sentence that announces the ingredient list. */
    void readList(List<Node> nodes) {
        new Walk(nodes, true, false).read();
    }

    /** Reads any other sentence. @param beforeList whether the ingredient list is still to come */
    void read(List<Node> nodes, boolean beforeList) {
        boolean unsuitable = java.util.stream.IntStream.range(0, nodes.size())
                .anyMatch(i -> frames.at(nodes, i, EnumSet.of(Frames.Use.UNSUITABLE)) != null);
        if (!unsuitable && claims.read(nodes, beforeList, Node.written(label, nodes))) {
            return;
        }
        if (!nodes.stream()
                .allMatch(
                        n -> n.isAWord() && (frames.is(Frames.Use.DESCRIBES, n) || frames.is(Frames.Use.CONTEXT, n)))) {
            new Walk(nodes, false, beforeList).read();
        }
    }

    /** Reads a product's name: a list follows, which says it all by law; what the name itself names still warns. */
    void readName(List<Node> nodes) {
        if (claims.read(nodes, true, Node.written(label, nodes))) {
            return;
        }
        name(nodes);
    }

    private void name(List<Node> nodes) {
        boolean replaces = Node.flat(nodes).stream().anyMatch(t -> frames.is(Frames.Use.MARK, t));
        boolean lists = nodes.stream().anyMatch(n -> n.isKind(Token.Kind.COMMA) || n.isWord("and") || n.isWord("with"));
        int i = 0;
        while (i < nodes.size()) {
            Lexicon.Phrase phrase = lexicon.longestAt(nodes, i);
            if (phrase == null) {
                if (nodes.get(i) instanceof Node.Bracket bracket) {
                    name(bracket.inside());
                }
                i++;
                continue;
            }
            if (!replaces && phrase.meaning().kind() == Meaning.Kind.FOOD) {
                boolean sure = lists || phrase.words() == nodes.size();
                Meaning plain = Meaning.holding(
                        phrase.meaning().allergens(), phrase.meaning().kinds());
                note(plain, Node.written(label, nodes.subList(i, i + phrase.words())), sure);
            }
            i += phrase.words();
        }
    }

    private void note(Meaning meaning, String words, boolean sure) {
        if (sure && !meaning.isHarmless()) {
            findings.hold(meaning, words, false);
        } else if (!meaning.isHarmless()) {
            findings.warn(meaning, words);
        }
    }

    private final class Walk {
        private final List<Node> nodes;
        private final boolean beforeList;
        private final int place;
        private boolean inList;
        private boolean bracketed;

        Walk(List<Node> nodes, boolean inList, boolean beforeList) {
            this.nodes = nodes;
            this.inList = inList;
            this.beforeList = beforeList;
            this.place = placeFrom();
        }

        void inBracket() {
            bracketed = true;
            read();
        }

        void read() {
            Frames.Match admin = inList ? null : frames.at(nodes, 0, EnumSet.of(Frames.Use.ADMIN));
            Way way = admin == null ? Way.HOLDS : Way.SAYS_NOTHING;
            int from = 0;
            int i = 0;
            while (i < nodes.size()) {
                Way next = null;
                int taken = 0;
                Frames.Match said = frames.overCommas(nodes, i, Frames.Use.BOILERPLATE);
                Frames.Match match = said == null ? frames.at(nodes, i, MARKERS) : said;
                if (i == place) {
                    next = Way.MAY;
                } else if (match != null && counts(match, i, way)) {
                    next = wayOf(match.use());
                    taken = match.nodes();
                    inList |= match.use() == Frames.Use.LIST;
                } else if (ends(way, i)) {
                    next = Way.HOLDS;
                    taken = nodes.get(i).isAWord() ? 1 : 0;
                }
                if (next == null) {
                    i++;
                    continue;
                }
                boolean leadsIn =
                        from == 0 && (next == Way.MAY || next == Way.UNSUITABLE) && onlyWarns(nodes.subList(from, i));
                take(leadsIn ? Way.FREE : way, nodes.subList(from, i), from == 0);
                way = next;
                from = i + taken;
                i = Math.max(i + taken, i + (taken == 0 ? 1 : 0));
            }
            take(way, nodes.subList(from, nodes.size()), from == 0);
        }

        /** "We cannot guarantee", "may not be suitable": the words before belong to the warning. */
        private boolean onlyWarns(List<Node> part) {
            return part.stream()
                    .allMatch(n -> !(n instanceof Node.Bracket) && (!n.isAWord() || frames.is(Frames.Use.WARNING, n)));
        }

        private boolean counts(Frames.Match match, int i, Way way) {
            boolean colon = i + match.nodes() < nodes.size()
                    && nodes.get(i + match.nodes()).isKind(Token.Kind.COLON);
            return switch (match.use()) {
                case LIST -> announces(nodes, i, match);
                case HOLDS -> way != Way.MAY && way != Way.UNSUITABLE || colon || follows(Token.Kind.SEMICOLON, i);
                case FREE, NONE -> way != Way.UNSUITABLE && way != Way.MAY && !isTied(i);
                default -> true;
            };
        }

        /** "gluten free from ..." is a claim's free, not a frame's. */
        private boolean isTied(int i) {
            return nodes.get(i).isWord("free") && i > 0 && nodes.get(i) instanceof Token t && t.gap() == 0;
        }

        private boolean follows(Token.Kind kind, int i) {
            return i > 0 && nodes.get(i - 1).isKind(kind);
        }

        /** "free from" ends at except, but, not, made, using, a semicolon; inside a list at the next comma; "no ..." at a comma unless an "or" closes its list. */
        private boolean ends(Way way, int i) {
            if (way != Way.FREE && way != Way.NONE) {
                return false;
            }
            Node node = nodes.get(i);
            boolean comma = node.isKind(Token.Kind.COMMA) || node.isKind(Token.Kind.BULLET);
            boolean listEnds = inList ? comma || node instanceof Node.Bracket : way == Way.NONE && comma && !orAhead(i);
            return listEnds || node.isKind(Token.Kind.SEMICOLON) || frames.is(Frames.Use.END_FREE, node);
        }

        private boolean orAhead(int i) {
            return nodes.subList(i, nodes.size()).stream().anyMatch(n -> n.isWord("or") || n.isWord("nor"));
        }

        private void take(Way way, List<Node> part, boolean unstated) {
            switch (way) {
                case HOLDS -> hold(part, unstated);
                case MAY -> list.warn(part);
                case UNSUITABLE -> unsuitable(part);
                case SAYS_NOTHING -> saysNothing(part);
                default -> {}
            }
        }

        private void hold(List<Node> part, boolean unstated) {
            List<Node> rest = part;
            while (!rest.isEmpty()
                    && !(rest.getFirst() instanceof Node.Bracket)
                    && !rest.getFirst().isAWord()
                    && !rest.getFirst().isKind(Token.Kind.NUMBER)) {
                rest = rest.subList(1, rest.size());
            }
            if (unstated && beforeList) {
                name(rest);
            } else if (!rest.isEmpty()) {
                list.hold(rest, bracketed);
            }
        }

        /** Storage, cooking, origin: only a plain food named there makes doubt. */
        private void saysNothing(List<Node> part) {
            int i = 0;
            while (i < part.size()) {
                FreeWords.Reading free = FreeWords.at(part, i, frames);
                if (free != null) {
                    i += free.nodes();
                    continue;
                }
                Lexicon.Phrase phrase = lexicon.longestAt(part, i);
                if (phrase != null
                        && phrase.meaning().kind() == Meaning.Kind.FOOD
                        && !phrase.meaning().allergens().isEmpty()) {
                    findings.warn(phrase.meaning(), Node.written(label, part.subList(i, i + phrase.words())));
                }
                i += phrase == null ? 1 : phrase.words();
            }
        }

        private void unsuitable(List<Node> part) {
            for (int i = 0; i < part.size(); i++) {
                if (!(part.get(i) instanceof Token t) || !t.isWord()) {
                    continue;
                }
                Lexicon.Phrase phrase = lexicon.longestAt(part, i);
                String key = t.key().toLowerCase(Locale.ROOT);
                switch (key) {
                    case "vegan" -> findings.unsuitable(Need.VEGAN, "vegans");
                    case "vegetarian" -> {
                        findings.unsuitable(Need.VEGETARIAN, "vegetarians");
                        findings.unsuitable(Need.VEGAN, "vegetarians");
                    }
                    case "coeliac", "celiac" -> findings.unsuitable(Need.GLUTEN_FREE, "coeliacs");
                    default -> {
                        if (phrase != null) {
                            findings.warn(phrase.meaning(), t.text());
                        } else if (!frames.is(Frames.Use.BYSTANDER, t) && !frames.is(Frames.Use.WARNING, t)) {
                            findings.openWarning(t.text());
                        }
                    }
                }
            }
        }

        private Way wayOf(Frames.Use use) {
            return switch (use) {
                case UNSUITABLE -> Way.UNSUITABLE;
                case MAY -> Way.MAY;
                case FREE -> Way.FREE;
                case NONE -> Way.NONE;
                default -> Way.HOLDS;
            };
        }

        /** Where "made in a place that handles ..." begins: a place, a verb before it and a word of sharing. */
        private int placeFrom() {
            for (int i = 0; i < nodes.size(); i++) {
                if (!frames.is(Frames.Use.PLACE, nodes.get(i))) {
                    continue;
                }
                int verb = verbBefore(i);
                if (verb >= 0 && sharesAfter(verb)) {
                    return verb;
                }
            }
            return -1;
        }

        private int verbBefore(int place) {
            int verb = -1;
            for (int i = place;
                    i >= Math.max(0, place - PLACE_WITHIN)
                            && nodes.get(i) instanceof Token t
                            && !t.is(Token.Kind.COMMA);
                    i--) {
                boolean opens = i == 0 && t.isWord("from");
                verb = opens || frames.is(Frames.Use.MAKING, t) ? i : verb;
            }
            return verb;
        }

        private boolean sharesAfter(int verb) {
            return nodes.subList(verb, nodes.size()).stream().anyMatch(n -> n.isWord("same") || n.isWord("shared"))
                    || nodes.subList(verb + 1, nodes.size()).stream().anyMatch(n -> frames.is(Frames.Use.SHARING, n));
        }
    }
}
