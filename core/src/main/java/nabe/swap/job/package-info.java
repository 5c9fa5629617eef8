/** What a thing does where it stands: binds, thickens, browns, wraps, seasons. */
@NullMarked
package nabe.swap.job;

import org.jspecify.annotations.NullMarked;
