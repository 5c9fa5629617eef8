/** The grammar of a method: tokens, clauses, what they do, with what and for how long. */
@NullMarked
package nabe.reading.grammar;

import org.jspecify.annotations.NullMarked;
