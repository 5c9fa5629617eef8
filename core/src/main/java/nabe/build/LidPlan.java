package nabe.build;

import java.util.Locale;
import nabe.build.lay.Outline;
import nabe.larder.Figures;
import nabe.words.Messages;

/** A pastry lid: rolled larger than the rim, crimped, vented. */
final class LidPlan {
    private static final double OVERHANG_MM = Figures.of("build.lid-overhang");

    private static final double DOUGH_DENSITY = Figures.of("build.density-dough");
    private static final double VENT_FOR_MM2 = Figures.of("build.lid-vent-for");

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
                ? Messages.say("build.mm-across", Math.round(rolled.lengthMm()))
                : String.format(Locale.ROOT, "%.0f × %.0f mm", rolled.lengthMm(), rolled.widthMm());
        String laid = said.cooled()
                ? Messages.say("build.lay-it-over-the-cooled-filling")
                : Messages.say("build.lay-it-over-hot-filling");
        String words = Messages.say(
                "build.about-mm-thick-crimp-and-cut",
                said.rolled(),
                size,
                Math.round(Math.max(1, thickness)),
                said.rolled() ? ": " + laid : "; " + laid,
                vents == 1 ? Messages.say("build.one-vent") : Messages.say("build.vents", vents),
                thickness < 2.5);
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
