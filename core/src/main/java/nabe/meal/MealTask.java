package nabe.meal;

import com.fasterxml.jackson.annotation.JsonIgnore;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import nabe.larder.Allergen;
import org.jspecify.annotations.Nullable;

/**
 * A task with its time.
 *
 * @param dishes indexes of the dishes it is for, empty for washing up
 * @param hands when whose hands are busy with it
 * @param tools each one by its item, so that two spoons are told apart
 * @param surface the worktop it needs, or null
 * @param sitting index of the time to work it begins in, -1 outside all of them
 * @param handles allergens in what it touches; {@code guards} those that must not get into it
 * @param wash whether it washes hands, worktop and the tools it lists
 * @param flour whether loose gluten flour gets into the air
 * @param cuts what is only cut and how, one thing each; empty for all other work
 */
@RecordBuilder
public record MealTask(
        String id,
        List<Integer> dishes,
        @Nullable String component,
        String words,
        String action,
        List<Hands> hands,
        LocalDateTime from,
        LocalDateTime to,
        List<Held> tools,
        @Nullable String surface,
        boolean burner,
        @Nullable InOven oven,
        int sitting,
        Set<Allergen> handles,
        Set<Allergen> guards,
        List<String> after,
        boolean wash,
        boolean flour,
        List<String> cuts) {

    public MealTask {
        cuts = cuts == null ? List.of() : List.copyOf(cuts);
    }

    /** @param cook counted from 1 */
    public record Hands(int cook, LocalDateTime from, LocalDateTime to) {}

    /** @param washesClean whether hot soapy water and a rinse make it fit for a strict need */
    public record Held(String tool, String item, String material, boolean washesClean) {}

    /** @param oven counted from 0; {@code shelf} from 0, the top one */
    public record InOven(int oven, int shelf, double celsius, boolean covered) {}

    /** @return when hands are off it */
    @JsonIgnore
    LocalDateTime handsOff() {
        return hands.stream().map(Hands::to).max(LocalDateTime::compareTo).orElse(from);
    }
}
