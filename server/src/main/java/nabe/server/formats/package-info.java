/** Recipes and meals in open formats, in and out. */
@NullMarked
package nabe.server.formats;

import org.jspecify.annotations.NullMarked;
