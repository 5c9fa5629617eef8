package nabe.prep;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Figures;
import nabe.prep.Cooking.Stage;
import nabe.swap.PlannedProcedure.Work;

/** How long a step keeps hands busy, and what of it stands in the oven before the dish does. */
final class HandsAndOven {
    private static final String ROASTED_IN = "oven-tray";
    /** Their temperature is that of the fat. */
    private static final Set<String> IN_FAT = Set.of("fry", "heat", "brown");

    private static final double LEAST_IN_OVEN = Figures.of("prep.least-in-oven");
    private static final double LONG_WATCHED = Figures.of("prep.long-watched");
    private static final double USUAL_ROAST = Figures.of("prep.usual-roast");
    /** Nobody stands at it for so long. */
    private static final double BY_ITSELF = Figures.of("reading.overnight");

    private static final double A_LOOK = Figures.of("prep.a-look");

    private final Cooking cooking;
    private final StoveBook book;

    HandsAndOven(Cooking cooking, StoveBook book) {
        this.cooking = cooking;
        this.book = book;
    }

    /** Minutes that hands are busy: what cooks much longer than it usually does is stirred now and then, as a simmer is. */
    double busy(Work work, Stage stage) {
        StoveBook.Work kind = stage.work();
        double hands = kind == null ? 1 : takesOven(work) ? book.named("roast").hands() : kind.hands();
        double all = stage.minutes();
        if (hands < A_LOOK || all >= BY_ITSELF) {
            return Math.min(1, all);
        }
        double watched = kind == null || kind.heat() == null ? all : Math.min(all, LONG_WATCHED * kind.minutes());
        return watched * hands
                + (all - watched) * Math.min(hands, book.named("simmer").hands());
    }

    /** Its verbs, and the oven that what is roasted or baked before the dish takes. */
    PrepStep.Doing doing(List<Work> works) {
        Set<String> actions = works.stream().map(Work::action).collect(Collectors.toSet());
        List<Work> roasted = works.stream().filter(this::takesOven).toList();
        double minutes =
                roasted.stream().mapToDouble(w -> cooking.stage(w).minutes()).sum();
        double celsius = roasted.stream()
                .map(Work::celsius)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(USUAL_ROAST);
        return minutes < 1
                ? PrepStep.Doing.of(actions)
                : new PrepStep.Doing(actions, celsius, (int) Math.round(minutes), List.of());
    }

    private boolean takesOven(Work work) {
        return isBraised(work) || isRoasted(work);
    }

    private boolean isRoasted(Work work) {
        StoveBook.Work kind = cooking.stage(work).work();
        return kind != null && ROASTED_IN.equals(kind.tool());
    }

    /** "Cover and cook at 150C for 4 hours": in the vessel the words name, and no sign of the frying pan. */
    boolean isBraised(Work work) {
        return work.celsius() != null
                && cooking.stage(work).minutes() >= LEAST_IN_OVEN
                && !IN_FAT.contains(work.action())
                && !isRoasted(work);
    }
}
