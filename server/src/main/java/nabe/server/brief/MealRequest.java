package nabe.server.brief;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import nabe.larder.Allergen;
import nabe.meal.Meal;
import nabe.measure.WrongValueException;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** A meal as the client sends it. Times are local, to the minute. */
public record MealRequest(
        @Nullable String title,
        @Nullable String serveAt,
        @Nullable List<@Valid @NotNull(message = Empty.EATER) EaterRequest> eaters,
        @Nullable List<@Valid @NotNull(message = Empty.DISH) CourseRequest> dishes,
        @Valid @Nullable KitchenRequest kitchen,
        @Nullable List<@NotNull(message = Empty.TASK) DoneRequest> done,
        @Nullable List<@NotNull(message = Empty.TASK) String> order,
        @Nullable String now) {
    private static final int USUAL_BURNERS = 4;

    /** @param oats "none", "certified" or "any", or left out */
    public record EaterRequest(
            @Nullable String name,
            @Nullable List<@NotNull(message = Empty.NEED) String> needs,
            @Nullable Boolean strict,
            @Nullable String oats) {
        Meal.Eater eater() {
            Set<Need> named = new HashSet<>();
            Set<Allergen> avoided = new HashSet<>();
            for (String need : orEmpty(needs)) {
                if (List.of(Need.values()).stream().anyMatch(n -> n.id().equals(need))) {
                    named.add(Need.ofId(need));
                } else {
                    avoided.add(Allergen.ofId(need));
                }
            }
            return new Meal.Eater(
                    Objects.requireNonNullElse(name, ""),
                    new Needs(named, avoided, Boolean.TRUE.equals(strict), oatsAtTable()));
        }

        private Needs.Oats oatsAtTable() {
            return switch (oats == null ? "" : oats) {
                case "" -> Needs.Oats.UNSAID;
                case "none" -> Needs.Oats.NEVER;
                case "certified", "any" -> Needs.Oats.FINE;
                default ->
                    throw new WrongValueException(
                            Messages.say("server.the-oats-must-be-none-certified", String.valueOf(oats)));
            };
        }
    }

    /**
     * A dish from the shelf by its id, or a brief.
     *
     * @param covered under foil or a lid in the oven even where its recipe bakes it open
     * @param dropped given up; it keeps its place so that tasks already done keep their names
     */
    public record CourseRequest(
            @Nullable UUID dish,
            @Valid @Nullable BriefRequest brief,
            @JsonProperty("for") @Nullable List<@NotNull(message = Empty.EATER) String> eatenBy,
            @Nullable Integer servings,
            @Nullable Boolean covered,
            @Nullable Boolean dropped) {
        Meal.Course course(Function<UUID, Shelved> shelf) {
            Shelved own = dish != null ? shelf.apply(dish) : given();
            return new Meal.Course(
                    servings == null ? own.brief : own.brief.serving(servings),
                    eatenBy,
                    own.title,
                    Boolean.TRUE.equals(covered),
                    Boolean.TRUE.equals(dropped));
        }

        private Shelved given() {
            if (brief == null) {
                throw new WrongValueException(Messages.say("server.each-dish-must-be-one-from"));
            }
            return new Shelved(brief.title(), brief.brief());
        }
    }

    /** A dish as it stands on the shelf. */
    public record Shelved(@Nullable String title, Brief brief) {}

    public record KitchenRequest(
            @Nullable Integer cooks,
            @Nullable Integer burners,
            @Nullable List<@NotNull(message = Empty.OVEN) MealOvenRequest> ovens,
            @Nullable List<@NotNull(message = Empty.TOOL) ToolRequest> tools,
            @Nullable List<@NotNull(message = Empty.TIME) SittingRequest> sittings) {
        static KitchenRequest usual() {
            return new KitchenRequest(null, null, null, null, null);
        }

        Meal.Kitchen kitchen() {
            List<Meal.Oven> given = ovens == null
                    ? List.of(new Meal.Oven(2, false))
                    : orEmpty(ovens).stream().map(MealOvenRequest::oven).toList();
            return new Meal.Kitchen(
                    cooks == null ? 1 : cooks,
                    burners == null ? USUAL_BURNERS : burners,
                    given,
                    orEmpty(tools).stream().map(ToolRequest::owned).toList(),
                    orEmpty(sittings).stream().map(SittingRequest::sitting).toList());
        }
    }

    public record MealOvenRequest(
            @Nullable Integer shelves, @Nullable Boolean fan) {
        Meal.Oven oven() {
            return new Meal.Oven(shelves == null ? 2 : shelves, Boolean.TRUE.equals(fan));
        }
    }

    public record ToolRequest(
            @Nullable String tool,
            @Nullable Integer count,
            @Nullable String material,
            @Nullable String keptFor) {
        Meal.Owned owned() {
            return new Meal.Owned(Objects.requireNonNullElse(tool, ""), count == null ? 1 : count, material, keptFor);
        }
    }

    /** @param cooks pairs of hands there are then, or left out for all of the kitchen's */
    public record SittingRequest(
            @Nullable String from,
            @Nullable String to,
            @Nullable Integer cooks) {
        Meal.Sitting sitting() {
            return new Meal.Sitting(
                    time(Messages.say("server.time-a-sitting-begins"), from),
                    time(Messages.say("server.time-a-sitting-ends"), to),
                    cooks);
        }
    }

    public record DoneRequest(
            @Nullable String task,
            @Nullable String from,
            @Nullable String to) {
        Meal.Done done() {
            if (task == null) {
                throw new WrongValueException(Messages.say("server.what-was-done-must-name-its"));
            }
            return new Meal.Done(
                    task,
                    time(Messages.say("server.time-a-task-began"), from),
                    time(Messages.say("server.time-a-task-ended"), to));
        }
    }

    /**
     * @param shelf finds a dish by its id
     * @throws WrongValueException in a cook's words where something does not make sense
     */
    public Meal meal(Function<UUID, Shelved> shelf) {
        return new Meal(
                title == null || title.isBlank() ? Messages.say("server.meal") : title.strip(),
                time(Messages.say("server.time-to-serve"), serveAt),
                orEmpty(eaters).stream().map(EaterRequest::eater).toList(),
                orEmpty(dishes).stream().map(d -> d.course(shelf)).toList(),
                (kitchen == null ? KitchenRequest.usual() : kitchen).kitchen(),
                orEmpty(done).stream().map(DoneRequest::done).toList(),
                order,
                now == null ? null : time(Messages.say("server.time-now"), now));
    }

    /** The same, with nothing done said in one way only. */
    public MealRequest plain() {
        return done == null || !done.isEmpty()
                ? this
                : new MealRequest(title, serveAt, eaters, dishes, kitchen, null, order, now);
    }

    /** The same before anything was done, in Nabe's own order. */
    public MealRequest asPlanned() {
        return new MealRequest(title, serveAt, eaters, dishes, kitchen, null, null, null);
    }

    private static LocalDateTime time(String what, @Nullable String text) {
        if (text == null || text.isBlank()) {
            throw new WrongValueException(Messages.say("server.the-is-missing-give-date-and", what));
        }
        try {
            return LocalDateTime.parse(text.strip());
        } catch (DateTimeParseException e) {
            throw new WrongValueException(Messages.say("server.the-must-be-a-local-date", what, text));
        }
    }

    private static <T> List<T> orEmpty(@Nullable List<T> list) {
        if (list != null && list.contains(null)) {
            throw new WrongValueException(Messages.say("server.a-list-holds-an-empty-entry"));
        }
        return list == null ? List.of() : list;
    }
}
