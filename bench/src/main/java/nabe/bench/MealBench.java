package nabe.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Asks a running server on loopback to plan the demo meal: the first plan, the proven one, again from half way, and less. */
public final class MealBench {
    private static final int RUNS = 5;
    private static final int SIDES = 3;
    private static final int BEFORE_SERVING = 150;
    private final HttpClient client = HttpClient.newHttpClient();
    private final JsonMapper json = new JsonMapper();
    private final String address;

    private MealBench(String address) {
        this.address = address;
    }

    /** @param args the server's address on loopback and its process id */
    public static void main(String[] args) throws Exception {
        if (!URI.create(args[0]).getHost().equals("127.0.0.1")) {
            throw new IllegalArgumentException("The server (" + args[0] + ") must be on 127.0.0.1.");
        }
        new MealBench(args[0]).run(args[1]);
    }

    private void run(String pid) throws IOException, InterruptedException {
        ObjectNode demo = (ObjectNode) get("/api/meals").get(0).get("meal");
        measured("first plan of the demo meal", "wanted: under 1 s", m -> post("/api/meals/plan?first=true", m), demo);
        measured("proven plan of the demo meal", "wanted: under 8 s", m -> post("/api/meals/plan", m), demo);
        again(demo);
        ObjectNode sides = demo.deepCopy();
        ArrayNode dishes = (ArrayNode) sides.get("dishes");
        while (dishes.size() > SIDES) {
            dishes.remove(dishes.size() - 1);
        }
        measured("three dishes in one oven, proven", "wanted: under 3 s", m -> post("/api/meals/plan", m), sides);
        System.out.printf(
                Locale.ROOT,
                "memory of the server with the solver   %d MB resident (wanted under 700)%n",
                resident(pid));
    }

    /** Never the same meal twice: what was planned once is remembered. */
    private ObjectNode fresh(ObjectNode meal) {
        ObjectNode copy = meal.deepCopy();
        copy.put("title", "Run " + System.nanoTime());
        return copy;
    }

    private void measured(String what, String note, Function<ObjectNode, JsonNode> ask, ObjectNode meal) {
        ask.apply(fresh(meal));
        List<Double> took = new ArrayList<>();
        JsonNode last = null;
        for (int i = 0; i < RUNS; i++) {
            ObjectNode asks = fresh(meal);
            long begin = System.nanoTime();
            last = ask.apply(asks);
            took.add((System.nanoTime() - begin) / 1e6);
        }
        report(what, note, took, last);
    }

    /** From half way, with what was to be done by then done and the rest twenty minutes late. */
    private void again(ObjectNode demo) {
        List<Double> took = new ArrayList<>();
        JsonNode last = null;
        for (int i = 0; i <= RUNS; i++) {
            ObjectNode meal = fresh(demo);
            JsonNode plan = post("/api/meals/plan", meal);
            LocalDateTime now =
                    LocalDateTime.parse(plan.get("serveAt").asString()).minusMinutes(BEFORE_SERVING);
            ArrayNode done = meal.putArray("done");
            for (JsonNode task : plan.get("tasks")) {
                if (LocalDateTime.parse(task.get("from").asString()).isBefore(now.minusMinutes(20))) {
                    done.addObject()
                            .put("task", task.get("id").asString())
                            .put("from", task.get("from").asString())
                            .put("to", task.get("to").asString());
                }
            }
            meal.put("now", now.toString());
            long begin = System.nanoTime();
            last = post("/api/meals/plan", meal);
            if (i > 0) {
                took.add((System.nanoTime() - begin) / 1e6);
            }
        }
        report("again from half way, 20 min late", "wanted: under 1 s", took, last);
    }

    private static void report(String what, String note, List<Double> took, JsonNode plan) {
        took.sort(null);
        System.out.printf(
                Locale.ROOT,
                "%-34s  median %.0f ms, worst %.0f ms (%s); proven %s, gap %.3f, %d min late, %d breaches%n",
                what,
                took.get(took.size() / 2),
                took.getLast(),
                note,
                plan.at("/status/proven").asBoolean(),
                plan.at("/status/gap").asDouble(),
                plan.get("lateMinutes").asInt(),
                plan.get("breaches").size());
    }

    private JsonNode get(String path) throws IOException, InterruptedException {
        return answer(HttpRequest.newBuilder(URI.create(address + path)).build());
    }

    private JsonNode post(String path, ObjectNode body) {
        try {
            return answer(HttpRequest.newBuilder(URI.create(address + path))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body)))
                    .build());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private JsonNode answer(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> response = client.send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 200) {
            throw new IOException("The server answered " + response.statusCode() + ": " + response.body());
        }
        return json.readTree(response.body());
    }

    private static long resident(String pid) throws IOException {
        return Files.readAllLines(Path.of("/proc", pid, "status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElseThrow();
    }
}
