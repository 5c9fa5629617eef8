/** The supper club's dishes and meal. */
@NullMarked
package nabe.server.demo;

import org.jspecify.annotations.NullMarked;
