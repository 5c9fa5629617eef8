/** The application: what starts, who may come in, and where the pages lie. */
@NullMarked
package nabe.server;

import org.jspecify.annotations.NullMarked;
