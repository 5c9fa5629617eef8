package nabe.bake;

import org.jspecify.annotations.Nullable;

/**
 * One stretch of the bake.
 *
 * @param kind "bake", "grill" or "rest"
 * @param covered under foil (paper below it) or a lid
 * @param celsius oven temperature, conventional; null while resting
 * @param minutes how long, {@code reason} why
 */
public record Phase(String kind, boolean covered, @Nullable Double celsius, int minutes, String reason) {}
