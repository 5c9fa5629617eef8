package nabe.server.api;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Objects;
import nabe.server.brief.BriefRequest;

/** @param briefs of the bakes to compare */
record WhatIfRequest(List<@Valid BriefRequest> briefs) {
    WhatIfRequest {
        briefs = briefs == null
                ? List.of()
                : briefs.stream().filter(Objects::nonNull).toList();
    }
}
