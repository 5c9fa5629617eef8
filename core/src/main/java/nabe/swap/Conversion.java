package nabe.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The recipe made to fit the needs.
 *
 * @param lines what goes into the dish, home-made things as one line each
 * @param made the home-made things with their recipes, each once however many parts it serves
 * @param method the recipe's steps as they read now
 * @param methodFoods what only the method names and is not plainly fine
 * @param massBeforeGrams weight of all lines the recipe weighs
 */
public record Conversion(
        List<ConvertedLine> lines,
        List<Swap> swaps,
        List<Unresolved> unresolved,
        List<MadeComponent> made,
        List<MethodStep> method,
        List<MethodFood> methodFoods,
        double massBeforeGrams) {

    /** @return the same with other words in its method */
    public Conversion withMethod(List<MethodStep> steps) {
        return new Conversion(lines, swaps, unresolved, made, steps, methodFoods, massBeforeGrams);
    }

    /** @return raw weight of all that goes in now, home-made things by what goes into them */
    public double massAfterGrams() {
        return toBuy().stream().mapToDouble(ConvertedLine::gramsOrZero).sum();
    }

    /** @return grams of water that go off while home-made things are made */
    public double cookedOffInMaking() {
        return massAfterGrams()
                - lines.stream().mapToDouble(ConvertedLine::gramsOrZero).sum();
    }

    /** @return lines with every home-made thing taken apart into what goes into it: what the cook has to have */
    public List<ConvertedLine> toBuy() {
        List<ConvertedLine> all = new ArrayList<>();
        for (ConvertedLine line : lines) {
            Optional<MadeComponent> home = madeFor(line);
            if (home.isEmpty() || line.grams() == null) {
                all.add(line);
            } else {
                all.addAll(home.get().constituentsOf(line));
            }
        }
        return all;
    }

    private Optional<MadeComponent> madeFor(ConvertedLine line) {
        return line.ingredient() == null
                ? Optional.empty()
                : made.stream()
                        .filter(m -> m.makes().equals(line.ingredient().id()) && m.serves(line))
                        .findFirst();
    }
}
