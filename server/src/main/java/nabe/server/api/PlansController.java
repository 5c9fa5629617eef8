package nabe.server.api;

import jakarta.validation.Valid;
import java.util.List;
import nabe.plan.OneOrApart;
import nabe.plan.WhatIf;
import nabe.server.KitchenTable;
import nabe.server.brief.BriefRequest;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Computes plans, in this house. Stores nothing. */
@RestController
@RequestMapping("/api/plans")
class PlansController {
    private final KitchenTable table;
    private final WhatIfs whatIfs;

    PlansController(KitchenTable table, WhatIfs whatIfs) {
        this.table = table;
        this.whatIfs = whatIfs;
    }

    @PostMapping
    PlanView plan(@Valid @RequestBody BriefRequest request) {
        return PlanView.of(table.planner().plan(request.brief()));
    }

    /** How long each of several bakes would last: the same dish with one thing otherwise, all in one call. */
    @PostMapping("/what-if")
    List<WhatIf> whatIf(@Valid @RequestBody WhatIfRequest request) {
        return whatIfs.of(request.briefs().stream().map(BriefRequest::brief).toList());
    }

    /** One dish for everybody who eats it, or a small one apart: both, with advice. */
    @PostMapping("/one-or-apart")
    OneOrApart.Compared oneOrApart(@Valid @RequestBody BriefRequest request) {
        return table.planner().oneOrApart(request.brief());
    }
}
