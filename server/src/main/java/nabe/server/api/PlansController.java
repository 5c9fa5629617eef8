package nabe.server.api;

import nabe.plan.Planner;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Computes plans. Stores nothing. */
@RestController
@RequestMapping("/api/plans")
class PlansController {
    private final Planner planner;

    PlansController(Planner planner) {
        this.planner = planner;
    }

    @PostMapping
    PlanView plan(@RequestBody BriefRequest request) {
        return PlanView.of(planner.plan(request.brief()));
    }
}
