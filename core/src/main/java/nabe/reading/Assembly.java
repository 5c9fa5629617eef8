package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.recipe.Line;
import nabe.recipe.Procedure;

/** Writes pots, layers and bake out as a procedure. */
final class Assembly {
    private final List<Line> lines;
    private final List<Pot> pots;
    private final Layering layers;
    private final OvenReader oven;
    private final List<Procedure.Doubt> doubts;

    Assembly(List<Line> lines, List<Pot> pots, Layering layers, OvenReader oven, List<Procedure.Doubt> doubts) {
        this.lines = lines;
        this.pots = pots;
        this.layers = layers;
        this.oven = oven;
        this.doubts = doubts;
    }

    Procedure procedure() {
        placeTheUnplaced();
        layers.share();
        List<Procedure.Placement> placed = layers.all.stream()
                .map(p -> new Procedure.Placement(ProcedureReader.id(p.pot), round(p.share), p.film, p.inside, p.late))
                .toList();
        return new Procedure(
                pots.stream()
                        .filter(p -> !p.lines.isEmpty() || !p.pots.isEmpty())
                        .map(this::component)
                        .toList(),
                placed,
                List.of(),
                oven.phases(),
                oven.rest(),
                null,
                List.copyOf(doubts));
    }

    /** What is made and goes nowhere lies on top of what was laid: a dish in one pot is that pot. */
    private void placeTheUnplaced() {
        for (Pot pot : List.copyOf(pots)) {
            boolean laid = layers.all.stream().anyMatch(p -> p.pot == pot);
            boolean inside = pots.stream().anyMatch(p -> p.inside == pot);
            if (!laid && !inside && pot.given < 0.99 && (!pot.lines.isEmpty() || !pot.pots.isEmpty())) {
                layers.place(pot, null, Portion.UNSAID);
            }
        }
    }

    private static double round(double share) {
        return Math.round(share * 1000) / 1000.0;
    }

    private Procedure.Vessel component(Pot pot) {
        List<Procedure.Of> of = new ArrayList<>();
        pot.lines.forEach((line, share) -> of.add(new Procedure.Of(line, null, round(share))));
        pot.pots.forEach((other, share) -> of.add(new Procedure.Of(null, ProcedureReader.id(other), round(share))));
        return new Procedure.Vessel(ProcedureReader.id(pot), name(pot), kind(pot), of, List.copyOf(pot.steps));
    }

    private String name(Pot pot) {
        if (pot.lines.size() == 1) {
            return lines.get(pot.lines.keySet().iterator().next()).item();
        }
        if (pot.heading != null) {
            return pot.heading
                    .replaceFirst("(?i)^(?:for|to make) (?:the )?", "")
                    .replaceAll(":$", "")
                    .toLowerCase(java.util.Locale.ROOT);
        }
        return switch (kind(pot)) {
            case "white-sauce" -> "white sauce";
            case "red-sauce" -> "red sauce";
            case "topping" -> "topping";
            default ->
                "mixture of "
                        + pot.lines.keySet().stream()
                                .limit(2)
                                .map(l -> lines.get(l).item())
                                .collect(Collectors.joining(" and "));
        };
    }

    private String kind(Pot pot) {
        Set<String> roles = pot.lines.keySet().stream()
                .map(l -> lines.get(l).ingredient())
                .filter(java.util.Objects::nonNull)
                .map(i -> i.role())
                .collect(Collectors.toSet());
        if (pot.lines.size() == 1 && pot.pots.isEmpty()) {
            return single(roles.isEmpty() ? "" : roles.iterator().next());
        }
        boolean meat = roles.stream()
                .anyMatch(r -> r.matches("mince|poultry.*|meat|sausage|fish.*|shellfish|pulse|mock-meat"));
        boolean milk = roles.stream().anyMatch(r -> r.matches("milk|cream|sour-milk"));
        if (!meat && roles.contains("flour") && milk) {
            return "white-sauce";
        }
        if (!meat
                && roles.stream().anyMatch(r -> r.matches("tomato|tomato-sauce"))
                && roles.stream().noneMatch(r -> r.matches("slice-.*|root|leaf|mushroom"))) {
            return "red-sauce";
        }
        if (roles.contains("crumbs") && !meat) {
            return "topping";
        }
        return !meat && roles.contains("slice-root") && milk
                ? "mash"
                : !meat && roles.contains("flour") && roles.contains("butter") ? "crust" : "filling";
    }

    private static String single(String role) {
        return switch (role) {
            case "melting-cheese" -> "melting-cheese";
            case "hard-cheese" -> "hard-cheese";
            case "soft-cheese", "cream-cheese", "crumbly-cheese" -> "soft-cheese";
            case "crumbs" -> "topping";
            case "pastry", "pastry-thin" -> "crust";
            case "herb" -> "garnish";
            case "milk", "cream", "stock" -> "binder";
            case "tomato", "tomato-sauce" -> "red-sauce";
            case "sheets",
                    "fresh-sheets",
                    "tubes",
                    "shells",
                    "short-pasta",
                    "noodles",
                    "wrap",
                    "bread",
                    "slice-root",
                    "slice-vegetable",
                    "grain" -> "structure";
            default -> "filling";
        };
    }
}
