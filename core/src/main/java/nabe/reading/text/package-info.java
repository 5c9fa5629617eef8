/** A pasted text: its lines, their amounts and foods, its method, servings, pan and family. */
@NullMarked
package nabe.reading.text;

import org.jspecify.annotations.NullMarked;
