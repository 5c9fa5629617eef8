package nabe.reading.grammar;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.reading.grammar.KitchenWords.Use;
import nabe.reading.grammar.Verb.Form;
import nabe.reading.grammar.Verb.Spoken;
import org.jspecify.annotations.Nullable;

/** "The potatoes are boiled for 20 minutes, then peeled": a method that tells what is done, as orders to do it. */
final class ActiveVoice {
    private static final Pattern SENTENCE = Pattern.compile("(?<=[.;!?])(?=\\s)");
    /** "The potatoes are steamed for 12 minutes": work, though all the rest is ordered. */
    private static final Pattern TIMED = Pattern.compile(
            "\\b(?:is|are|be)\\b[^.;]*\\w(?:ed|en|t)\\b[^.;]* for (?:about |around )?\\d[\\d–-]* ?(?:min|hour|hr)",
            Pattern.CASE_INSENSITIVE);

    private static final Set<String> SAME_FORM = Set.of("cut", "put", "set", "spread", "beat");
    private static final Set<String> AUX = Set.of("is", "are", "was", "were", "be");
    private static final Set<String> MODAL = Set.of("should", "must");
    private static final Set<String> BEGINS = Set.of(
            "the",
            "a",
            "an",
            "half",
            "both",
            "all",
            "each",
            "this",
            "it",
            "they",
            "these",
            "another",
            "remaining",
            "everything");
    private static final Set<String> LINKS = Set.of("and", "then", "but");
    private static final Set<String> LEADS =
            Set.of("meanwhile", "then", "next", "finally", "now", "afterwards", "lastly", "first");
    /** What may stand behind a participle that is work, and not before the thing it describes. */
    private static final Set<String> AFTER_WORK = Set.of(
            "in",
            "into",
            "with",
            "for",
            "on",
            "over",
            "to",
            "from",
            "until",
            "till",
            "by",
            "at",
            "together",
            "through",
            "out",
            "off",
            "aside",
            "and",
            "then",
            "as",
            "again",
            "down",
            "up",
            "under",
            "before",
            "once",
            "while");

    private static final int LONGEST_SUBJECT = 12;
    /** So many sentences of a method, and such a part of it, that it is told and not ordered. */
    private static final int LEAST = 3;

    private static final double PART = 0.4;

    private final KitchenWords words;

    ActiveVoice(KitchenWords words) {
        this.words = words;
    }

    /** @return the same steps, as orders where the method is told in the passive */
    List<String> of(List<String> steps) {
        if (steps.stream().noneMatch(ActiveVoice::mayBePassive)) {
            return steps;
        }
        List<String> all = steps.stream().flatMap(SENTENCE::splitAsStream).toList();
        long turned = all.stream().filter(s -> !active(s).equals(s)).count();
        boolean told = turned >= LEAST && turned >= PART * all.size();
        return turned == 0
                ? steps
                : steps.stream()
                        .map(step -> SENTENCE.splitAsStream(step)
                                .map(s -> told || TIMED.matcher(s).find() ? active(s) : s)
                                .collect(Collectors.joining()))
                        .toList();
    }

    /** A cheap look, since most methods are orders. */
    private static boolean mayBePassive(String text) {
        return AUX.stream().anyMatch(aux -> text.contains(" " + aux + " "));
    }

    /** From the last statement of a sentence to its first, so that what stands before keeps its place. */
    private String active(String sentence) {
        if (!mayBePassive(sentence)) {
            return sentence;
        }
        String text = sentence;
        List<Token> tokens = Tokens.of(sentence);
        for (int aux = tokens.size() - 2; aux > 0; aux--) {
            int verb = AUX.contains(tokens.get(aux).key()) ? verbAfter(tokens, aux) : -1;
            int from = verb < 0 ? -1 : subject(tokens, aux);
            if (from >= 0) {
                text = ordered(text, tokens, from, aux, verb);
            }
        }
        return text;
    }

    private int verbAfter(List<Token> tokens, int aux) {
        int at = aux + 1;
        while (at < tokens.size() && isAdverb(tokens.get(at))) {
            at++;
        }
        Spoken spoken = at < tokens.size() ? words.verb(tokens.get(at)) : null;
        return spoken != null
                        && (spoken.form() == Form.PAST
                                || SAME_FORM.contains(spoken.verb().base()))
                ? at
                : -1;
    }

    private boolean isAdverb(Token t) {
        return t.isWord() && words.verb(t) == null && (words.isHow(t) || t.is("then") || t.is("first"));
    }

    /** @return where the subject of this auxiliary begins, or -1 where it only tells a state ("until it is golden") */
    private int subject(List<Token> tokens, int aux) {
        int end = MODAL.contains(tokens.get(aux - 1).key()) ? aux - 1 : aux;
        int from = end;
        while (from > 0 && end - from < LONGEST_SUBJECT && !isBoundary(tokens, from - 1, end)) {
            from--;
        }
        while (from < end
                && (tokens.get(from).isMark() || LEADS.contains(tokens.get(from).key()))) {
            from++;
        }
        return from < end && isSubject(tokens.subList(from, end)) ? from : -1;
    }

    /** A comma, or "and" behind something that was done already: "the potatoes and the onions are sliced" has one subject. */
    private boolean isBoundary(List<Token> tokens, int i, int end) {
        Token t = tokens.get(i);
        boolean link = t.is(",") || LINKS.contains(t.key());
        return t.isMark() && !t.is(",") && !t.is("-")
                || link
                        && end - i > 1
                        && tokens.subList(0, i).stream().anyMatch(b -> words.verb(b) != null || AUX.contains(b.key()));
    }

    private boolean isSubject(List<Token> subject) {
        Token first = subject.getFirst();
        boolean begins = BEGINS.contains(first.key()) || first.isNumber();
        return begins
                && subject.stream()
                        .allMatch(t -> !words.isAny(t, Use.SUBORDINATE, Use.CONDITION)
                                && (words.verb(t) == null
                                        || words.spoken(t).form() == Form.PAST
                                        || words.spoken(t).verb().noun()));
    }

    private String ordered(String text, List<Token> tokens, int from, int aux, int verb) {
        int start = tokens.get(from).start();
        int subjectEnd = tokens.get(MODAL.contains(tokens.get(aux - 1).key()) ? aux - 2 : aux - 1)
                .end();
        String subject = text.substring(start, subjectEnd);
        String order = words.spoken(tokens.get(verb)).verb().base();
        boolean opens = Character.isUpperCase(subject.charAt(0));
        String more =
                text.substring(tokens.get(aux).end(), tokens.get(verb).start()).strip();
        String rest = based(text, tokens, verb);
        return text.substring(0, start)
                + (opens ? order.substring(0, 1).toUpperCase(Locale.ROOT) + order.substring(1) : order)
                + " "
                + subject.substring(0, 1).toLowerCase(Locale.ROOT)
                + subject.substring(1)
                + (more.isEmpty() ? "" : " " + more)
                + rest;
    }

    /** What is said behind the verb: ", then peeled and cut" becomes ", then peel and cut". */
    private String based(String text, List<Token> tokens, int verb) {
        StringBuilder rest = new StringBuilder();
        int at = tokens.get(verb).end();
        for (int i = verb + 1; i < tokens.size(); i++) {
            Spoken spoken = work(tokens, i);
            if (AUX.contains(tokens.get(i).key())) {
                break;
            }
            if (spoken != null) {
                rest.append(text, at, tokens.get(i).start())
                        .append(spoken.verb().base());
                at = tokens.get(i).end();
            }
        }
        return rest.append(text.substring(at)).toString();
    }

    private @Nullable Spoken work(List<Token> tokens, int i) {
        Spoken spoken = words.verb(tokens.get(i));
        int before = i - 1;
        while (before > 0 && isAdverb(tokens.get(before)) && !tokens.get(before).is("then")) {
            before--;
        }
        boolean joined =
                tokens.get(before).is(",") || LINKS.contains(tokens.get(before).key());
        boolean last = i + 1 >= tokens.size();
        Token next = last ? tokens.get(i) : tokens.get(i + 1);
        boolean free = last || next.isMark() || AFTER_WORK.contains(next.key()) || isAdverb(next);
        return spoken != null && spoken.form() == Form.PAST && joined && free ? spoken : null;
    }
}
