/** The foods Nabe knows: names, allergens, composition, shapes, what is made of what. */
@NullMarked
package nabe.larder;

import org.jspecify.annotations.NullMarked;
