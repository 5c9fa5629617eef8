package nabe.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Nabe's web server: the API over the core, the store, and the pages of the web client. */
@SpringBootApplication
public class NabeApplication {
    public static void main(String[] args) {
        SpringApplication.run(NabeApplication.class, args);
    }
}
