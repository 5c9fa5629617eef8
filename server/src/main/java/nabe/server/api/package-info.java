/** The addresses of the API, one controller for each thing. */
@NullMarked
package nabe.server.api;

import org.jspecify.annotations.NullMarked;
