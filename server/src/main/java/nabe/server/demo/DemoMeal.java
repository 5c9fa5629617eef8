package nabe.server.demo;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.server.brief.HouseRequest.PersonRequest;
import nabe.server.brief.MealRequest;
import nabe.server.brief.MealRequest.CourseRequest;
import nabe.server.brief.MealRequest.EaterRequest;
import nabe.server.brief.MealRequest.KitchenRequest;
import nabe.server.brief.MealRequest.MealOvenRequest;
import nabe.server.brief.MealRequest.SittingRequest;
import nabe.server.brief.MealRequest.ToolRequest;
import org.jspecify.annotations.Nullable;

/**
 * The supper club's last Friday: twelve people, four dishes, one oven, one cook with a helper from six, Thursday evening
 * free.
 */
final class DemoMeal {
    private static final List<String> GUESTS = List.of("Bryn", "Cato", "Della", "Ewart", "Fenn", "Greer", "Hale");

    private DemoMeal() {}

    static MealRequest of(Map<String, UUID> dishes, List<PersonRequest> people) {
        List<EaterRequest> eaters = Stream.concat(
                        people.stream().map(p -> new EaterRequest(p.name(), p.needs(), p.strict(), oats(p))),
                        GUESTS.stream().map(name -> new EaterRequest(name, List.of(), false, null)))
                .toList();
        List<CourseRequest> courses = dishes.values().stream()
                .map(id -> new CourseRequest(id, null, null, null, null, null))
                .collect(Collectors.toList());
        KitchenRequest kitchen = new KitchenRequest(
                2,
                4,
                List.of(new MealOvenRequest(2, false)),
                List.of(
                        new ToolRequest("colander", 1, "metal", null),
                        new ToolRequest("colander", 1, "metal", "gluten-free"),
                        new ToolRequest("wooden-spoon", 3, "wood", null),
                        new ToolRequest("wooden-spoon", 1, "wood", "gluten-free")),
                List.of(
                        new SittingRequest("2026-11-26T18:30", "2026-11-26T21:30", 1),
                        new SittingRequest("2026-11-27T13:00", "2026-11-27T18:00", 1),
                        new SittingRequest("2026-11-27T18:00", "2026-11-27T19:30", 2)));
        return new MealRequest(
                "Lantern Street, last Friday", "2026-11-27T19:30", eaters, courses, kitchen, List.of(), null, null);
    }

    private static @Nullable String oats(PersonRequest person) {
        boolean glutenFree = person.needs() != null && person.needs().contains("gluten-free");
        return !glutenFree ? null : Boolean.TRUE.equals(person.certifiedOats()) ? "certified" : "none";
    }
}
