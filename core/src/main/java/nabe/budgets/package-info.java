/** Water, salt and sauces of a built dish. */
@NullMarked
package nabe.budgets;

import org.jspecify.annotations.NullMarked;
