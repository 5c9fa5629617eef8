package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Form;
import nabe.reading.grammar.Verb.Spoken;

/** Finds the nouns of a clause and how each stands to the verb. */
final class SlotReader {
    /** "Eggs, cream, seasoning + cheese": forms of verbs that are things where nothing follows them. */
    private static final Set<String> THINGS = Set.of("seasoning", "dressing", "stuffing", "filling", "topping");

    private static final Set<String> SIZES = Set.of(
            "deep", "shallow", "wide", "large", "big", "small", "heavy", "low", "clean", "round", "oval", "square");

    private static final Set<String> FORMS =
            Set.of("quarters", "thirds", "eighths", "sixths", "flakes", "spots", "dots", "lumps", "knobs", "shavings");

    private final KitchenWords words;

    SlotReader(KitchenWords words) {
        this.words = words;
    }

    /**
     * @param from,verb what stands before the verb; {@code body, to} what stands after it
     */
    List<Slot> read(List<Token> tokens, Telling telling, int from, int verb, int body, int to) {
        Work work = new Work(tokens, telling, body);
        work.run(from, verb);
        work.flush(verb);
        work.lead = Lead.NONE;
        work.aside = false;
        work.run(body, to);
        work.flush(to);
        return work.found;
    }

    Set<String> particles(List<Token> tokens, Telling telling, int body, int to) {
        Set<String> found = new HashSet<>();
        for (int i = body; i < to; i++) {
            if (words.is(tokens.get(i), Use.PARTICLE) && telling.instructs(i) && standsAlone(tokens, i, to)) {
                found.add(tokens.get(i).key());
            }
        }
        return found;
    }

    private boolean standsAlone(List<Token> tokens, int i, int to) {
        if (i + 1 >= to) {
            return true;
        }
        Token next = tokens.get(i + 1);
        boolean length = i + 2 < to && Tokens.has(tokens.subList(i + 2, i + 3), "cm", "mm", "inch");
        return next.isMark()
                || next.isNumber() && !length
                || words.isAny(next, Use.WITH, Use.LINK, Use.PARTICLE, Use.ADVERB, Use.INTO, Use.SUBORDINATE);
    }

    private final class Work {
        private final List<Token> tokens;
        private final Telling telling;
        private final int body;
        private final List<Slot> found = new ArrayList<>();
        private final List<Token> open = new ArrayList<>();
        private Lead lead = Lead.NONE;
        private int start;
        private boolean aside;
        /** Within ", stirring with a spoon": up to the next mark. */
        private boolean describing;

        private boolean linked;
        private boolean fresh;
        private boolean direct;

        Work(List<Token> tokens, Telling telling, int body) {
            this.tokens = tokens;
            this.telling = telling;
            this.body = body;
        }

        void run(int from, int to) {
            List<Durations.Duration> times = Durations.in(tokens.subList(from, Math.max(from, to)));
            direct = true;
            for (int i = from; i < to; i++) {
                int at = i - from;
                var time = times.stream().filter(d -> d.from() == at).findFirst();
                if (time.isPresent()) {
                    flush(i);
                    i = from + time.get().to() - 1;
                    aside = true;
                    continue;
                }
                take(i, to);
            }
        }

        private void take(int i, int to) {
            Token t = tokens.get(i);
            if (!telling.instructs(i)) {
                flush(i);
                aside = true;
            } else if (t.isMark()) {
                mark(i, t);
            } else if (words.is(t, Use.LINK) && !t.is("or") && !isAllBut(t)) {
                link(i, t);
            } else if (describes(i, to)) {
                flush(i);
                aside = true;
                describing = true;
            } else if (isInLast(i, to)) {
                flush(i);
                aside = true;
            } else if (isPreposition(t) && !describing && !isShapeOf(i, to) && !isForGroup(t)) {
                preposition(i, t);
            } else if (!aside) {
                if (beginsAnother(t)) {
                    flush(i);
                    lead = Lead.NONE;
                }
                if (open.isEmpty()) {
                    start = i;
                    open.addAll(asMuch(i));
                }
                open.add(t);
            }
        }

        /** "over it a third of the slices", "into the dish half the sauce": a place is followed by what goes there. */
        private boolean beginsAnother(Token t) {
            return !open.isEmpty()
                    && lead != Lead.NONE
                    && lead != Lead.WITH
                    && words.isAny(open.getLast(), Use.PRONOUN, Use.DISH, Use.BASE)
                    && (t.isNumber()
                            || List.of("a", "an", "the", "half", "all", "any").contains(t.key()));
        }

        /** "The rest of the sauce and of the Parmesan": as much of that. */
        private List<Token> asMuch(int i) {
            boolean same = tokens.get(i).is("of") && i > 0 && words.is(tokens.get(i - 1), Use.LINK) && !found.isEmpty();
            List<Token> before = same ? found.getLast().tokens() : List.of();
            return before.stream().takeWhile(t -> !t.is("of")).toList();
        }

        private boolean isAllBut(Token t) {
            return t.is("but")
                    && !open.isEmpty()
                    && (open.getLast().is("all") || open.getLast().is("everything"));
        }

        /** "Noodles in last": when, not where. */
        private boolean isInLast(int i, int to) {
            return tokens.get(i).is("in")
                    && i + 1 < to
                    && Tokens.has(tokens.subList(i + 1, i + 2), "last", "first", "next")
                    && (i + 2 >= to || tokens.get(i + 2).isMark());
        }

        /** "A round dish": no place, a shape. */
        private boolean isShape() {
            return !open.isEmpty()
                    && List.of("a", "an", "the", "each", "deep", "shallow", "large", "small")
                            .contains(open.getLast().key());
        }

        /** "A 28 cm round dish". */
        private boolean isShapeOf(int i, int to) {
            return tokens.get(i).is("round")
                    && !open.isEmpty()
                    && i + 1 < to
                    && words.isAny(tokens.get(i + 1), Use.DISH, Use.POT, Use.OVENWARE);
        }

        /** "Everything for the filling", "the dry things for the topping": whose they are. */
        private boolean isForGroup(Token t) {
            return t.is("for") && !open.isEmpty() && words.is(open.getLast(), Use.LISTED);
        }

        private void mark(int i, Token t) {
            if (t.is("°") || t.is("%") || t.is("/") || t.is("'") || t.is("’")) {
                return;
            }
            if (t.is("+") || t.is("&")) {
                link(i, t);
                return;
            }
            if (t.is(",") && isOnlyHowLarge()) {
                return;
            }
            flush(i);
            aside = false;
            describing = false;
            linked = true;
            lead = lead == Lead.WITH ? Lead.WITH : Lead.NONE;
        }

        /** "Into a deep, lidded casserole": what stands before the comma names nothing yet. */
        private boolean isOnlyHowLarge() {
            return open.size() > 1
                    && Tokens.has(open.subList(0, 1), "a", "an", "the", "your")
                    && open.stream().skip(1).allMatch(t -> SIZES.contains(t.key()));
        }

        private void link(int i, Token t) {
            boolean wasOpen = !open.isEmpty();
            flush(i);
            if (t.is("plus") || t.is("with")) {
                lead = Lead.WITH;
            } else if (t.is("then")) {
                fresh = true;
                lead = lead == Lead.WITH ? Lead.WITH : Lead.NONE;
            }
            aside = aside && !wasOpen && !t.is("then") && !t.is("and");
            linked = true;
        }

        private void preposition(int i, Token t) {
            flush(i);
            aside = false;
            if (words.is(t, Use.WITH)) {
                lead = Lead.WITH;
            } else if (words.is(t, Use.INTO)) {
                lead = Lead.INTO;
            } else if (words.is(t, Use.IN)) {
                lead = Lead.IN;
            } else if (words.is(t, Use.OVER)) {
                lead = Lead.OVER;
            } else if (words.is(t, Use.FROM)) {
                lead = Lead.FROM;
            } else {
                aside = !t.is("off") && !t.is("up") && !t.is("out") && !t.is("back") && !t.is("against") && !t.is("at");
                lead = t.is("at") || t.is("against") ? Lead.OVER : lead;
            }
        }

        private boolean isPreposition(Token t) {
            return !t.is("of")
                    && !((t.is("round") || t.is("under") || t.is("second")) && isShape())
                    && words.isAny(t, Use.WITH, Use.INTO, Use.IN, Use.OVER, Use.FROM, Use.ASIDE);
        }

        /** ", torn into scraps", ", stirring": says how, up to the next mark. */
        private boolean describes(int i, int to) {
            Spoken spoken = words.verb(tokens.get(i));
            boolean named = open.stream().anyMatch(t -> !t.key().endsWith("ly"));
            if (spoken == null || named || i == body || words.is(tokens.get(i), Use.WITH)) {
                return false;
            }
            boolean afterAdverb = i > 1
                    && tokens.get(i - 1).key().endsWith("ly")
                    && tokens.get(i - 2).isMark();
            boolean afterMark =
                    i > 0 && (tokens.get(i - 1).isMark() || tokens.get(i - 1).is("and") || afterAdverb);
            boolean beforeNoun = i + 1 < to
                    && tokens.get(i + 1).isWord()
                    && !isPreposition(tokens.get(i + 1))
                    && !tokens.get(i + 1).is("of")
                    && !words.isAny(tokens.get(i + 1), Use.LINK, Use.ADVERB, Use.EACH, Use.PRONOUN);
            boolean compound = i + 1 < to && words.is(tokens.get(i + 1), Use.COMPOUND);
            boolean thing = THINGS.contains(tokens.get(i).key())
                    && (i + 1 >= to || tokens.get(i + 1).isMark() || words.is(tokens.get(i + 1), Use.LINK));
            return !thing
                    && afterMark
                    && !compound
                    && (spoken.form() == Form.ING || spoken.form() == Form.PAST && !beforeNoun);
        }

        /** "The mozzarella in cubes", "the ricotta in spoonfuls": how, not where. */
        private boolean isForm() {
            return lead == Lead.IN
                    && !found.isEmpty()
                    && open.stream()
                            .allMatch(t -> words.isAny(t, Use.SHAPE, Use.FILM, Use.DETAIL)
                                    || isParts(t)
                                    || t.key().endsWith("ly"))
                    && open.stream().anyMatch(t -> words.isAny(t, Use.SHAPE, Use.FILM) || isParts(t))
                    && open.stream().noneMatch(t -> words.is(t, Use.EACH));
        }

        /** "In quarters", "in flakes": how it is cut or lies. */
        private static boolean isParts(Token t) {
            return FORMS.contains(t.text().toLowerCase(Locale.ROOT));
        }

        /** "Lightly", "season thoroughly": how, not what. */
        private boolean isHow() {
            return lead == Lead.NONE
                    && open.stream().allMatch(t -> words.isHow(t) && t.text().endsWith("ly"));
        }

        void flush(int at) {
            if (isForm()) {
                lead = found.getLast().lead();
                open.clear();
                return;
            }
            if (!open.isEmpty() && !isHow()) {
                boolean alike = linked
                        && !found.isEmpty()
                        && found.getLast().direct()
                        && found.getLast().lead() == lead
                        && lead != Lead.NONE;
                found.add(new Slot(lead, direct || alike, linked, fresh, List.copyOf(open), start, at));
                direct = false;
                linked = false;
                fresh = false;
            }
            open.clear();
        }
    }
}
