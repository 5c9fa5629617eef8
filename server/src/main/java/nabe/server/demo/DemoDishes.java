package nabe.server.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import nabe.server.api.BriefRequest;
import nabe.server.api.RecipeRequest;
import nabe.server.store.DishStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * The Lantern Street supper club's four dishes, put on an empty shelf. Twelve people eat on the last Friday of the month:
 * one with coeliac disease, one with a milk allergy, two vegans, one who cannot have tree nuts.
 */
@Component
@ConditionalOnProperty("nabe.demo")
class DemoDishes implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoDishes.class);
    private final DishStore store;

    DemoDishes(DishStore store) {
        this.store = store;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException {
        if (!store.all().isEmpty()) {
            return;
        }
        for (Demo demo : DEMOS) {
            String text = new ClassPathResource("demo/" + demo.file).getContentAsString(StandardCharsets.UTF_8);
            RecipeRequest recipe = new RecipeRequest(text, null, null, null, null, null);
            store.create(new BriefRequest(demo.title, recipe, demo.needs, List.of(), demo.strict, demo.pan,
                    new BriefRequest.OvenRequest(null, false, demo.start), null, null, demo.notes, null, null, null), demo.title, "Read the recipe");
        }
        LOG.info("The Lantern Street supper club's dishes are on the shelf.");
    }

    private record Demo(String file, String title, List<String> needs, boolean strict, BriefRequest.PanRequest pan,
            String start, String notes) {
    }

    private static final List<Demo> DEMOS = List.of(
            new Demo("pot-pie.txt", "Chicken and root-vegetable pot pie", List.of("gluten-free", "dairy-free"), true,
                    new BriefRequest.PanRequest("oval", 320.0, 230.0, null, 70.0, "ceramic"), "hot",
                    "For the table's meat eaters. The lid is the hard part: cold block, papers, no stretching."),
            new Demo("gratin.txt", "Leek and potato gratin", List.of("dairy-free", "nut-free"), true,
                    new BriefRequest.PanRequest("round", null, null, 280.0, 60.0, "ceramic"), "room",
                    "Two allergies at once: no cashew cream here, whatever the books say."),
            new Demo("moussaka.txt", "Lamb moussaka", List.of("gluten-free"), true,
                    new BriefRequest.PanRequest("rectangle", 330.0, 230.0, null, 75.0, "ceramic"), "room",
                    "Last month the custard was pale: ten minutes more, open."),
            new Demo("lasagna.txt", "Chard and mushroom lasagna", List.of("gluten-free", "dairy-free", "vegan", "nut-free"), true,
                    new BriefRequest.PanRequest("rectangle", 330.0, 230.0, null, 65.0, "glass"), "fridge",
                    "The one dish everybody can eat. Assemble on Thursday evening, bake on Friday."));
}
