package nabe.prep;

import nabe.swap.ConvertedLine;

/**
 * A converted line as it enters the dish.
 *
 * @param readyGrams its weight after prep: less what cooked off, plus what it drank
 */
public record ReadyLine(ConvertedLine line, double readyGrams) {
}
