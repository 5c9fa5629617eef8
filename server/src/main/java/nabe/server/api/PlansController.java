package nabe.server.api;

import nabe.plan.OneOrApart;
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

    PlansController(KitchenTable table) {
        this.table = table;
    }

    @PostMapping
    PlanView plan(@RequestBody BriefRequest request) {
        return PlanView.of(table.planner().plan(request.brief()));
    }

    /** One dish for everybody who eats it, or a small one apart: both, with advice. */
    @PostMapping("/one-or-apart")
    OneOrApart.Compared oneOrApart(@RequestBody BriefRequest request) {
        return table.planner().oneOrApart(request.brief());
    }
}
