package nabe.server.api;

import java.util.Comparator;
import java.util.List;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.larder.Origin;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the larder holds, for choosing an ingredient by hand. */
@RestController
@RequestMapping("/api/larder")
class LarderController {
    private final List<LarderItem> items;

    LarderController(Larder larder) {
        items = larder.all().stream().map(i -> new LarderItem(i.id(), i.name(), i.aliases(), i.allergens().stream().sorted().toList(), i.maybe().stream().sorted().toList(),
                i.traces().stream().sorted().toList(), i.origin(), i.composition().source()))
                .sorted(Comparator.comparing(LarderItem::name, String.CASE_INSENSITIVE_ORDER)).toList();
    }

    /** One ingredient: its names, what is in it, what may be, and where its composition comes from. */
    public record LarderItem(String id, String name, List<String> aliases, List<Allergen> allergens, List<Allergen> maybe,
            List<Allergen> traces, Origin origin, String source) {
    }

    @GetMapping("/ingredients")
    List<LarderItem> ingredients() {
        return items;
    }
}
