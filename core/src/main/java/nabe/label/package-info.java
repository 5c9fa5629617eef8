/** What the words on a packet say is in it, for whom it is fit, and what to ask its maker. */
@NullMarked
package nabe.label;

import org.jspecify.annotations.NullMarked;
