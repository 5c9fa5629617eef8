/** How the dish is put together in its pan: layers, sheets, rolls, sizes. */
@NullMarked
package nabe.build;

import org.jspecify.annotations.NullMarked;
