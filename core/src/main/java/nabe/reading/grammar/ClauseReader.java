package nabe.reading.grammar;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import nabe.reading.grammar.Actions.Action;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Sentences.Sentence;
import org.jspecify.annotations.Nullable;

/** Sentences → clauses: one action each, with the nouns it works on. */
public final class ClauseReader {
    private static final int LONGEST_HEADING = 6;

    private final KitchenWords words = KitchenWords.shared();
    private final Covers covers = new Covers(words);
    private final SlotReader slots = new SlotReader(words);

    /** @param steps the method as written; {@code colonEnded} topics are clauses whose words end with ':' */
    public List<Clause> read(List<String> steps) {
        List<Clause> all = new ArrayList<>();
        for (Sentence sentence : Sentences.of(new ActiveVoice(words).of(new Narrated(words).of(steps)))) {
            read(sentence, all);
        }
        return all;
    }

    private void read(Sentence sentence, List<Clause> all) {
        Telling telling = new Telling(words, sentence.tokens());
        Leads leads = new Leads(words, sentence.tokens());
        Actions actions = new Actions(words, sentence.tokens(), telling, leads);
        boolean first = true;
        List<int[]> spans = isHeading(sentence)
                ? List.of(new int[] {0, sentence.tokens().size()})
                : new Spans(words, sentence.tokens(), telling, leads).all();
        for (int[] span : spans) {
            Clause clause = clause(sentence, telling, actions, span[0], span[1], first);
            if (clause != null) {
                if (!first && sharesObject(all.getLast(), clause)) {
                    all.add(all.removeLast().with(objects(clause)));
                }
                all.add(clause);
                first = false;
            }
        }
    }

    /** "Peel, boil and mash the potatoes": what the last is done to, those before it are too. */
    private boolean sharesObject(Clause bare, Clause next) {
        return bare.opensSentence()
                && bare.does(Verb.Effect.START, Verb.Effect.HEAT)
                && bare.tokens().getLast().is("and")
                && bare.tokens().stream().limit(bare.tokens().size() - 1L).allMatch(t -> t.isMark() || isOrder(t))
                && next.does(Verb.Effect.MIX, Verb.Effect.PREP)
                && !objects(next).isEmpty();
    }

    private boolean isOrder(Token token) {
        Verb.Spoken said = words.verb(token);
        return said != null && said.form() == Verb.Form.BASE;
    }

    private static List<Slot> objects(Clause clause) {
        return clause.slots().stream().filter(s -> s.lead() == Slot.Lead.NONE).toList();
    }

    /** "Assemble and bake:" at the head of a step tells what follows; nothing is done yet. */
    private static boolean isHeading(Sentence sentence) {
        return sentence.colon()
                && sentence.opensStep()
                && sentence.tokens().size() <= LONGEST_HEADING
                && sentence.tokens().stream().noneMatch(Token::isNumber);
    }

    private @Nullable Clause clause(
            Sentence sentence, Telling telling, Actions actions, int from, int to, boolean first) {
        List<Token> all = sentence.tokens();
        List<Token> tokens = all.subList(from, to);
        if (tokens.stream().noneMatch(t -> t.isWord() || t.isNumber())) {
            return null;
        }
        Action action = actions.in(from, to);
        Verb verb = action.verb();
        int body = action.body();
        List<Slot> nouns = whereTo(verb, slots.read(all, telling, from, action.at(), body, to), body);
        boolean foods = nouns.stream().anyMatch(s -> !words.any(s.tokens(), Use.LID) && s.lead() != Slot.Lead.IN);
        return new Clause(
                sentence.step(),
                sentence.index(),
                verb,
                text(sentence, from, to),
                first && sentence.opensStep(),
                first,
                nouns,
                slots.particles(all, telling, body, to),
                durations(all, telling, from, to),
                Heats.in(bracketed(sentence, tokens)),
                covers.of(
                        verb,
                        sure(tokens, telling, from),
                        foods && nouns.stream().anyMatch(s -> s.lead() == Slot.Lead.WITH)),
                telling.conditional(from, to),
                List.copyOf(tokens));
    }

    /** "Turn into a pan": the word that says where is the verb's. */
    private static List<Slot> whereTo(@Nullable Verb verb, List<Slot> nouns, int body) {
        if (verb == null || !verb.base().endsWith(" into")) {
            return nouns;
        }
        return nouns.stream()
                .map(s -> s.lead() == Slot.Lead.NONE && s.direct() && s.from() >= body ? s.with(Slot.Lead.INTO) : s)
                .toList();
    }

    private static List<Token> sure(List<Token> tokens, Telling telling, int from) {
        return IntStream.range(0, tokens.size())
                .filter(i -> !telling.isPerhaps(from + i))
                .mapToObj(tokens::get)
                .toList();
    }

    private List<Durations.Duration> durations(List<Token> all, Telling telling, int from, int to) {
        boolean restTold = all.subList(from, to).stream().anyMatch(t -> words.is(t, Use.RESTS) || t.is("oven"));
        return Durations.in(all.subList(from, to)).stream()
                .filter(d -> restTold || telling.instructs(from + d.from()))
                .toList();
    }

    /** The tokens of a clause with what stands in brackets among them: a fan oven's figure stands there. */
    private static List<Token> bracketed(Sentence sentence, List<Token> tokens) {
        if (sentence.all().size() == sentence.tokens().size()) {
            return tokens;
        }
        int start = tokens.getFirst().start();
        int end = tokens.getLast().end();
        int next = sentence.tokens().stream()
                .mapToInt(Token::start)
                .filter(s -> s >= end)
                .min()
                .orElse(Integer.MAX_VALUE);
        return sentence.all().stream()
                .filter(t -> t.start() >= start && t.start() < next)
                .toList();
    }

    private static String text(Sentence sentence, int from, int to) {
        List<Token> t = sentence.tokens();
        String words = sentence.text()
                .substring(t.get(from).start(), t.get(to - 1).end())
                .strip();
        return to == t.size() && sentence.colon() ? words + ":" : words;
    }
}
