package nabe.server;

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
    private final Resource page = new ClassPathResource("static/index.html");

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
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .contentType(MediaType.TEXT_HTML)
                .body(page);
    }
}
