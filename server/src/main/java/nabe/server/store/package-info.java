/** What is kept, in PostgreSQL. */
@NullMarked
package nabe.server.store;

import org.jspecify.annotations.NullMarked;
