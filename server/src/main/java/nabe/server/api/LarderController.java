package nabe.server.api;

import java.util.Comparator;
import java.util.List;
import nabe.larder.Larder;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the larder holds, for choosing an ingredient by hand. */
@RestController
@RequestMapping("/api/larder")
class LarderController {
    private final List<LarderItem> items;

    LarderController(Larder larder) {
        items = larder.all().stream().map(i -> new LarderItem(i.id(), i.name(), i.aliases()))
                .sorted(Comparator.comparing(LarderItem::name, String.CASE_INSENSITIVE_ORDER)).toList();
    }

    /** One ingredient by its names. */
    public record LarderItem(String id, String name, List<String> aliases) {
    }

    @GetMapping("/ingredients")
    List<LarderItem> ingredients() {
        return items;
    }
}
