package nabe.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The recipe made to fit the needs.
 *
 * @param lines what goes into the dish, home-made things as one line each
 * @param made the home-made things with their recipes, each once however many parts it serves
 * @param procedure the recipe's procedure with the swaps in their places
 * @param methodFoods what only the method names and is not plainly fine
 * @param massBeforeGrams weight of all lines the recipe weighs
 */
public record Conversion(
        List<ConvertedLine> lines,
        List<Swap> swaps,
        List<Unresolved> unresolved,
        List<MadeComponent> made,
        PlannedProcedure procedure,
        List<MethodFood> methodFoods,
        double massBeforeGrams) {

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

    /** @return whether this line is a home-made thing */
    public boolean isMade(ConvertedLine line) {
        return madeFor(line).isPresent();
    }

    /** @return the same following another procedure */
    public Conversion following(PlannedProcedure planned) {
        return new Conversion(lines, swaps, unresolved, made, planned, methodFoods, massBeforeGrams);
    }

    /** @return the same with other words for what this swap changes at the stove, wherever they stand */
    public Conversion saying(Swap swap, String change) {
        String was = swap.change();
        List<Swap> others = swaps.stream()
                .map(s -> s == swap ? SwapBuilder.builder(s).change(change).build() : s)
                .toList();
        PlannedProcedure said = was == null ? procedure : procedure.saying(was, change);
        return new Conversion(lines, others, unresolved, made, said, methodFoods, massBeforeGrams);
    }

    /** The batch that this line is made from, or empty. */
    Optional<MadeComponent> madeFor(ConvertedLine line) {
        return line.ingredient() == null
                ? Optional.empty()
                : made.stream()
                        .filter(m -> m.makes().equals(line.ingredient().id()) && m.serves(line))
                        .findFirst();
    }
}
