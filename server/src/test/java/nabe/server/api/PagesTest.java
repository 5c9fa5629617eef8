package nabe.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpHeaders;
import nabe.server.Http;
import nabe.server.RunningNabe;
import nabe.words.Messages;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Every address of the client is its one page, in the language that Nabe speaks, asked for anew each time. */
@ExtendWith(RunningNabe.class)
class PagesTest {
    @Test
    void everyAddressIsThePageInItsLanguage(RunningNabe nabe) {
        for (String path :
                new String[] {"/", "/read", "/larder", "/house", "/table", "/dishes/a/bake", "/table/a/clock"}) {
            Http.Answer answer = new Http(nabe.address()).get(path);
            assertThat(answer.status()).as(path).isEqualTo(200);
            assertThat(answer.raw().body()).contains("<html lang=\"" + Messages.language() + "\"");
            HttpHeaders headers = answer.raw().headers();
            assertThat(headers.firstValue("Cache-Control")).hasValue("no-cache");
            assertThat(headers.firstValue("Content-Security-Policy").orElse("unsafe"))
                    .doesNotContain("unsafe");
        }
    }
}
