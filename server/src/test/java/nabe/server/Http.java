package nabe.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Small HTTP words for tests. */
public final class Http {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final JsonMapper JSON = JsonMapper.shared();
    private final String address;

    public Http(String address) {
        this.address = address;
    }

    /** @param body read as JSON where it is JSON, else null */
    public record Answer(int status, JsonNode body, HttpResponse<String> raw) {
        public String etag() {
            return raw.headers().firstValue("ETag").orElse(null);
        }

        public String type() {
            return raw.headers().firstValue("Content-Type").orElse("");
        }
    }

    public Answer send(String method, String path, String body, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
        for (int i = 0; i < headers.length; i += 2) {
            request.header(headers[i], headers[i + 1]);
        }
        try {
            HttpResponse<String> response = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
            boolean json =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Answer(response.statusCode(), json ? JSON.readTree(response.body()) : null, response);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public Answer post(String path, Object body) {
        return send("POST", path, JSON.writeValueAsString(body));
    }

    public Answer get(String path) {
        return send("GET", path, null);
    }
}
