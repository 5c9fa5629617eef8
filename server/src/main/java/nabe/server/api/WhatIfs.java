package nabe.server.api;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nabe.measure.WrongValueException;
import nabe.plan.Brief;
import nabe.plan.Planner;
import nabe.plan.WhatIf;
import nabe.server.KitchenTable;
import nabe.words.Messages;
import org.springframework.stereotype.Component;

/** Answers what a change would come to, and remembers what it has answered while the house stays as it is. */
@Component
class WhatIfs {
    private static final int REMEMBERED = 2_000;
    private static final int MOST = 20;
    private final KitchenTable table;
    private final Cache<Asked, WhatIf> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    private record Asked(Planner house, Brief brief) {}

    WhatIfs(KitchenTable table) {
        this.table = table;
    }

    /** @throws WrongValueException for none, or for more than a screen shows */
    List<WhatIf> of(List<Brief> briefs) {
        if (briefs.isEmpty() || briefs.size() > MOST) {
            throw new WrongValueException(Messages.say("server.ask-for-to-20-bakes-at", briefs.size()));
        }
        Planner planner = table.planner();
        List<Brief> fresh = briefs.stream()
                .distinct()
                .filter(b -> known.getIfPresent(new Asked(planner, b)) == null)
                .toList();
        Map<Brief, WhatIf> answers = new HashMap<>();
        List<WhatIf> found = planner.whatIf(fresh);
        for (int i = 0; i < fresh.size(); i++) {
            answers.put(fresh.get(i), found.get(i));
            known.put(new Asked(planner, fresh.get(i)), found.get(i));
        }
        List<WhatIf> all = new ArrayList<>();
        for (Brief brief : briefs) {
            WhatIf kept = answers.get(brief);
            all.add(
                    kept != null
                            ? kept
                            : known.get(
                                    new Asked(planner, brief),
                                    a -> planner.whatIf(List.of(brief)).getFirst()));
        }
        return all;
    }
}
