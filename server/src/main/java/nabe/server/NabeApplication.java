package nabe.server;

import nabe.words.Messages;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Nabe's web server: the API over the core, the store, and the pages of the web client. */
@SpringBootApplication
public class NabeApplication {
    /** In the language of the environment, which is chosen before the first word is read. */
    public static void main(String[] args) {
        String language = System.getenv("NABE_LANGUAGE");
        if (language != null && !language.isBlank()) {
            System.setProperty(Messages.LANGUAGE, language);
        }
        SpringApplication.run(NabeApplication.class, args);
    }
}
