/** The bake: phases, forecast, core temperature, signs. */
@NullMarked
package nabe.bake;

import org.jspecify.annotations.NullMarked;
