package nabe.server.api;

import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import nabe.measure.WrongValueException;
import nabe.reading.text.RecipeReader;
import nabe.recipe.RecipeException;
import nabe.server.store.Dish;
import nabe.server.store.DishStore;
import nabe.server.store.MealStore;
import nabe.server.store.NoSuchDishException;
import nabe.server.store.StaleDishException;
import nabe.server.store.StaleHouseException;
import nabe.words.Messages;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Every error as RFC 9457 problem+json, its detail in a cook's words. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private final DishStore store;
    private final MealStore meals;

    Problems(DishStore store, MealStore meals) {
        this.store = store;
        this.meals = meals;
    }

    @ExceptionHandler
    ProblemDetail unreadable(RecipeException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, Messages.say("server.the-recipe-could-not-be-read"), words(e));
    }

    @ExceptionHandler
    ProblemDetail tooLong(BodyLimit.TooLongException e) {
        return problem(HttpStatus.CONTENT_TOO_LARGE, Messages.say("server.too-long-to-read"), words(e));
    }

    @ExceptionHandler
    ProblemDetail wrongValue(WrongValueException e) {
        return problem(HttpStatus.BAD_REQUEST, Messages.say("server.something-in-this-does-not-make"), words(e));
    }

    @ExceptionHandler
    ProblemDetail noDish(NoSuchDishException e) {
        return problem(HttpStatus.NOT_FOUND, Messages.say("server.no-such-dish"), words(e));
    }

    @ExceptionHandler
    ProblemDetail noMeal(MealStore.NoSuchMealException e) {
        return problem(HttpStatus.NOT_FOUND, Messages.say("server.no-such-meal"), words(e));
    }

    @ExceptionHandler
    ProblemDetail concurrent(MealStore.ConcurrentMealChange e) {
        return staleMeal(new MealStore.StaleMealException(meals.get(e.meal())));
    }

    @ExceptionHandler
    ProblemDetail staleMeal(MealStore.StaleMealException e) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                Messages.say("server.changed-in-another-window"),
                Messages.say("server.look-at-both-and-save-again", words(e)));
        problem.setProperties(Map.of("current", MealsController.MealView.of(e.current())));
        return problem;
    }

    @ExceptionHandler
    ProblemDetail nothingThere(NoSuchThingException e) {
        return problem(HttpStatus.NOT_FOUND, Messages.say("server.nothing-there"), words(e));
    }

    @ExceptionHandler
    ProblemDetail staleHouse(StaleHouseException e) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                Messages.say("server.changed-in-another-window"),
                Messages.say("server.look-at-both-and-save-again", words(e)));
        problem.setProperties(Map.of("current", e.current()));
        return problem;
    }

    @ExceptionHandler
    ProblemDetail noDish(MethodArgumentTypeMismatchException e) {
        return noDish(new NoSuchDishException());
    }

    @ExceptionHandler
    ProblemDetail noVersion(DishesController.MissingVersionException e) {
        return problem(HttpStatus.PRECONDITION_REQUIRED, Messages.say("server.which-version"), words(e));
    }

    @ExceptionHandler
    ProblemDetail stale(StaleDishException e) {
        return conflict(e.current(), words(e));
    }

    @ExceptionHandler
    ProblemDetail concurrent(DishStore.ConcurrentChange e) {
        Dish current = store.get(e.dish());
        return conflict(current, words(new StaleDishException(current)));
    }

    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ProblemDetail noDatabase(RuntimeException e) {
        LOG.warn("The database did not answer: {}", e.getMessage());
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                Messages.say("server.the-dishes-cannot-be-reached"),
                Messages.say("server.nabes-database-is-not-answering-your"));
    }

    @ExceptionHandler
    ProblemDetail broken(Exception e) {
        String incident = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("A request failed (incident {})", incident, e);
        ProblemDetail problem = problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                Messages.say("server.nabe-made-a-mistake"),
                Messages.say("server.something-went-wrong-inside-nabe-not", incident));
        problem.setProperties(Map.of("incident", incident));
        return problem;
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String all = e.getAllErrors().stream()
                .map(error -> Messages.say(Objects.requireNonNull(error.getDefaultMessage())))
                .distinct()
                .sorted()
                .collect(Collectors.joining(" "));
        return respond(problem(HttpStatus.BAD_REQUEST, Messages.say("server.something-in-this-does-not-make"), all));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof BodyLimit.TooLongException tooLong) {
                return respond(tooLong(tooLong));
            }
            if (t instanceof WrongValueException wrong) {
                return respond(wrongValue(wrong));
            }
        }
        return respond(problem(HttpStatus.BAD_REQUEST, Messages.say("server.not-understood"), Misfit.told(e)));
    }

    private static ResponseEntity<Object> respond(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    private static ProblemDetail conflict(Dish current, String detail) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                Messages.say("server.changed-in-another-window"),
                Messages.say("server.both-versions-are-kept-here-choose", detail));
        problem.setProperties(Map.of("current", DishView.of(current)));
        return problem;
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }

    static String tooLongWords() {
        return Messages.say("server.this-is-longer-than-nabe-reads", RecipeReader.LONGEST_TEXT / 1_000_000);
    }

    private static String words(Exception e) {
        return Objects.requireNonNullElse(e.getMessage(), "");
    }
}
