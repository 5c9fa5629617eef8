/** A method followed clause by clause into a procedure: pots, steps, layers, the oven. */
@NullMarked
package nabe.reading;

import org.jspecify.annotations.NullMarked;
