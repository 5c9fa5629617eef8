/** Heat and water in a dish's cross-section over time. */
@NullMarked
package nabe.bake.heat;

import org.jspecify.annotations.NullMarked;
