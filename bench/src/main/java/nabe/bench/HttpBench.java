package nabe.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;

/** Asks a running server on loopback for plans and says how long each took, and what memory the server holds after. */
public final class HttpBench {
    private static final int WARM_UP = 1_000;
    private static final int PLANS = 1_000;
    private static final int FORECASTS = 300;
    private static final int COOKS = 2;
    private final HttpClient client = HttpClient.newHttpClient();
    private final HttpRequest request;

    private HttpBench(String address, boolean forecast) {
        request = HttpRequest.newBuilder(URI.create(address + "/api/plans"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(Texts.briefJson(forecast)))
                .build();
    }

    /** @param args the server's address on loopback and its process id */
    public static void main(String[] args) throws Exception {
        if (!URI.create(args[0]).getHost().equals("127.0.0.1")) {
            throw new IllegalArgumentException("The server (" + args[0] + ") must be on 127.0.0.1.");
        }
        HttpBench quick = new HttpBench(args[0], false);
        quick.run(WARM_UP, 1);
        report("plan over HTTP, no forecast", quick.run(PLANS, 1), "wanted: p99 under 50 ms");
        long begin = System.nanoTime();
        double[] two = quick.run(PLANS, COOKS);
        double seconds = (System.nanoTime() - begin) / 1e9;
        report("the same, two cooks", two, String.format(Locale.ROOT, "%.0f plans a second", PLANS / seconds));
        HttpBench whole = new HttpBench(args[0], true);
        whole.run(WARM_UP / 10, 1);
        report("plan over HTTP, with forecast", whole.run(FORECASTS, 1), "wanted: p99 under 300 ms");
        System.out.printf(
                Locale.ROOT,
                "memory of the server after %,d plans  %d MB resident (wanted under 400)%n",
                2 * PLANS + FORECASTS,
                resident(args[1]));
    }

    private double[] run(int plans, int cooks) throws InterruptedException, ExecutionException {
        try (ExecutorService pool = Executors.newFixedThreadPool(cooks)) {
            Callable<Double> one = this::once;
            var futures =
                    pool.invokeAll(IntStream.range(0, plans).mapToObj(i -> one).toList());
            double[] took = new double[plans];
            for (int i = 0; i < plans; i++) {
                Future<Double> future = futures.get(i);
                took[i] = future.get();
            }
            Arrays.sort(took);
            return took;
        }
    }

    private double once() throws IOException, InterruptedException {
        long begin = System.nanoTime();
        HttpResponse<byte[]> response = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
        if (response.statusCode() != 200) {
            throw new IOException("The server answered " + response.statusCode());
        }
        return (System.nanoTime() - begin) / 1e6;
    }

    private static void report(String what, double[] sorted, String note) {
        System.out.printf(
                Locale.ROOT,
                "%-34s  median %.1f ms, p99 %.1f ms (%s)%n",
                what,
                sorted[sorted.length / 2],
                sorted[(int) (sorted.length * 0.99)],
                note);
    }

    private static long resident(String pid) throws IOException {
        return Files.readAllLines(Path.of("/proc", pid, "status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElseThrow();
    }
}
