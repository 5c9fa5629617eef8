package nabe.swap;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nabe.larder.ComponentBook;
import nabe.larder.ComponentRecipe;
import nabe.larder.Ingredient;
import nabe.larder.Larder;

/** Decides what is made at home and what is bought, and finds the batches that several parts share. */
final class ComponentChooser {
    private static final String HOME = "home";
    private static final String BOUGHT = "bought";
    private final Larder larder;
    private final ComponentBook book;
    private final Kitchen kitchen;
    private final Standings standings;
    private final Display display;

    ComponentChooser(Larder larder, ComponentBook book, Kitchen kitchen, Standings standings) {
        this.larder = larder;
        this.book = book;
        this.kitchen = kitchen;
        this.standings = standings;
        this.display = Display.of(kitchen.house());
    }

    /** @return one batch for each home-made thing, in the order they are first needed */
    List<MadeComponent> choose(List<ConvertedLine> lines) {
        Map<String, List<ConvertedLine>> together = new LinkedHashMap<>();
        for (ConvertedLine line : lines) {
            boolean asked = line.ingredient() != null
                    && (line.swapped()
                            || kitchen.made().containsKey(line.ingredient().id()));
            if (asked && line.gramsOrZero() > 0) {
                together.computeIfAbsent(line.food().id(), k -> new java.util.ArrayList<>())
                        .add(line);
            }
        }
        return together.values().stream()
                .map(this::batch)
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<MadeComponent> batch(List<ConvertedLine> lines) {
        Ingredient made = lines.getFirst().food();
        List<ComponentRecipe> fitting =
                book.making(made).stream().filter(this::fits).toList();
        return recipe(made, fitting).map(recipe -> scaled(recipe, lines, made, fitting));
    }

    private boolean fits(ComponentRecipe recipe) {
        return recipe.of().keySet().stream()
                .allMatch(id -> standings.judge(larder.get(id)).fits());
    }

    private Optional<ComponentRecipe> recipe(Ingredient made, List<ComponentRecipe> fitting) {
        String asked = kitchen.made().get(made.id());
        Optional<ComponentRecipe> named =
                fitting.stream().filter(r -> r.id().equals(asked)).findFirst();
        if (named.isPresent() || fitting.isEmpty()) {
            return named;
        }
        boolean buy = canBuy(made) && (BOUGHT.equals(asked) || asked == null && prefersBought(fitting.getFirst()));
        return buy
                ? Optional.empty()
                : fitting.stream().filter(this::isOfTheHouse).findFirst().or(() -> Optional.of(fitting.getFirst()));
    }

    private boolean prefersBought(ComponentRecipe recipe) {
        boolean cheese = recipe.kind().endsWith("cheese");
        if (cheese && kitchen.house().schools().chose("plant-cheese", HOME)) {
            return false;
        }
        return cheese && kitchen.house().schools().chose("plant-cheese", BOUGHT)
                || recipe.usual().equals(BOUGHT);
    }

    private boolean isOfTheHouse(ComponentRecipe recipe) {
        return recipe.school().entrySet().stream()
                .anyMatch(e -> kitchen.house().schools().chose(e.getKey(), e.getValue()));
    }

    /** What is described only by its recipe is not sold. */
    private static boolean canBuy(Ingredient made) {
        return !made.composition().source().startsWith("made:");
    }

    private MadeComponent scaled(
            ComponentRecipe recipe, List<ConvertedLine> lines, Ingredient made, List<ComponentRecipe> fitting) {
        double grams = lines.stream().mapToDouble(ConvertedLine::gramsOrZero).sum();
        double batches = grams / recipe.readyGrams();
        List<MadeComponent.Constituent> of = recipe.of().entrySet().stream()
                .map(e -> constituent(larder.get(e.getKey()), e.getValue() * batches))
                .toList();
        return new MadeComponent(
                recipe.id(),
                recipe.name(),
                made.id(),
                grams,
                display.amount(made, grams),
                lines.stream().map(ConvertedLine::part).distinct().toList(),
                of,
                recipe.steps(),
                recipe.sign(),
                recipe.active(),
                recipe.passive(),
                recipe.tools(),
                recipe.tools().stream().filter(kitchen.lacks()::contains).toList(),
                recipe.days(),
                recipe.freezes(),
                canBuy(made),
                fitting.stream()
                        .map(ComponentRecipe::id)
                        .filter(id -> !id.equals(recipe.id()))
                        .toList(),
                lines.stream().map(ConvertedLine::source).distinct().toList());
    }

    private MadeComponent.Constituent constituent(Ingredient of, double grams) {
        return new MadeComponent.Constituent(
                of.name(), of.id(), grams, display.amount(of, grams), standings.labelAdvice(of), of);
    }
}
