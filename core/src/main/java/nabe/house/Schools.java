package nabe.house;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import nabe.larder.Ingredient;
import nabe.larder.ListCatalogue;
import nabe.measure.WrongValueException;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * The house's answers where good cooks differ; what it left open is answered by the default.
 *
 * @param answers answer id by question id
 */
public record Schools(Map<String, String> answers) {
    private static final List<Question> QUESTIONS = List.copyOf(ListCatalogue.read("schools.json5", Question[].class));
    private static final Schools USUAL = new Schools(Map.of());

    /** One question with its answers, the default first. */
    public record Question(String id, String ask, String why, List<Answer> answers) {
        public Question {
            ask = Messages.translated(ask);
            why = Messages.translated(why);
        }
    }

    /**
     * One school.
     *
     * @param avoids what it does without: larder ids, roles, or "make:" and a kind of makers.csv
     * @param mostWaiting minutes of waiting it takes at most, or null for any
     */
    public record Answer(
            String id,
            String name,
            @JsonIgnore List<String> avoids,
            @JsonIgnore @Nullable Integer mostWaiting) {
        public Answer {
            name = Messages.translated(name);
            avoids = avoids == null ? List.of() : List.copyOf(avoids);
        }
    }

    /** @throws WrongValueException for a question or an answer that is not in schools.json5 */
    public Schools {
        answers = Map.copyOf(answers);
        answers.forEach(Schools::check);
    }

    private static void check(String question, String answer) {
        Question asked = QUESTIONS.stream()
                .filter(q -> q.id().equals(question))
                .findFirst()
                .orElseThrow(() -> new WrongValueException(Messages.say(
                        "house.the-question-must-be-one-of",
                        question,
                        String.join(", ", QUESTIONS.stream().map(Question::id).toList()))));
        if (asked.answers().stream().noneMatch(a -> a.id().equals(answer))) {
            throw new WrongValueException(Messages.say(
                    "house.the-answer-to-must-be-one",
                    answer,
                    question,
                    String.join(", ", asked.answers().stream().map(Answer::id).toList())));
        }
    }

    public static Schools usual() {
        return USUAL;
    }

    public static List<Question> questions() {
        return QUESTIONS;
    }

    /** @return the house's answer, or the default */
    public String answer(String question) {
        return answers.getOrDefault(
                question,
                QUESTIONS.stream()
                        .filter(q -> q.id().equals(question))
                        .findFirst()
                        .orElseThrow()
                        .answers()
                        .getFirst()
                        .id());
    }

    public boolean is(String question, String answer) {
        return answer(question).equals(answer);
    }

    /** @return whether the house chose this answer itself, rather than leave it at the default */
    public boolean chose(String question, String answer) {
        return answer.equals(answers.get(question));
    }

    /** @return whether a school that this house chose does without it */
    public boolean avoids(Ingredient ingredient) {
        return chosen().flatMap(a -> a.avoids().stream())
                .anyMatch(what -> what.equals(ingredient.id())
                        || ingredient.roles().contains(what)
                        || what.equals("make:" + ingredient.make().kind()));
    }

    /** @return whether a school that this house chose does not wait so long */
    public boolean avoidsWaiting(int minutes) {
        return chosen().map(Answer::mostWaiting).anyMatch(most -> most != null && minutes > most);
    }

    private Stream<Answer> chosen() {
        return answers.isEmpty()
                ? Stream.empty()
                : QUESTIONS.stream().flatMap(q -> q.answers().stream().filter(a -> chose(q.id(), a.id())));
    }

    /** @return these answers with the dish's own on top */
    public Schools with(Map<String, String> dish) {
        Map<String, String> all = new HashMap<>(answers);
        all.putAll(dish);
        return new Schools(all);
    }
}
