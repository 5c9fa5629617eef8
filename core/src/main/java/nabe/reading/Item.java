package nabe.reading;

import org.jspecify.annotations.Nullable;

/**
 * One thing a clause works on: a share of a line, or of a pot.
 *
 * @param line index of the line, -1 where only a pot is meant; {@code pot} null for a line as bought
 */
record Item(int line, @Nullable Pot pot, Portion portion) {}
