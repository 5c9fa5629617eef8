package nabe.server.api;

import jakarta.validation.Valid;
import nabe.label.LabelReader;
import nabe.label.LabelReading;
import nabe.larder.Larder;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads packets' labels. Stores nothing. */
@RestController
@RequestMapping("/api/labels")
class LabelsController {
    private final LabelReader reader;

    LabelsController(Larder larder) {
        reader = new LabelReader(larder);
    }

    /** The words of one packet. */
    public record LabelRequest(@Nullable String text) {}

    @PostMapping("/read")
    LabelReading read(@Valid @RequestBody LabelRequest request) {
        return reader.read(request.text());
    }
}
