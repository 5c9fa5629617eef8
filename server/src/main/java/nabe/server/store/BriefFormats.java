package nabe.server.store;

import java.util.List;
import java.util.function.UnaryOperator;
import nabe.server.brief.BriefRequest;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads stored briefs of every form there has been: each step raises a brief by one form, so an old one opens as it was meant. */
@Component
class BriefFormats {
    private static final List<UnaryOperator<ObjectNode>> STEPS = List.of(BriefFormats::startAsChosen);
    /** The form that briefs are written in today. */
    static final int CURRENT = STEPS.size() + 1;

    private final JsonMapper json;

    BriefFormats(JsonMapper json) {
        this.json = json;
    }

    String write(BriefRequest brief) {
        return json.writeValueAsString(brief);
    }

    /** @throws IllegalStateException for a form from a later Nabe */
    BriefRequest read(String stored, int format) {
        if (format > CURRENT) {
            throw new IllegalStateException("This dish was kept by a later Nabe (form " + format + ").");
        }
        JsonNode tree = json.readTree(stored);
        for (int i = format - 1; i < STEPS.size(); i++) {
            tree = STEPS.get(i).apply((ObjectNode) tree);
        }
        return json.treeToValue(tree, BriefRequest.class);
    }

    /** Form 1 had no word for "as the recipe says": whoever left the start alone had room temperature. */
    private static ObjectNode startAsChosen(ObjectNode brief) {
        ObjectNode oven = brief.path("oven") instanceof ObjectNode known ? known : brief.putObject("oven");
        if (!oven.hasNonNull("start")) {
            oven.put("start", "room");
        }
        return brief;
    }
}
