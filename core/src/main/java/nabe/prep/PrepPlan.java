package nabe.prep;

import java.util.List;

/**
 * What hands do before the oven.
 *
 * @param steps in the order to start them: longest waiting first
 * @param ready every line with its weight as it enters the dish
 * @param cookedOffGrams what prep takes away (steam, squeezed water, spooned-off fat)
 * @param takenUpGrams what prep adds (water drunk while boiling)
 */
public record PrepPlan(List<PrepStep> steps, List<ReadyLine> ready, double cookedOffGrams, double takenUpGrams) {

    /** @return grams that enter the dish */
    public double readyGrams() {
        return ready.stream().mapToDouble(ReadyLine::readyGrams).sum();
    }
}
