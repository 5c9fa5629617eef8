/** What the client sends, checked and turned into what the core takes. */
@NullMarked
package nabe.server.brief;

import org.jspecify.annotations.NullMarked;
