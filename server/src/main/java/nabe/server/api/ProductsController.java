package nabe.server.api;

import jakarta.validation.Valid;
import java.net.URI;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import nabe.label.KeptProduct;
import nabe.label.LabelReader;
import nabe.label.LabelReading;
import nabe.larder.Larder;
import nabe.server.KitchenTable;
import nabe.server.store.HomeStore;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Packets kept to stand in for ingredients, each judged by its own label. */
@RestController
@RequestMapping("/api/larder/products")
class ProductsController {
    private final HomeStore store;
    private final KitchenTable table;
    private final Larder larder;
    private final LabelReader reader;

    ProductsController(HomeStore store, KitchenTable table, Larder larder) {
        this.store = store;
        this.table = table;
        this.larder = larder;
        this.reader = new LabelReader(larder);
    }

    /** A packet as the cook types it; only the name and what it stands for must be given. */
    public record ProductRequest(
            @Nullable String name,
            @Nullable String standsFor,
            @Nullable String label,
            @Nullable Integer minutes,
            @Nullable Double thirst,
            @Nullable Double sheetGrams,
            @Nullable Double packGrams) {
        KeptProduct kept(UUID id) {
            return new KeptProduct(
                    id.toString(),
                    Objects.requireNonNullElse(name, ""),
                    Objects.requireNonNullElse(standsFor, ""),
                    Objects.requireNonNullElse(label, ""),
                    minutes,
                    thirst,
                    sheetGrams,
                    packGrams);
        }
    }

    /** A kept packet. {@code reading} is null while its label has not been typed. */
    public record ProductView(
            String id,
            String name,
            String standsFor,
            String standsForName,
            String label,
            @Nullable Integer minutes,
            @Nullable Double thirst,
            @Nullable Double sheetGrams,
            @Nullable Double packGrams,
            @Nullable LabelReading reading) {}

    @GetMapping
    List<ProductView> all() {
        return store.products().stream().map(this::view).toList();
    }

    @PostMapping
    ResponseEntity<ProductView> keep(@Valid @RequestBody ProductRequest request) {
        UUID id = UUID.randomUUID();
        return ResponseEntity.created(URI.create("/api/larder/products/" + id)).body(save(request.kept(id)));
    }

    @PutMapping("/{id}")
    ProductView change(@PathVariable UUID id, @Valid @RequestBody ProductRequest request) {
        store.product(id).orElseThrow(NoSuchThingException::packet);
        return save(request.kept(id));
    }

    @DeleteMapping("/{id}")
    ResponseEntity<Void> discard(@PathVariable UUID id) {
        if (!store.discard(id)) {
            throw NoSuchThingException.packet();
        }
        table.lay();
        return ResponseEntity.noContent().build();
    }

    private ProductView save(KeptProduct product) {
        ProductView view = view(product);
        store.keep(product);
        table.lay();
        return view;
    }

    private ProductView view(KeptProduct p) {
        LabelReading reading = p.label().isBlank() ? null : reader.read(p.label());
        return new ProductView(
                p.id(),
                p.name(),
                p.standsFor(),
                larder.get(p.standsFor()).name(),
                p.label(),
                p.minutes(),
                p.thirst(),
                p.sheetGrams(),
                p.packGrams(),
                reading);
    }
}
