/** A recipe as read: lines, procedure, oven, pan. */
@NullMarked
package nabe.recipe;

import org.jspecify.annotations.NullMarked;
