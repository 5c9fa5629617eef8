package nabe.server.api;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import nabe.larder.Allergen;
import nabe.larder.ComponentBook;
import nabe.larder.ComponentRecipe;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Origin;
import nabe.larder.Properties;
import nabe.swap.Unresolved;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the larder holds: ingredients for choosing by hand, and the recipes of what is made at home. */
@RestController
@RequestMapping("/api/larder")
class LarderController {
    private final Larder larder;
    private final List<LarderItem> items;
    private final List<ComponentView> components;

    LarderController(Larder larder) {
        this.larder = larder;
        Properties properties = new Properties(larder);
        ComponentBook book = new ComponentBook(larder);
        items = larder.all().stream()
                .map(i -> item(i, properties.of(i), book))
                .sorted(Comparator.comparing(LarderItem::name, String.CASE_INSENSITIVE_ORDER))
                .toList();
        components = book.all().stream().map(c -> view(c, larder)).toList();
    }

    /** One ingredient: its names, what is in it, what may be, what it does, and where its figures come from. */
    public record LarderItem(
            String id,
            String name,
            List<String> aliases,
            List<String> roles,
            List<Allergen> allergens,
            List<Allergen> maybe,
            boolean maybeAnimal,
            List<Allergen> traces,
            Origin origin,
            double water,
            double fat,
            double salt,
            Map<String, Properties.Range> properties,
            List<String> madeBy,
            String source) {}

    /** One component recipe, in grams for one batch. */
    public record ComponentView(
            String id,
            String name,
            String kind,
            String makes,
            List<Part> ingredients,
            double readyGrams,
            int active,
            int passive,
            List<String> tools,
            int days,
            String freezes,
            List<Allergen> allergens,
            List<String> steps,
            String sign) {
        /** One thing that goes in. */
        public record Part(String item, String ingredient, double grams) {}
    }

    @GetMapping("/ingredients")
    List<LarderItem> ingredients() {
        return items;
    }

    /** What words that name no food may mean, the nearest first. */
    @GetMapping("/near")
    List<Unresolved.Near> near(@RequestParam String words) {
        return larder.nearest(words).stream()
                .map(i -> new Unresolved.Near(i.id(), i.name()))
                .toList();
    }

    @GetMapping("/components")
    List<ComponentView> components() {
        return components;
    }

    private static LarderItem item(Ingredient i, Map<String, Properties.Range> properties, ComponentBook book) {
        return new LarderItem(
                i.id(),
                i.name(),
                i.aliases(),
                i.roles(),
                sorted(i.allergens()),
                sorted(i.maybe()),
                i.maybeAnimal(),
                sorted(i.traces()),
                i.origin(),
                i.composition().water(),
                i.composition().fat(),
                i.composition().saltGramsPer100(),
                properties,
                book.making(i).stream().map(ComponentRecipe::id).toList(),
                i.composition().source());
    }

    private static ComponentView view(ComponentRecipe c, Larder larder) {
        List<ComponentView.Part> parts = c.of().entrySet().stream()
                .map(e -> new ComponentView.Part(larder.get(e.getKey()).name(), e.getKey(), e.getValue()))
                .toList();
        return new ComponentView(
                c.id(),
                c.name(),
                c.kind(),
                c.makes(),
                parts,
                c.readyGrams(),
                c.active(),
                c.passive(),
                c.tools(),
                c.days(),
                c.freezes(),
                sorted(larder.get(c.makes()).allergens()),
                c.steps(),
                c.sign());
    }

    private static List<Allergen> sorted(java.util.Set<Allergen> allergens) {
        return allergens.stream().sorted().toList();
    }
}
