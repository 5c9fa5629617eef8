/** How sheets and rolls lie in a pan. */
@NullMarked
package nabe.build.lay;

import org.jspecify.annotations.NullMarked;
