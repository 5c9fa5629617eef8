package nabe.server.api;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole shelf in one answer: every dish with its cut, none with its bake. */
@RestController
class ShelfController {
    private final ShelfCards cards;

    ShelfController(ShelfCards cards) {
        this.cards = cards;
    }

    @GetMapping("/api/shelf")
    List<ShelfView> shelf() {
        return cards.all();
    }
}
