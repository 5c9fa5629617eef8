/** What is done before the dish is built, by whom in which order, and what it weighs then. */
@NullMarked
package nabe.prep;

import org.jspecify.annotations.NullMarked;
