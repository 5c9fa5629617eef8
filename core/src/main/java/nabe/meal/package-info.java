/** A meal of several dishes: one oven, one cook, everything hot together, strict food apart. */
@NullMarked
package nabe.meal;

import org.jspecify.annotations.NullMarked;
