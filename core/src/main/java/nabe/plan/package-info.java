/** A brief worked out whole: swaps, prep, build, bake, budgets, differences. */
@NullMarked
package nabe.plan;

import org.jspecify.annotations.NullMarked;
