package nabe.build;

import java.util.List;
import nabe.build.lay.Outline;
import nabe.build.lay.Rolls;
import nabe.larder.Figures;
import nabe.larder.Shapes;
import nabe.measure.KitchenText;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;
import nabe.words.Messages;

/** Works out filled tubes, shells and rolls: how many fit, what goes into each, and what becomes of the rest. */
final class RollPlan {
    private static final double SLICE_GRAMS = Figures.of("build.rolling-slice");

    private static final double OVERFILLED = Figures.of("build.overfilled-from");
    private final ReadyLine line;
    private final Shapes.PieceShape shape;
    private final Component filled;
    private final Rolls.Fit fit;
    private final Outline outline;
    private final int have;
    private final int room;

    RollPlan(ReadyLine line, Shapes.PieceShape shape, Component filled, Pan pan) {
        this.line = line;
        this.shape = shape;
        this.filled = filled;
        outline = pan.outlineAt(Math.min(pan.depthMm() - 1.0, shape.rolledShort() / 2));
        fit = Rolls.most(outline, shape.rolledLong(), shape.rolledShort(), shape.kind() == Shapes.Kind.SHELL);
        double one = shape.kind() == Shapes.Kind.SLICE
                ? SLICE_GRAMS
                : line.line().food().pieceGrams("each").orElse(SLICE_GRAMS);
        have = (int) Math.max(1, Math.round(line.line().gramsOrZero() / one));
        room = fit.count() * pan.count();
    }

    /** The filling asks for so many pieces: as many as lie in the pan, more only where those cannot hold it. */
    private int filledPieces() {
        int wanted = shape.holdsGrams() <= 0 ? have : (int) Math.ceil(filling() / shape.holdsGrams());
        return Math.min(have, Math.max(Math.max(1, room), wanted));
    }

    private double filling() {
        return filled.lines().stream()
                .filter(this::isFilling)
                .mapToDouble(ReadyLine::readyGrams)
                .sum();
    }

    /** What is not of the wrapper's own pot; by part where the pots are not known. */
    private boolean isFilling(ReadyLine ready) {
        String own = line.line().component();
        String pot = ready.line().component();
        return own != null && pot != null
                ? !own.equals(pot)
                : ready.line().part() == Part.FILLING
                        || ready.line().part() == Part.SOFT_CHEESE
                        || ready.line().part() == Part.BINDER;
    }

    /** @return share of the filled pieces that this pan takes, 0 to 1 */
    double share() {
        return room == 0 ? 1 : Math.min(1, (double) room / filledPieces());
    }

    /** @return share of the pieces that stay empty: more than the filling and the pan ask for */
    double emptyShare() {
        return 1 - (double) filledPieces() / have;
    }

    ReadyLine line() {
        return line;
    }

    int empty() {
        return have - filledPieces();
    }

    BuildPlan.Rolls rolls() {
        double each = filling() / filledPieces();
        int second = Math.max(0, filledPieces() - room);
        return new BuildPlan.Rolls(
                line.line().item(),
                have,
                room,
                filledPieces(),
                fit.how(),
                each,
                each <= 0 ? null : Messages.say("build.in-each", KitchenText.grams(each)),
                second,
                second > 0
                        ? Messages.say("build.they-go-into-a-second-dish")
                        : each > OVERFILLED * shape.holdsGrams() && shape.holdsGrams() > 0
                                ? Messages.say(
                                        "build.that-is-more-than-one-holds", KitchenText.grams(shape.holdsGrams()))
                                : null);
    }

    /** Tubes have no side. */
    private String side() {
        return switch (shape.kind()) {
            case TUBE -> "";
            case SHELL -> Messages.say("build.open-side-up");
            default -> Messages.say("build.seam-down");
        };
    }

    Laid laid(int index) {
        int shown = Math.min(fit.count(), filledPieces());
        String kind = switch (shape.kind()) {
            case TUBE -> "tubes";
            case SHELL -> "shells";
            default -> "rolls";
        };
        List<nabe.build.lay.Piece> pieces =
                fit.pieces().subList(0, Math.min(shown, fit.pieces().size()));
        double area =
                pieces.stream().mapToDouble(p -> p.widthMm() * p.heightMm()).sum();
        return LaidBuilder.builder()
                .layer(index)
                .item(line.line().item())
                .kind(kind)
                .lengthMm(outline.lengthMm())
                .widthMm(outline.widthMm())
                .round(outline.round())
                .pieces(pieces)
                .coverage(Math.min(1, area / outline.area()))
                .direction(fit.how())
                .words(Messages.say("build.in-one-layer-touching-is-fine", shown, kind, fit.how(), side()))
                .build();
    }
}
