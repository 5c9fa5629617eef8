/** The people of a house, what they may not eat, their tools and how they like to cook. */
@NullMarked
package nabe.house;

import org.jspecify.annotations.NullMarked;
