package nabe.server.brief;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import nabe.bake.OvenChoice;
import nabe.bake.Start;
import nabe.build.BuildChoice;
import nabe.build.Material;
import nabe.build.Pan;
import nabe.build.Shape;
import nabe.larder.Allergen;
import nabe.measure.WrongValueException;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.prep.PrepChoice;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** A brief as the client sends it and as the store keeps it. All but the recipe may be left out. */
public record BriefRequest(
        @Nullable String title,
        @Valid @Nullable RecipeRequest recipe,
        @Nullable List<@NotNull(message = Empty.NEED) String> needs,
        @Nullable List<@NotNull(message = Empty.NEED) String> avoid,
        @Nullable Boolean strict,
        @Nullable PanRequest pan,
        @Nullable OvenRequest oven,
        @Nullable Integer servings,
        @Nullable Map<Integer, @NotNull(message = Empty.CHOICE) String> choices,
        @Nullable String notes,
        @Nullable List<@NotNull(message = Empty.EATER) String> eaters,
        @Nullable Map<String, @NotNull(message = Empty.SCHOOL) String> schools,
        @Nullable Map<String, @NotNull(message = Empty.MADE) String> made,
        @Valid @Nullable PrepRequest prep,
        @Valid @Nullable BuildRequest build,
        @Nullable Boolean forecast) {

    /** Inside sizes in millimetres; a round pan gives its diameter. */
    public record PanRequest(
            @Nullable String shape,
            @Nullable Double lengthMm,
            @Nullable Double widthMm,
            @Nullable Double diameterMm,
            @Nullable Double depthMm,
            @Nullable String material,
            @Nullable Double baseLengthMm,
            @Nullable Double baseWidthMm,
            @Nullable Integer count) {
        private static final int USUAL_DEPTH_MM = 50;

        Pan pan() {
            Material stuff = material == null ? Material.UNKNOWN : Material.ofId(material);
            Shape outline = shape != null ? Shape.ofId(shape) : diameterMm != null ? Shape.ROUND : Shape.RECTANGLE;
            int depth = depthMm == null ? USUAL_DEPTH_MM : whole("depth", depthMm);
            if (outline == Shape.ROUND) {
                Double across = diameterMm != null ? diameterMm : lengthMm;
                int diameter = whole("diameter", across);
                return pan(outline, diameter, diameter, depth, stuff);
            }
            int length = whole("length", lengthMm);
            int width = widthMm == null && "square".equalsIgnoreCase(shape) ? length : whole("width", widthMm);
            return pan(outline, Math.max(length, width), Math.min(length, width), depth, stuff);
        }

        private Pan pan(Shape outline, int length, int width, int depth, Material stuff) {
            int baseLength = baseLengthMm == null ? length : whole(Messages.say("server.base-length"), baseLengthMm);
            int baseWidth = baseWidthMm == null
                    ? Math.min(width, outline == Shape.ROUND ? baseLength : width)
                    : whole(Messages.say("server.base-width"), baseWidthMm);
            return new Pan(outline, length, width, depth, stuff, baseLength, baseWidth, count == null ? 1 : count);
        }

        private static int whole(String side, @Nullable Double mm) {
            if (mm == null) {
                throw new WrongValueException(Messages.say("server.the-pans-must-be-given-in", side));
            }
            return (int) Math.round(Math.clamp(mm, -1e6, 1e6));
        }
    }

    /** The temperature as the dial shows it. */
    public record OvenRequest(
            @Nullable Double celsius,
            @Nullable Boolean fan,
            @Nullable String start,
            @Nullable Double offsetCelsius,
            @Nullable Boolean preheated,
            @Nullable Boolean topShelf,
            @Nullable PhasesRequest phases) {

        /** The cook's own minutes under cover and open, and how long before the end the cheese goes on. */
        public record PhasesRequest(
                @Nullable Integer covered,
                @Nullable Integer open,
                @Nullable Integer cheese) {
            OvenChoice.OwnPhases own() {
                return new OvenChoice.OwnPhases(covered == null ? 0 : covered, open == null ? 0 : open, cheese);
            }
        }

        OvenChoice choice() {
            return new OvenChoice(
                    celsius,
                    Boolean.TRUE.equals(fan),
                    start == null ? null : Start.ofId(start),
                    offsetCelsius == null ? 0 : offsetCelsius,
                    !Boolean.FALSE.equals(preheated),
                    Boolean.TRUE.equals(topShelf),
                    phases == null ? null : phases.own());
        }
    }

    /** What the cook decided about preparing; mends by the key the plan offered them under. */
    public record PrepRequest(
            @Nullable Integer minutesLeft, @Nullable Map<String, @NotNull(message = Empty.MEND) Double> mends) {
        PrepChoice choice() {
            return new PrepChoice(minutesLeft, Objects.requireNonNullElse(mends, Map.of()));
        }
    }

    /** What the cook decided about building: parts from the bottom up, layers of sheets, the sheet in the packet, how to meet another pan. */
    public record BuildRequest(
            @Nullable List<@NotNull(message = Empty.LAYER) String> order,
            @Nullable Integer sheetLayers,
            @Nullable Double sheetLongMm,
            @Nullable Double sheetShortMm,
            @Nullable String fit) {
        BuildChoice choice() {
            return new BuildChoice(
                    orEmpty(order), sheetLayers, sheetLongMm, sheetShortMm, Objects.requireNonNullElse(fit, "amounts"));
        }
    }

    /** @throws WrongValueException for an unknown need, an absurd pan and the like, in a cook's words */
    public Brief brief() {
        if (recipe == null) {
            throw new WrongValueException(Messages.say("server.there-is-no-recipe-send-its"));
        }
        Needs all = new Needs(
                orEmpty(needs).stream().map(Need::ofId).collect(Collectors.toSet()),
                orEmpty(avoid).stream().map(Allergen::ofId).collect(Collectors.toSet()),
                Boolean.TRUE.equals(strict));
        return BriefBuilder.builder()
                .recipe(recipe.brief())
                .needs(all)
                .pan(pan == null ? null : pan.pan())
                .oven(oven == null ? OvenChoice.usual() : oven.choice())
                .servings(servings)
                .choices(Objects.requireNonNullElse(choices, Map.of()))
                .eaters(orEmpty(eaters))
                .schools(Objects.requireNonNullElse(schools, Map.of()))
                .made(Objects.requireNonNullElse(made, Map.of()))
                .prep(prep == null ? PrepChoice.none() : prep.choice())
                .build(build == null ? BuildChoice.usual() : build.choice())
                .forecast(!Boolean.FALSE.equals(forecast))
                .brief();
    }

    private static List<String> orEmpty(@Nullable List<String> list) {
        if (list == null) {
            return List.of();
        }
        if (list.contains(null)) {
            throw new WrongValueException(Messages.say("server.the-list-holds-an-empty-entry"));
        }
        return list;
    }
}
