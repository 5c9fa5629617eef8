package nabe.meal;

import java.time.LocalDateTime;
import nabe.larder.Allergen;

/**
 * A moment at which something gets where it must not be.
 *
 * @param task the strict one that is reached; {@code tool} what carries it there
 * @param from the task it comes from
 */
public record Breach(LocalDateTime at, String task, String tool, Allergen allergen, String from, String mend) {}
