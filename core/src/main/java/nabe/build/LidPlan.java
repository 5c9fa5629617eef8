package nabe.build;

import java.util.Locale;
import nabe.build.lay.Outline;

/** A pastry lid: rolled larger than the rim, crimped, vented. */
final class LidPlan {
    /** Domain table: overhang 1 to 2 cm. */
    private static final double OVERHANG_MM = 15;

    private static final double DOUGH_DENSITY = 1.2;
    private static final double VENT_FOR_MM2 = 15_000;

    private LidPlan() {}

    static BuildPlan.Lid of(Pan pan, double grams) {
        Outline rim = pan.outlineAt(pan.depthMm());
        Outline rolled = new Outline(rim.round(), rim.lengthMm() + 2 * OVERHANG_MM, rim.widthMm() + 2 * OVERHANG_MM);
        double thickness = grams / pan.count() / DOUGH_DENSITY * 1000 / rolled.area();
        int vents = (int) Math.max(2, Math.round(rim.area() / VENT_FOR_MM2));
        String size = rolled.round() && rolled.lengthMm() == rolled.widthMm()
                ? String.format(Locale.ROOT, "%.0f mm across", rolled.lengthMm())
                : String.format(Locale.ROOT, "%.0f × %.0f mm", rolled.lengthMm(), rolled.widthMm());
        String words = String.format(
                Locale.ROOT,
                "Roll it between papers to %s, about %.0f mm thick; lay it over hot filling, crimp, and cut %d vents.%s",
                size,
                Math.max(1, thickness),
                vents,
                thickness < 2.5 ? " It rolls thin: make half as much dough again." : "");
        return new BuildPlan.Lid(
                rim.round(), rolled.lengthMm(), rolled.widthMm(), OVERHANG_MM, thickness, vents, words);
    }
}
