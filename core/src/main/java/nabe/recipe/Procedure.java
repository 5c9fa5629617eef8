package nabe.recipe;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import nabe.measure.Ids;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What a method does: which pots and bowls there are, what goes into each, how they are built into the dish, how it bakes.
 *
 * @param components in the order they are first touched
 * @param layers bottom to top, repeats written out
 * @param beside what is made and never enters the dish, with what becomes of it
 * @param oven the dish's own bake, phase by phase
 * @param rest minutes it stands before it is cut, or null
 * @param goesIn how warm it goes into the oven; null where the text does not say
 * @param onlyIf what the text says for a case only ("foil if it browns"): no part of the procedure
 * @param doubts what could not be resolved, with the best guess taken
 */
@RecordBuilder
public record Procedure(
        List<Vessel> components,
        List<Placement> layers,
        List<Beside> beside,
        List<OvenPhase> oven,
        @Nullable Minutes rest,
        @Nullable GoesIn goesIn,
        List<Step> readying,
        List<OnlyIf> onlyIf,
        List<Doubt> doubts) {

    /** @return the same with other components, layers and phases */
    public Procedure with(List<Vessel> others, List<Placement> laid, List<OvenPhase> phases) {
        return ProcedureBuilder.builder(this)
                .components(others)
                .layers(laid)
                .oven(phases)
                .build();
    }

    /** @return the same with other layers */
    public Procedure laying(List<Placement> laid) {
        return with(components, laid, oven);
    }

    /** @return the same with other doubts */
    public Procedure doubting(List<Doubt> others) {
        return ProcedureBuilder.builder(this).doubts(others).build();
    }

    /** Part of a line or of another component: exactly one of {@code line} (its index) and {@code component} (its id). */
    public record Of(@Nullable Integer line, @Nullable String component, double share) {}

    /** @param min, max minutes, equal where the text gives one figure */
    public record Minutes(double min, double max) {}

    /**
     * One bowl or pot before it goes into the dish, or a thing laid as it is.
     *
     * @param key what it is known by over several readings: its main thing's words
     * @param kind what it is there
     */
    public record Vessel(String id, String key, String name, Kind kind, List<Of> of, List<Step> steps) {

        /** @return the same with other contents */
        public Vessel with(List<Of> others) {
            return new Vessel(id, key, name, kind, others, steps);
        }

        /** @return the same under another name */
        public Vessel called(String other) {
            return new Vessel(id, key, other, kind, of, steps);
        }
    }

    /**
     * One action on a component.
     *
     * @param action the kitchen's verb; {@code words} the cook's own clause; {@code sentence} its index in the method,
     *     negative for what only the ingredient list asks for
     * @param minutes how long, or null; {@code celsius} where an oven or a fat has a temperature, or null
     * @param covered null where the text does not say
     */
    @RecordBuilder
    public record Step(
            String id,
            String action,
            String words,
            int sentence,
            List<Of> uses,
            @Nullable String tool,
            @Nullable String heat,
            @Nullable Boolean covered,
            @Nullable Double celsius,
            @Nullable Minutes minutes,
            @Nullable String until) {

        /** @return the same with more words of its sentence */
        public Step saying(String more) {
            return says(words + " " + more);
        }

        /** @return the same with another sentence after it */
        public Step ending(String more) {
            return says(words + ". " + more.substring(0, 1).toUpperCase(Locale.ROOT) + more.substring(1));
        }

        /** @return the same as this work, with so much time for it */
        public Step lasting(String work, Minutes time) {
            return ProcedureStepBuilder.builder(this).action(work).minutes(time).build();
        }

        /** @return the same where this line went in before */
        public Step withoutUse(int line) {
            List<Of> others = uses.stream()
                    .filter(of -> of.line() == null || of.line() != line)
                    .toList();
            return ProcedureStepBuilder.builder(this).uses(others).build();
        }

        private Step says(String other) {
            return ProcedureStepBuilder.builder(this).words(other).build();
        }
    }

    /**
     * @param film a smear under everything; {@code inside} fills a roll or shell; {@code late} goes on during the bake
     * @param words what the text says to do with it there besides ("press it down"), or null
     * @param sentence index in the method of the sentence that lays it, -1 where none does
     */
    public record Placement(
            String of,
            double share,
            boolean film,
            boolean inside,
            boolean late,
            @Nullable String words,
            @JsonIgnore int sentence) {

        /** @return the same with other words, none where they are empty */
        public Placement saying(String other) {
            return new Placement(of, share, film, inside, late, other.isBlank() ? null : other, sentence);
        }

        /** @return the same layer with another share */
        public Placement of(double other) {
            return new Placement(of, other, film, inside, late, words, sentence);
        }
    }

    /** @param share of the component; {@code use} what becomes of it */
    public record Beside(String of, double share, Fate use) {}

    /**
     * One stretch of the bake.
     *
     * @param kind whether the oven bakes or its grill browns
     * @param celsius as the text says: the conventional figure where both stand there; {@code fan} where only a fan oven's does
     * @param adds ids of components that go on in this phase; {@code stir} whether it is stirred within it
     */
    public record OvenPhase(
            PhaseKind kind,
            @Nullable Double celsius,
            boolean fan,
            boolean covered,
            @Nullable Minutes minutes,
            List<String> adds,
            boolean stir) {

        /** @return the same for another time and cover */
        public OvenPhase lasting(@Nullable Minutes other, boolean lid) {
            return new OvenPhase(kind, celsius, fan, lid, other, adds, stir);
        }
    }

    /** @param sentence where it stands; {@code words} as written */
    public record OnlyIf(int sentence, String words) {}

    /** @param sentence where it stands, -1 for a line; {@code why} what is unsure and what was guessed, in a sentence */
    public record Doubt(int sentence, String words, DoubtCode code, String why) {}

    /** What a component is in a bake. */
    public enum Kind {
        STRUCTURE,
        FILLING,
        RED_SAUCE,
        WHITE_SAUCE,
        SOFT_CHEESE,
        MELTING_CHEESE,
        HARD_CHEESE,
        TOPPING,
        BINDER,
        BATTER,
        CRUST,
        MASH,
        PAN_RELEASE,
        GARNISH;

        /** What works in the dish as this kind does. */
        public Part part() {
            return switch (this) {
                case STRUCTURE, CRUST, BATTER, MASH -> Part.STRUCTURE;
                case FILLING -> Part.FILLING;
                case RED_SAUCE -> Part.RED_SAUCE;
                case WHITE_SAUCE, BINDER -> Part.WHITE_SAUCE;
                case SOFT_CHEESE -> Part.SOFT_CHEESE;
                case MELTING_CHEESE -> Part.MELTING_CHEESE;
                case HARD_CHEESE -> Part.HARD_CHEESE;
                case TOPPING, GARNISH -> Part.TOPPING;
                case PAN_RELEASE -> Part.PAN_RELEASE;
            };
        }

        @JsonValue
        public String id() {
            return Procedure.id(this);
        }

        /** @throws IllegalArgumentException when no kind has this id */
        @JsonCreator
        public static Kind ofId(String id) {
            return Ids.find(values(), Kind::id, id, Messages.say("recipe.kind-of-component"));
        }
    }

    /** What the oven does. */
    public enum PhaseKind {
        BAKE,
        GRILL;

        @JsonValue
        public String id() {
            return Procedure.id(this);
        }
    }

    /** How warm the dish is when it goes into the oven. */
    public enum GoesIn {
        HOT,
        ROOM,
        FRIDGE,
        FROZEN;

        @JsonValue
        public String id() {
            return Procedure.id(this);
        }
    }

    /** What becomes of something made that does not go into the dish. */
    public enum Fate {
        SERVED_BESIDE,
        FROZEN,
        LEFT_OVER;

        @JsonValue
        public String id() {
            return Procedure.id(this);
        }
    }

    /** Why a reading is unsure. */
    public enum DoubtCode {
        LINE_NOT_NAMED,
        PART_NOT_NAMED,
        WORD_NOT_KNOWN,
        REPEATS_GUESSED,
        NOTHING_LAID,
        OVER_IS_LEFT,
        CORRECTION_LOST;

        @JsonValue
        public String id() {
            return Procedure.id(this);
        }
    }

    private static String id(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
