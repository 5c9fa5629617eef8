package nabe.server;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import nabe.words.Messages;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Serves the web client's one page at every address that names something in it. */
@Controller
class Pages {
    private final Resource page;

    /** The page says which language it is in, and fetches its words by that. */
    Pages() throws IOException {
        String written = new ClassPathResource("static/index.html").getContentAsString(StandardCharsets.UTF_8);
        String spoken = written.replaceFirst("<html lang=\"[^\"]*\"", "<html lang=\"" + Messages.language() + "\"");
        page = new ByteArrayResource(spoken.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping({
        "/",
        "/read",
        "/larder",
        "/larder/{shelf}",
        "/house",
        "/dishes/{id}",
        "/dishes/{id}/{stop}",
        "/table",
        "/table/{id}",
        "/table/{id}/{view}"
    })
    ResponseEntity<Resource> page() {
        return fresh(page, MediaType.TEXT_HTML);
    }

    /** What works offline, and what tells the browser of it: asked for anew each time, or an old client would stay for a year. */
    @GetMapping("/sw.js")
    ResponseEntity<Resource> worker() {
        return fresh(new ClassPathResource("static/sw.js"), MediaType.valueOf("text/javascript"));
    }

    @GetMapping("/manifest.webmanifest")
    ResponseEntity<Resource> manifest() {
        return fresh(
                new ClassPathResource("static/manifest.webmanifest"), MediaType.valueOf("application/manifest+json"));
    }

    private static ResponseEntity<Resource> fresh(Resource body, MediaType type) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .contentType(type)
                .body(body);
    }
}
