package nabe.server.api;

import jakarta.validation.Valid;
import java.util.List;
import nabe.larder.Larder;
import nabe.measure.WrongValueException;
import nabe.reading.text.Habits;
import nabe.server.KitchenTable;
import nabe.server.store.HomeStore;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What wordings mean in this house, learned from corrections. */
@RestController
@RequestMapping("/api/larder/wordings")
class WordingsController {
    private final HomeStore store;
    private final KitchenTable table;
    private final Larder larder;

    WordingsController(HomeStore store, KitchenTable table, Larder larder) {
        this.store = store;
        this.table = table;
        this.larder = larder;
    }

    /** A wording to remember. */
    public record WordingRequest(
            @Nullable String words, @Nullable String ingredient) {}

    /** A remembered wording. */
    public record WordingView(String words, String ingredient, String ingredientName) {}

    @GetMapping
    List<WordingView> all() {
        return store.wordings().entrySet().stream()
                .map(e -> view(e.getKey(), e.getValue()))
                .toList();
    }

    @PutMapping
    WordingView remember(@Valid @RequestBody WordingRequest request) {
        String words = Habits.wording(request.words() == null ? "" : request.words());
        if (words.isBlank() || request.ingredient() == null) {
            throw new WrongValueException(Messages.say("server.say-which-words-and-which-ingredient"));
        }
        WordingView view = view(words, larder.get(request.ingredient()).id());
        store.remember(words, view.ingredient());
        table.lay();
        return view;
    }

    @DeleteMapping
    ResponseEntity<Void> forget(@RequestParam String words) {
        if (!store.forget(Habits.wording(words))) {
            throw NoSuchThingException.wording();
        }
        table.lay();
        return ResponseEntity.noContent().build();
    }

    private WordingView view(String words, String ingredient) {
        return new WordingView(
                words, ingredient, larder.find(ingredient).map(i -> i.name()).orElse(ingredient));
    }
}
