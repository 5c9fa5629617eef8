package nabe.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import nabe.server.brief.BriefRequest;
import nabe.server.brief.HouseRequest;
import nabe.server.brief.HouseRequest.PersonRequest;
import nabe.server.brief.RecipeRequest;
import nabe.server.store.DishStore;
import nabe.server.store.HomeStore;
import nabe.server.store.MealStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * The Lantern Street supper club's four dishes, put on an empty shelf. Twelve people eat on the last Friday of the month:
 * one with coeliac disease, one with a milk allergy, two vegans, one who cannot have tree nuts.
 */
@Component
@ConditionalOnProperty("nabe.demo")
class DemoDishes implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoDishes.class);
    private final DishStore store;
    private final HomeStore home;
    private final MealStore meals;

    DemoDishes(DishStore store, HomeStore home, MealStore meals) {
        this.store = store;
        this.home = home;
        this.meals = meals;
    }

    /** Before the first page is served, so that nobody finds an empty shelf. */
    @Override
    public void afterSingletonsInstantiated() {
        if (!store.all().isEmpty()) {
            return;
        }
        if (home.house().version() == 0) {
            home.saveHouse(
                    0,
                    new HouseRequest(
                            PEOPLE,
                            Map.of(),
                            List.of(),
                            List.of("colander", "wooden-spoon"),
                            null,
                            null,
                            List.of(new HouseRequest.NamedPan(
                                    "The club's blue roaster",
                                    new BriefRequest.PanRequest(
                                            "rectangle", 400.0, 280.0, null, 70.0, "enamel", 380.0, 260.0, null)))));
        }
        Map<String, UUID> made = new LinkedHashMap<>();
        for (Demo demo : DEMOS) {
            String text = textOf(demo);
            RecipeRequest recipe = new RecipeRequest(text, null, null, null, null, null, null);
            UUID id = store.create(
                            new BriefRequest(
                                    demo.title,
                                    recipe,
                                    demo.needs,
                                    List.of(),
                                    demo.strict,
                                    demo.pan,
                                    new BriefRequest.OvenRequest(null, false, demo.start, null, null, null, null),
                                    null,
                                    null,
                                    demo.notes,
                                    null,
                                    null,
                                    null,
                                    null,
                                    null,
                                    null),
                            demo.title,
                            "Read the recipe")
                    .id();
            made.put(demo.title, id);
        }
        meals.create(DemoMeal.of(made, PEOPLE));
        LOG.info("The Lantern Street supper club's dishes are on the shelf, and its last Friday is on the table.");
    }

    private static String textOf(Demo demo) {
        try {
            return new ClassPathResource("demo/" + demo.file).getContentAsString(StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PersonRequest person(String name, List<String> needs, List<String> avoid, boolean strict) {
        return new PersonRequest(name.toLowerCase(Locale.ROOT), name, needs, avoid, strict, false);
    }

    private static final List<PersonRequest> PEOPLE = List.of(
            person("Wenna", List.of("gluten-free"), List.of(), true),
            person("Tobit", List.of("dairy-free"), List.of(), true),
            person("Maris", List.of("vegan"), List.of(), false),
            person("Osk", List.of("vegan"), List.of(), false),
            person("Pell", List.of("nut-free"), List.of(), true));

    private record Demo(
            String file,
            String title,
            List<String> needs,
            boolean strict,
            BriefRequest.PanRequest pan,
            @org.jspecify.annotations.Nullable String start,
            String notes) {}

    private static final List<Demo> DEMOS = List.of(
            new Demo(
                    "pot-pie.txt",
                    "Chicken and root-vegetable pot pie",
                    List.of("gluten-free", "dairy-free"),
                    true,
                    new BriefRequest.PanRequest("oval", 320.0, 230.0, null, 70.0, "ceramic", null, null, null),
                    "hot",
                    "For the table's meat eaters. The lid is the hard part: cold block, papers, no stretching."),
            new Demo(
                    "gratin.txt",
                    "Leek and potato gratin",
                    List.of("dairy-free", "nut-free"),
                    true,
                    new BriefRequest.PanRequest("round", null, null, 280.0, 60.0, "ceramic", null, null, null),
                    null,
                    "Two allergies at once: no cashew cream here, whatever the books say."),
            new Demo(
                    "moussaka.txt",
                    "Lamb moussaka",
                    List.of("gluten-free"),
                    true,
                    new BriefRequest.PanRequest("rectangle", 330.0, 230.0, null, 75.0, "ceramic", null, null, null),
                    null,
                    "Last month the custard was pale: ten minutes more, open."),
            new Demo(
                    "lasagna.txt",
                    "Chard and mushroom lasagna",
                    List.of("gluten-free", "dairy-free", "vegan", "nut-free"),
                    true,
                    new BriefRequest.PanRequest("rectangle", 330.0, 230.0, null, 65.0, "glass", null, null, null),
                    "fridge",
                    "The one dish everybody can eat. Assemble on Thursday evening, bake on Friday."));
}
