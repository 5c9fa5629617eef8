package nabe.build;

import java.util.List;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/**
 * The dish put together.
 *
 * @param asRead whether the recipe itself says the layers; else they lie as in dishes of its family
 * @param components what is divided over the layers; leftovers are not in them
 * @param layers bottom to top
 * @param heightMm of the stack in this dish
 * @param headroomMm from its top to the rim
 * @param overflow what goes to a second dish, or null when all fits
 * @param sheets how the sheets come out, or null when there are none
 * @param rolls how filled tubes, shells or rolls come out, or null when there are none
 * @param lid the pastry lid, or null
 * @param laid layer by layer, how the pieces lie
 * @param leftovers what the dish has no room for, with a use
 * @param risks what this order of layers risks
 * @param marks how high to fill, in words and millimetres
 * @param ways how the dish may be put into pans where it is more than the recipe's or too much for its pan
 * @param rescale what another pan than the recipe's does, or null when it is the same
 */
public record BuildPlan(
        Pan pan,
        boolean asRead,
        List<Share> components,
        List<Layer> layers,
        double heightMm,
        double headroomMm,
        @Nullable Overflow overflow,
        @Nullable Sheets sheets,
        @Nullable Rolls rolls,
        @Nullable Lid lid,
        List<Laid> laid,
        List<Leftover> leftovers,
        List<Risk> risks,
        List<Mark> marks,
        @Nullable Rescale rescale,
        List<PanWay> ways) {

    /** A component with what of it enters this dish and its overflow. */
    public record Share(String component, String name, Part part, double grams) {}

    /**
     * @param longMm, shortMm one sheet as it is laid
     * @param perLayer sheets that cover the pan once, {@code layers} how many times
     * @param needed in all, {@code have} by the recipe, {@code toBuy} more than that; {@code spare} to have at hand for breakage
     * @param way unboiled, parboil or boil; {@code refused} the way that was asked for and would fail, or null; {@code why}
     */
    public record Sheets(
            String item,
            double longMm,
            double shortMm,
            int perLayer,
            int layers,
            int needed,
            int have,
            int toBuy,
            int spare,
            String way,
            @Nullable String refused,
            String why) {}

    /**
     * @param have by the recipe, {@code fit} in one layer in this pan, {@code filled} as many as the filling asks for
     * @param how they lie
     * @param fillingEachGrams the filling divided by the pieces that are filled
     * @param second filled pieces for a second dish, {@code secondUse} what to do with them, or with filling that finds no room; null where all goes in
     */
    public record Rolls(
            String item,
            int have,
            int fit,
            int filled,
            String how,
            double fillingEachGrams,
            @Nullable String fillingEach,
            int second,
            @Nullable String secondUse) {}

    /** @param lengthMm, widthMm to roll it to, overhang included; {@code vents} slits for the steam */
    public record Lid(
            boolean round,
            double lengthMm,
            double widthMm,
            double overhangMm,
            double thicknessMm,
            int vents,
            String words) {}

    /** @param use what it is good for */
    public record Leftover(String name, Part part, double grams, String use) {}

    /** @param layer the layer it is about, counted from the bottom */
    public record Risk(int layer, String text) {}

    /** @param kind fill-line, liquid-line or headroom; {@code heightMm} above the base inside */
    public record Mark(String kind, double heightMm, String words) {}

    /** @param areaFactor this pan's area over the recipe's pan's; {@code volumeFactor} likewise; {@code amountsFactor} what the amounts were scaled by */
    public record Rescale(double areaFactor, double volumeFactor, double amountsFactor, String words) {}

    /** @param way several, bigger or second; {@code pan} to choose for it, {@code taken} whether it is in use */
    public record PanWay(String way, String words, Pan pan, boolean taken) {}
}
