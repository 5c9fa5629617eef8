package nabe.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A real PostgreSQL of Debian's, in a folder of its own, on loopback, for one test run. Can be stopped and started. */
public final class PostgresCluster implements AutoCloseable {
    private final Path bin = newestBin();
    private final Path folder;
    private final int port;
    private final boolean root = "root".equals(System.getProperty("user.name"));

    public PostgresCluster() {
        try {
            folder = Files.createTempDirectory(Path.of("/var/tmp"), "nabe-test-pg");
            try (ServerSocket socket = new ServerSocket(0)) {
                port = socket.getLocalPort();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (root) {
            run(List.of("chown", "postgres", folder.toString()));
        }
        asPostgres(
                "initdb",
                "-D",
                folder + "/data",
                "-U",
                "nabe",
                "--auth=trust",
                "-E",
                "UTF8",
                "--no-locale",
                "--no-sync");
        start();
        asPostgres("createdb", "-h", "127.0.0.1", "-p", String.valueOf(port), "-U", "nabe", "nabe");
        Runtime.getRuntime().addShutdownHook(new Thread(this::close));
    }

    public String url() {
        return "jdbc:postgresql://127.0.0.1:" + port + "/nabe";
    }

    public void start() {
        asPostgres(
                "pg_ctl",
                "-D",
                folder + "/data",
                "-l",
                folder + "/log",
                "-w",
                "-o",
                "-c listen_addresses=127.0.0.1 -c port=" + port + " -c unix_socket_directories='' -c fsync=off",
                "start");
    }

    public void stop() {
        asPostgres("pg_ctl", "-D", folder + "/data", "-m", "immediate", "-w", "stop");
    }

    @Override
    public synchronized void close() {
        if (!Files.exists(folder)) {
            return;
        }
        if (Files.exists(folder.resolve("data/postmaster.pid"))) {
            stop();
        }
        try (Stream<Path> paths = Files.walk(folder)) {
            paths.sorted(Comparator.reverseOrder()).map(Path::toFile).forEach(java.io.File::delete);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void asPostgres(String program, String... arguments) {
        List<String> command = new ArrayList<>();
        if (root) {
            command.addAll(List.of("runuser", "-u", "postgres", "--"));
        }
        command.add(bin.resolve(program).toString());
        command.addAll(List.of(arguments));
        run(command);
    }

    private void run(List<String> command) {
        try {
            Process process = new ProcessBuilder(command)
                    .directory(Path.of("/").toFile())
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            if (process.waitFor() != 0) {
                throw new IllegalStateException("It must succeed: " + String.join(" ", command));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Path newestBin() {
        try (Stream<Path> versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            return versions.max(Comparator.comparing(
                            p -> Integer.parseInt(p.getFileName().toString())))
                    .orElseThrow()
                    .resolve("bin");
        } catch (IOException e) {
            throw new UncheckedIOException("PostgreSQL must be installed under /usr/lib/postgresql.", e);
        }
    }
}
