package nabe.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nabe.reading.ProcedureReader;
import nabe.recipe.Line;
import nabe.recipe.Procedure;

/** What the last methods were understood as: a cook who touches a swap or a pan asks for the same recipe again. */
final class MethodsRead {
    private static final int KEPT = 32;

    private final ProcedureReader reader = new ProcedureReader();
    private final Map<Asked, Procedure> kept = Collections.synchronizedMap(new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, Procedure> eldest) {
            return size() > KEPT;
        }
    });

    private record Asked(List<Line> lines, List<String> steps) {}

    /** @param lines the ingredient lines; {@code steps} the method as written */
    Procedure of(List<Line> lines, List<String> steps) {
        Asked asked = new Asked(List.copyOf(lines), List.copyOf(steps));
        Procedure known = kept.get(asked);
        if (known == null) {
            known = reader.read(lines, steps);
            kept.put(asked, known);
        }
        return known;
    }
}
