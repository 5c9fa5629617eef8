/** Messages by code and arguments. */
@NullMarked
package nabe.words;

import org.jspecify.annotations.NullMarked;
