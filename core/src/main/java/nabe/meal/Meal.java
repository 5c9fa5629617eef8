package nabe.meal;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import nabe.measure.WrongValueException;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What the cook decided about a meal; everything else is computed from it.
 *
 * @param serveAt when it is on the table, local time
 * @param done tasks that were begun or finished, with their true times
 * @param order the cook's own order of tasks by id, or null to let Nabe find one
 * @param now nothing that is not done may begin before; null while it is only planned
 */
public record Meal(
        String title,
        LocalDateTime serveAt,
        List<Eater> eaters,
        List<Course> dishes,
        Kitchen kitchen,
        List<Done> done,
        @Nullable List<String> order,
        @Nullable LocalDateTime now) {
    private static final int MOST_DISHES = 8;
    private static final int MOST_EATERS = 40;

    /** @throws WrongValueException when there is nothing to cook, nobody to eat, or a name nobody has */
    public Meal {
        eaters = eaters == null ? List.of() : List.copyOf(eaters);
        dishes = dishes == null ? List.of() : List.copyOf(dishes);
        done = done == null ? List.of() : List.copyOf(done);
        order = order == null ? null : List.copyOf(order);
        if (dishes.stream().allMatch(Course::dropped) || dishes.size() > MOST_DISHES) {
            throw new WrongValueException(Messages.say("meal.a-meal-must-have-one-to", MOST_DISHES, dishes.size()));
        }
        if (eaters.isEmpty() || eaters.size() > MOST_EATERS) {
            throw new WrongValueException(Messages.say("meal.a-meal-must-have-people", MOST_EATERS, eaters.size()));
        }
        List<String> names = eaters.stream().map(Eater::name).toList();
        if (Set.copyOf(names).size() < names.size()) {
            throw new WrongValueException(Messages.say("meal.two-people-have-the-same-name"));
        }
        for (Course dish : dishes) {
            for (String name : dish.eatenBy() == null ? List.<String>of() : dish.eatenBy()) {
                if (!names.contains(name)) {
                    throw new WrongValueException(Messages.say("meal.a-dish-is-for-who-is", name));
                }
            }
        }
    }

    String nameOf(int dish, String title) {
        String own = dishes.get(dish).name();
        return own == null || own.isBlank() ? title : own;
    }

    /** The same before anything was done, and in Nabe's own order. */
    public Meal asPlanned() {
        return new Meal(title, serveAt, eaters, dishes, kitchen, List.of(), null, null);
    }

    /** Somebody at the table. */
    public record Eater(String name, Needs needs) {
        /** @throws WrongValueException when the name is empty or longer than 80 letters */
        public Eater {
            if (name == null || name.isBlank() || name.length() > 80) {
                throw new WrongValueException(Messages.say("meal.each-person-must-have-a-name"));
            }
        }
    }

    /**
     * @param eatenBy names of those it is for, or null for everybody who can eat it
     * @param name what the cook calls it, or null for the recipe's title
     * @param covered whether it stands under foil or a lid in the oven even where its recipe bakes it open
     * @param dropped whether it was given up; its place stays, so that the others keep their numbers
     */
    public record Course(
            Brief brief,
            @Nullable List<String> eatenBy,
            @Nullable String name,
            boolean covered,
            boolean dropped) {
        public static Course of(Brief brief, @Nullable List<String> eatenBy) {
            return new Course(brief, eatenBy, null, false, false);
        }

        boolean isFor(Eater eater) {
            return !dropped && (eatenBy == null || eatenBy.contains(eater.name()));
        }
    }

    /**
     * @param cooks pairs of hands, 1 to 3
     * @param tools what there is; kinds that are not named are there in the usual number
     * @param sittings when there is time to work, in order; none: the eight hours before serving
     */
    public record Kitchen(int cooks, int burners, List<Oven> ovens, List<Owned> tools, List<Sitting> sittings) {
        /** @throws WrongValueException for no cook, no oven, no burner, or sittings that end before they begin */
        public Kitchen {
            ovens = List.copyOf(ovens);
            tools = List.copyOf(tools);
            if (cooks < 1 || cooks > 3) {
                throw new WrongValueException(Messages.say("meal.the-cooks-must-be-one-to", cooks));
            }
            if (burners < 0 || burners > 12) {
                throw new WrongValueException(Messages.say("meal.the-burners-must-be-to-12", burners));
            }
            if (ovens.isEmpty()) {
                throw new WrongValueException(Messages.say("meal.there-is-no-oven-and-these"));
            }
            for (Sitting sitting : sittings) {
                if (!sitting.from().isBefore(sitting.to())) {
                    throw new WrongValueException(Messages.say("meal.a-time-to-work-ends-before"));
                }
                if (sitting.cooks() != null && (sitting.cooks() < 1 || sitting.cooks() > cooks)) {
                    throw new WrongValueException(Messages.say("meal.the-cooks-of-a-time-to", sitting.cooks(), cooks));
                }
            }
            sittings = sittings.stream()
                    .sorted(java.util.Comparator.comparing(Sitting::from))
                    .toList();
        }
    }

    /** @param shelves dishes it takes at once; {@code fan} whether air moves in it */
    public record Oven(int shelves, boolean fan) {
        /** @throws WrongValueException for no shelf or more than five */
        public Oven {
            if (shelves < 1 || shelves > 5) {
                throw new WrongValueException(Messages.say("meal.the-shelves-of-an-oven-must", shelves));
            }
        }
    }

    /** @param keptFor what or whom it is kept for alone, or null */
    public record Owned(
            String tool,
            int count,
            @Nullable String material,
            @Nullable String keptFor) {
        /** @throws WrongValueException for a count below 0 or above 50 */
        public Owned {
            if (tool == null || tool.isBlank() || count < 0 || count > 50) {
                throw new WrongValueException(Messages.say("meal.each-tool-must-have-a-name"));
            }
        }
    }

    /** @param cooks pairs of hands there are then, or null for all of the kitchen's */
    public record Sitting(
            LocalDateTime from, LocalDateTime to, @Nullable Integer cooks) {
        public Sitting(LocalDateTime from, LocalDateTime to) {
            this(from, to, null);
        }

        int cooksOf(Kitchen kitchen) {
            return cooks == null ? kitchen.cooks() : cooks;
        }
    }

    /** A task that was begun or finished; it still runs while {@code to} lies ahead. */
    public record Done(String task, LocalDateTime from, LocalDateTime to) {
        /** @throws WrongValueException when it ends before it begins */
        public Done {
            if (to.isBefore(from)) {
                throw new WrongValueException(Messages.say("meal.the-task-ends-before-it-begins", task));
            }
        }
    }
}
