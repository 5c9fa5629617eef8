package nabe.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets in only who came by a name of this Nabe, and only from its own pages: a foreign page must not reach a Nabe on loopback. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Doorkeeper extends OncePerRequestFilter {
    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final String ONLY_OWN =
            "default-src 'self'; img-src 'self' data: blob:; style-src 'self'; script-src 'self';"
                    + " connect-src 'self'; font-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";
    private final Set<String> hosts;

    /** @param named other names it is reached by, as behind a proxy */
    Doorkeeper(@Value("${nabe.hosts:}") List<String> named) {
        Set<String> all = new HashSet<>(LOOPBACK);
        named.stream()
                .map(String::strip)
                .filter(h -> !h.isEmpty())
                .map(h -> h.toLowerCase(Locale.ROOT))
                .forEach(all::add);
        this.hosts = Set.copyOf(all);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", ONLY_OWN);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("X-Frame-Options", "DENY");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        String host = request.getHeader(HttpHeaders.HOST);
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        if (!isOwn(nameOf(host))) {
            refuse(response, Messages.say("server.this-nabe-is-not-reached-by", String.valueOf(host)));
        } else if (origin != null && !origin.replaceFirst("^https?://", "").equalsIgnoreCase(host)) {
            refuse(response, Messages.say("server.a-page-asked-only-nabes-own", origin));
        } else {
            chain.doFilter(request, response);
        }
    }

    private boolean isOwn(@Nullable String name) {
        return name != null && hosts.contains(name.toLowerCase(Locale.ROOT));
    }

    private static @Nullable String nameOf(@Nullable String host) {
        try {
            return new URI("//" + host).getHost();
        } catch (URISyntaxException e) {
            return null;
        }
    }

    private static void refuse(HttpServletResponse response, String why) throws IOException {
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        String detail = why.replace("\\", "").replace("\"", "'").replaceAll("\\p{Cntrl}", "");
        String title = Messages.say("server.not-from-here");
        response.getWriter().write("{\"title\":\"" + title + "\",\"status\":403,\"detail\":\"" + detail + "\"}");
    }
}
