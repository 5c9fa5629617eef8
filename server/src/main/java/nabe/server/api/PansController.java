package nabe.server.api;

import java.util.List;
import nabe.build.Pans;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Common baking dishes to choose from; the house's own stand with the house. */
@RestController
@RequestMapping("/api/pans")
class PansController {
    @GetMapping
    List<Pans.Named> pans() {
        return Pans.library();
    }
}
