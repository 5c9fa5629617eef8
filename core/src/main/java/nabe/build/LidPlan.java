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

    /** @param said what the method says of it: that stands, and the rest is said here */
    static BuildPlan.Lid of(Pan pan, double grams, LidWork said) {
        Outline rim = pan.outlineAt(pan.depthMm());
        Outline rolled = rim.round() && said.roundMm() != null
                ? new Outline(true, said.roundMm(), said.roundMm())
                : new Outline(rim.round(), rim.lengthMm() + 2 * OVERHANG_MM, rim.widthMm() + 2 * OVERHANG_MM);
        double thickness = grams / pan.count() / DOUGH_DENSITY * 1000 / rolled.area();
        int vents = said.vents() != null ? said.vents() : (int) Math.max(2, Math.round(rim.area() / VENT_FOR_MM2));
        String size = rolled.round() && rolled.lengthMm() == rolled.widthMm()
                ? String.format(Locale.ROOT, "%.0f mm across", rolled.lengthMm())
                : String.format(Locale.ROOT, "%.0f × %.0f mm", rolled.lengthMm(), rolled.widthMm());
        String laid = said.cooled() ? "lay it over the cooled filling" : "lay it over hot filling";
        String words = String.format(
                Locale.ROOT,
                "%s %s, about %.0f mm thick%s, crimp, and cut %s.%s",
                said.rolled() ? "Rolled to" : "Roll it between papers to",
                size,
                Math.max(1, thickness),
                said.rolled() ? ": " + laid : "; " + laid,
                vents == 1 ? "one vent" : vents + " vents",
                thickness < 2.5 ? " It rolls thin: make half as much dough again." : "");
        return new BuildPlan.Lid(
                rim.round(),
                rolled.lengthMm(),
                rolled.widthMm(),
                (rolled.lengthMm() - rim.lengthMm()) / 2,
                thickness,
                vents,
                words);
    }
}
