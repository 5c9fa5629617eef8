package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Kind;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.Vessel;
import nabe.recipe.Recipe;
import nabe.recipe.Share;
import nabe.words.Messages;

/** Tells every line of a recipe into which components its procedure puts it, how much of it, and where it works there. */
public final class Division {
    /** Less than this of a line is a rounding. */
    private static final double CRUMB = 0.02;

    private static final Set<Part> CHEESES = Set.of(Part.MELTING_CHEESE, Part.HARD_CHEESE, Part.SOFT_CHEESE);
    private static final Set<Kind> JOINED = Set.of(Kind.WHITE_SAUCE, Kind.RED_SAUCE, Kind.SOFT_CHEESE, Kind.TOPPING);

    private Division() {}

    /** @return the recipe with the shares of its lines; their sum is 1 for every line that has any */
    public static Recipe of(Recipe recipe, Procedure procedure) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < recipe.lines().size(); i++) {
            lines.add(divided(recipe.lines().get(i), i, procedure));
        }
        return recipe.with(lines);
    }

    private static Line divided(Line line, int index, Procedure procedure) {
        List<Share> shares = new ArrayList<>();
        for (Vessel vessel : procedure.components()) {
            double share = 0;
            for (Of of : vessel.of()) {
                share += of.line() != null && of.line() == index ? of.share() : 0;
            }
            if (share > CRUMB) {
                shares.add(new Share(partIn(line, vessel), share, vessel.name(), vessel.id()));
            }
        }
        double said = shares.stream().mapToDouble(Share::share).sum();
        if (shares.isEmpty()) {
            return line;
        }
        if (said < 1 - CRUMB) {
            shares.add(new Share(line.part(), 1 - said, Messages.say("reading.what-is-left"), null));
            return line.withShares(shares);
        }
        boolean whole = shares.size() == 1;
        return line.withShares(shares.stream()
                .map(s -> new Share(whole ? line.part() : s.part(), s.share() / said, s.words(), s.component()))
                .toList());
    }

    /** Cheese stirred into a sauce works as that sauce; fat and flour work where they go; seasoning stays seasoning. */
    private static Part partIn(Line line, Vessel vessel) {
        Kind kind = vessel.kind();
        return switch (line.part()) {
            case SEASONING, PAN_RELEASE -> line.part();
            case BINDER -> kind == Kind.TOPPING ? Part.TOPPING : Part.BINDER;
            default -> CHEESES.contains(line.part()) && !JOINED.contains(kind) ? line.part() : kind.part();
        };
    }
}
