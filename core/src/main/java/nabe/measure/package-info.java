/** Amounts, units, temperatures, and how a kitchen writes them. */
@NullMarked
package nabe.measure;

import org.jspecify.annotations.NullMarked;
