package nabe.measure;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/**
 * The units recipes use. Volumes are the US customary ones (cup 236.588 ml) save those that are metric; spoons are
 * 15 ml and 5 ml within the rounding of a kitchen spoon. Source of the factors: NIST Handbook 44, appendix C.
 */
public enum Unit {
    TSP("tsp", Kind.VOLUME, 4.92892),
    TBSP("tbsp", Kind.VOLUME, 14.78676),
    CUP("cup", Kind.VOLUME, 236.588),
    FL_OZ("fl-oz", Kind.VOLUME, 29.5735),
    PINT("pint", Kind.VOLUME, 473.176),
    QUART("quart", Kind.VOLUME, 946.353),
    GALLON("gallon", Kind.VOLUME, 3785.41),
    ML("ml", Kind.VOLUME, 1),
    CL("cl", Kind.VOLUME, 10),
    DL("dl", Kind.VOLUME, 100),
    L("l", Kind.VOLUME, 1000),
    G("g", Kind.MASS, 1),
    KG("kg", Kind.MASS, 1000),
    OZ("oz", Kind.MASS, 28.3495),
    LB("lb", Kind.MASS, 453.592),
    CLOVE("clove", Kind.PIECE),
    CAN("can", Kind.PACK),
    JAR("jar", Kind.PACK),
    SLICE("slice", Kind.PIECE),
    SHEET("sheet", Kind.PIECE),
    BUNCH("bunch", Kind.PIECE),
    SPRIG("sprig", Kind.PIECE),
    STALK("stalk", Kind.PIECE),
    HEAD("head", Kind.PIECE),
    STICK("stick", Kind.PIECE),
    PINCH("pinch", Kind.LOOSE),
    DASH("dash", Kind.LOOSE),
    HANDFUL("handful", Kind.LOOSE),
    PACKAGE("package", Kind.PACK),
    CONTAINER("container", Kind.PACK),
    BOTTLE("bottle", Kind.PACK),
    LEAF("leaf", Kind.PIECE),
    KNOB("knob", Kind.LOOSE),
    SPLASH("splash", Kind.LOOSE),
    DRIZZLE("drizzle", Kind.LOOSE),
    GLUG("glug", Kind.LOOSE),
    SQUEEZE("squeeze", Kind.LOOSE),
    GRATING("grating", Kind.LOOSE),
    CUBE("cube", Kind.PIECE),
    BALL("ball", Kind.PIECE),
    BLOCK("block", Kind.PACK),
    EAR("ear", Kind.PIECE),
    FILLET("fillet", Kind.PIECE),
    RASHER("rasher", Kind.PIECE),
    LOAF("loaf", Kind.PIECE),
    GLASS("glass", Kind.LOOSE),
    PIECE("piece", Kind.PIECE),
    SLEEVE("sleeve", Kind.PACK),
    LINK("link", Kind.PIECE),
    TUBE("tube", Kind.PACK),
    FLORET("floret", Kind.PIECE),
    WEDGE("wedge", Kind.PIECE),
    SPEAR("spear", Kind.PIECE);

    /** What a unit measures. */
    public enum Kind {
        /** Factor is millilitres. */
        VOLUME,
        /** Factor is grams. */
        MASS,
        /** Weight depends on the ingredient. */
        PIECE,
        /** A packet whose size the line may give. */
        PACK,
        /** A gesture, weighed by the ingredient where its weight is known. */
        LOOSE
    }

    private final String id;
    private final Kind kind;
    private final double factor;

    Unit(String id, Kind kind) {
        this(id, kind, Double.NaN);
    }

    Unit(String id, Kind kind, double factor) {
        this.id = id;
        this.kind = kind;
        this.factor = factor;
    }

    @JsonValue
    public String id() {
        return id;
    }

    public Kind kind() {
        return kind;
    }

    /** @return true for volumes and masses, whose size does not depend on the ingredient */
    public boolean isFixed() {
        return kind == Kind.VOLUME || kind == Kind.MASS;
    }

    /**
     * @return millilitres (volume) or grams (mass) in one of this unit
     * @throws IllegalStateException for pieces and packs, which have no fixed size
     */
    public double factor() {
        if (!isFixed()) {
            throw new IllegalStateException("The unit (" + id + ") has no fixed size. Maybe weigh it by ingredient.");
        }
        return factor;
    }

    /** @throws IllegalArgumentException when no unit has this id */
    @JsonCreator
    public static Unit ofId(String id) {
        return Ids.find(values(), Unit::id, id, "unit");
    }
}
