package nabe.prep;

import nabe.house.Schools;
import nabe.swap.Conversion;
import org.jspecify.annotations.Nullable;

/**
 * A dish's sheets, tubes or shells with one way for all that follows: what the recipe does with them unless the house or
 * the sheets themselves say otherwise.
 *
 * @param conversion with a shorter boiling, or without it where they go in dry after all
 * @param schools with that way as the answer
 * @param asWritten the recipe's own way where that was given up and such sheets would still bear it, else null
 * @param wantsSauce whether they go in dry though the recipe boils them: right only where the dish has water enough for that
 */
public record SheetsSettled(
        Conversion conversion, Schools schools, @Nullable String asWritten, boolean wantsSauce) {}
