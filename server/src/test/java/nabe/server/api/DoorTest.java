package nabe.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import nabe.server.Http;
import nabe.server.RunningNabe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningNabe.class)
class DoorTest {
    private final String address;
    private final Http http;

    DoorTest(RunningNabe nabe) {
        this.address = nabe.address();
        this.http = new Http(address);
    }

    @Test
    void pagesMayLoadOnlyTheirOwn() {
        var headers = http.get("/").raw().headers();
        assertThat(headers.firstValue("Content-Security-Policy").orElseThrow())
                .contains("default-src 'self'", "frame-ancestors 'none'")
                .doesNotContain("unsafe");
        assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(headers.firstValue("Referrer-Policy")).contains("no-referrer");
    }

    @ParameterizedTest
    @CsvSource({"/, text/html", "/sw.js, text/javascript", "/manifest.webmanifest, application/manifest+json"})
    void whatTellsOfANewClientIsAskedForAnewEachTime(String path, String type) {
        var headers = http.get(path).raw().headers();
        assertThat(headers.firstValue("Cache-Control")).contains("no-cache");
        assertThat(headers.firstValue("Content-Type").orElseThrow()).startsWith(type);
    }

    @ParameterizedTest
    @CsvSource({
        "own,            own,                       200",
        "own,            none,                      200",
        "own,            https://elsewhere.example, 403",
        "own,            http://127.0.0.1:1,        403",
        "own,            null,                      403",
        "nabe.example,   none,                      403",
        "'',             none,                      403"
    })
    void onlyItsOwnPagesGetIn(String host, String origin, int status) throws IOException {
        URI own = URI.create(address);
        String said = host.equals("own") ? own.getAuthority() : host;
        String from = origin.equals("own")
                ? "Origin: " + address + "\r\n"
                : origin.equals("none") ? "" : "Origin: " + origin + "\r\n";
        try (Socket socket = new Socket(own.getHost(), own.getPort())) {
            socket.getOutputStream()
                    .write(("GET /api/dishes HTTP/1.1\r\nHost: " + said + "\r\n" + from + "Connection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            assertThat(answer).startsWith("HTTP/1.1 " + status);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/plans           | {'recipe':{'text':'x','steps':[null]}}                            | A step",
                "/api/plans           | {'recipe':{'lines':[null]}}                                       | A line",
                "/api/plans           | {'recipe':{'text':'x','corrections':[{}]}}                        | A correction",
                "/api/plans           | {'recipe':{'text':'x'},'needs':[null]}                            | A need",
                "/api/plans           | {'recipe':{'text':'x'},'schools':{'cover':null}}                  | An answer",
                "/api/plans           | {'recipe':{'text':'x'},'prep':{'mends':{'a':null}}}               | The size",
                "/api/plans           | {'recipe':{'text':'x'},'build':{'order':[null]}}                  | A layer",
                "/api/dishes          | {'recipe':{'text':'x'},'choices':{'1':null}}                      | A chosen swap",
                "/api/meals/plan      | {'serveAt':'2026-12-01T19:00','dishes':[null]}                    | A dish",
                "/api/meals/plan      | {'serveAt':'2026-12-01T19:00','eaters':[{'needs':[null]}]}        | A need",
                "/api/meals/plan      | {'dishes':[{'brief':{'recipe':{'text':'x','steps':[null]}}}]}     | A step",
                "/api/ovens/share     | {'dishes':[null,null]}                                            | A dish",
                "/api/plans/what-if   | {'briefs':[{'recipe':{'text':'x','steps':[null]}}]}               | A step"
            })
    void anEmptyEntryIsToldInASentence(String path, String body, String says) {
        Http.Answer answer = http.send("POST", path, body.replace('\'', '"'));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(400);
        assertThat(answer.type()).contains("problem+json");
        assertThat(answer.body().path("detail").asString()).contains(says).endsWith(".");
    }
}
