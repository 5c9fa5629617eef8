/** What stands in for what does not fit, and the recipe with it in its words and amounts. */
@NullMarked
package nabe.swap;

import org.jspecify.annotations.NullMarked;
