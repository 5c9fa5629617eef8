package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Steps → sentences → clauses: a clause begins at a verb that leads, not at one that only describes ("the fried onions"). */
final class Clauses {
    private static final Pattern SENTENCE = Pattern.compile(
            "(?<=[.!;])(?<!\\b(?:approx|no|e\\.g)\\.)(?<!\\bmins?\\.(?=\\s\\p{Ll}))\\s+|\\n+|(?<=\\p{L}) - (?=\\p{L})");
    private static final Pattern WORD = Pattern.compile("[\\p{L}'’]+|\\d+");
    private static final Pattern LEADS = Pattern.compile(
            "(?:^|[,;:–—(]|\\b(?:and|then|but|or|now|meanwhile|next|finally|first|once|again|also|just|gently|well|&|to))\\W*(?:\\w+ly\\W*)?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern PURPOSE =
            Pattern.compile("\\b(?:to|before you|until|as|when|while|so that .*)\\W*$", Pattern.CASE_INSENSITIVE);
    /** Things as well as verbs: they lead a clause only with an object right after them. */
    private static final Pattern NOUN_TOO = Pattern.compile(
            "butter|oil|salt|top|core|shell|juice|zest|line|dry|spray|crumble|mince|mash|season|brown|crush|rest|cover|foil|dust|peel|steam|stew|braise|roll|shape|flake|pat|strip|dice|start|end|finish|toast|roast|turn|set",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern OBJECT = Pattern.compile(
            "^\\W?\\s*(?:the|a|an|it|them|this|that|each|your|both|in|into|on|over|with|off|out|up|for|at|to|until|till|all|half|well|\\d|\\w+ly|\\w+s\\b|generously|everything|some|any|most|more|uncovered|covered)\\b",
            Pattern.CASE_INSENSITIVE);
    private final Actions actions;

    Clauses(Actions actions) {
        this.actions = actions;
    }

    List<Clause> of(List<String> steps) {
        List<Clause> all = new ArrayList<>();
        int sentence = 0;
        for (int step = 0; step < steps.size(); step++) {
            boolean opens = true;
            for (String words : SENTENCE.split(Numbers.inDigits(steps.get(step)))) {
                if (!words.isBlank()) {
                    add(all, words.strip(), step, sentence, opens);
                    opens = false;
                }
                sentence++;
            }
        }
        return all;
    }

    private void add(List<Clause> all, String sentence, int step, int index, boolean opens) {
        List<Integer> starts = new ArrayList<>();
        Matcher m = WORD.matcher(sentence);
        while (m.find()) {
            Optional<Actions.Action> action = actions.of(m.group());
            String before = sentence.substring(0, m.start());
            boolean leads =
                    LEADS.matcher(before).find() && !PURPOSE.matcher(before).find();
            boolean noun = NOUN_TOO.matcher(m.group()).matches()
                    && !OBJECT.matcher(sentence.substring(m.end())).find();
            if (action.isPresent() && leads && !noun) {
                starts.add(m.start());
            }
        }
        int from = 0;
        boolean first = true;
        for (int i = 0; i <= starts.size(); i++) {
            int end = i < starts.size() ? starts.get(i) : sentence.length();
            if (end <= from && i == 0) {
                continue;
            }
            String text = sentence.substring(from, end).strip();
            if (!text.replaceAll("(?i)\\b(?:and|then|but|or|now|meanwhile|next|finally|first)\\b|\\W", "")
                    .isEmpty()) {
                all.add(new Clause(action(text), text, step, index, first, opens && first));
                first = false;
            }
            from = end;
        }
    }

    private Actions.Action action(String text) {
        Matcher m = WORD.matcher(text);
        if (!m.find()) {
            return null;
        }
        boolean noun = NOUN_TOO.matcher(m.group()).matches()
                && !OBJECT.matcher(text.substring(m.end())).find();
        return noun ? null : actions.of(m.group()).orElse(null);
    }
}
