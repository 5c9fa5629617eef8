/** What people may not eat, and the judgement of a food by it. */
@NullMarked
package nabe.needs;

import org.jspecify.annotations.NullMarked;
