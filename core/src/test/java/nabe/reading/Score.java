package nabe.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import nabe.recipe.PanSize;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.Vessel;
import nabe.recipe.Recipe;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * How far a reading agrees with what a careful cook wrote down beside the text: the Java twin of the practice set's scorer.
 * Each figure runs from 0 to 1; {@code times} is null where the answer has none. {@code talk} tells where they differ.
 */
record Score(
        double lines,
        double layers,
        double shares,
        double oven,
        @Nullable Double times,
        double frame,
        List<String> talk) {

    private static final Set<String> OUTSIDE = Set.of("pan", "beside", "garnish");

    static Score of(JsonNode answer, Recipe recipe, Procedure procedure) {
        return new Work(answer, recipe, procedure).score();
    }

    private record Pair(String mine, String theirs) {}

    private static final class Work {
        private final JsonNode answer;
        private final Recipe recipe;
        private final Procedure procedure;
        private final List<String> talk = new ArrayList<>();
        private final Map<Integer, Map<String, Double>> byLine = new HashMap<>();
        private final List<@Nullable Integer> positions;
        private final Map<String, String> pairs;

        Work(JsonNode answer, Recipe recipe, Procedure procedure) {
            this.answer = answer;
            this.recipe = recipe;
            this.procedure = procedure;
            for (Vessel component : procedure.components()) {
                for (Procedure.Of of : component.of()) {
                    if (of.line() != null) {
                        byLine.computeIfAbsent(of.line(), k -> new LinkedHashMap<>())
                                .merge(component.id(), of.share(), Double::sum);
                    }
                }
            }
            this.positions = positions();
            this.pairs = pairs();
        }

        Score score() {
            double lines = lines();
            List<Pair> layers = new ArrayList<>();
            double distance = layers(layers);
            return new Score(lines, distance, shares, oven(), times(), frame(), talk);
        }

        private static String plain(String text) {
            return text.toLowerCase(java.util.Locale.ROOT)
                    .replaceAll("[^\\p{L}\\p{N}_]+", " ")
                    .strip();
        }

        private List<@Nullable Integer> positions() {
            List<String> words =
                    recipe.lines().stream().map(l -> plain(l.text())).toList();
            List<@Nullable Integer> found = new ArrayList<>();
            int at = 0;
            for (JsonNode line : answer.get("lines")) {
                String wanted = plain(line.get("line").asString());
                Integer hit = null;
                for (int i = at; i < words.size() && hit == null; i++) {
                    String w = words.get(i);
                    if (w.contains(wanted) || !w.isEmpty() && wanted.contains(w)) {
                        hit = i;
                    }
                }
                found.add(hit);
                at = hit == null ? at : hit;
            }
            return found;
        }

        private Map<String, Double> mine(int answerLine) {
            Integer at = positions.get(answerLine);
            return at == null ? Map.of() : byLine.getOrDefault(at, Map.of());
        }

        private Map<String, String> pairs() {
            Map<Pair, Double> weights = new LinkedHashMap<>();
            for (int i = 0; i < positions.size(); i++) {
                JsonNode goes = answer.get("lines").get(i).get("goes");
                mine(i).forEach((component, share) -> {
                    for (JsonNode to : goes) {
                        weights.merge(
                                new Pair(component, to.get("to").asString()),
                                Math.min(share, to.get("share").asDouble()),
                                Double::sum);
                    }
                });
            }
            Map<String, String> found = new LinkedHashMap<>();
            Set<String> used = new HashSet<>();
            weights.entrySet().stream()
                    .sorted((a, b) -> Double.compare(b.getValue(), a.getValue()))
                    .filter(e -> e.getValue() > 0)
                    .forEach(e -> {
                        Pair pair = e.getKey();
                        if (!found.containsKey(pair.mine) && used.add(pair.theirs)) {
                            found.put(pair.mine, pair.theirs);
                        }
                    });
            pairMixtures(found, used);
            return found;
        }

        /** Mixtures made only of other components are paired through what they are made from. */
        private void pairMixtures(Map<String, String> found, Set<String> used) {
            Map<String, Set<String>> made = new LinkedHashMap<>();
            for (Vessel c : procedure.components()) {
                Set<String> from = new HashSet<>();
                c.of().stream()
                        .filter(o -> o.component() != null)
                        .map(o -> found.get(o.component()))
                        .filter(Objects::nonNull)
                        .forEach(from::add);
                made.put(c.id(), from);
            }
            for (JsonNode component : answer.get("components")) {
                String name = component.get("name").asString();
                if (used.contains(name)) {
                    continue;
                }
                Set<String> into = new HashSet<>();
                for (JsonNode from : answer.path("from")) {
                    if (from.get("into").asString().equals(name)) {
                        into.add(from.get("component").asString());
                    }
                }
                String best = null;
                long most = 0;
                for (var e : made.entrySet()) {
                    long same = e.getValue().stream().filter(into::contains).count();
                    if (!found.containsKey(e.getKey()) && same > most) {
                        most = same;
                        best = e.getKey();
                    }
                }
                if (best != null) {
                    found.put(best, name);
                }
            }
        }

        private double lines() {
            double total = 0;
            double right = 0;
            for (int i = 0; i < positions.size(); i++) {
                JsonNode line = answer.get("lines").get(i);
                Map<String, Double> wanted = new LinkedHashMap<>();
                for (JsonNode to : line.get("goes")) {
                    if (!OUTSIDE.contains(to.get("to").asString())) {
                        wanted.put(to.get("to").asString(), to.get("share").asDouble());
                    }
                }
                if (wanted.isEmpty() || line.path("loose").asBoolean(false)) {
                    continue;
                }
                Map<String, Double> got = new LinkedHashMap<>();
                mine(i).forEach((component, share) ->
                        got.merge(pairs.getOrDefault(component, "?"), share, Double::sum));
                double hit = wanted.entrySet().stream()
                        .mapToDouble(e -> Math.min(e.getValue(), got.getOrDefault(e.getKey(), 0.0)))
                        .sum();
                double all = wanted.values().stream()
                        .mapToDouble(Double::doubleValue)
                        .sum();
                total += all;
                right += hit;
                if (hit < all - 0.05) {
                    talk.add("line   " + line.get("line").asString() + " wanted " + wanted + " got " + got);
                }
            }
            return total == 0 ? 1 : right / total;
        }

        private double shares;

        private double layers(List<Pair> unused) {
            List<Procedure.Placement> mine = procedure.layers();
            List<String> got = mine.stream()
                    .map(l -> pairs.getOrDefault(l.of(), "?" + l.of()))
                    .toList();
            List<JsonNode> theirs = new ArrayList<>();
            answer.get("layers").forEach(theirs::add);
            List<String> want = theirs.stream().map(l -> l.get("of").asString()).toList();
            List<int[]> aligned = new ArrayList<>();
            int distance = align(got, want, aligned);
            if (distance > 0) {
                talk.add("layers wanted " + want + "\n                     got    " + got);
            }
            long close = aligned.stream()
                    .filter(p -> {
                        JsonNode w = theirs.get(p[1]);
                        boolean right = w.path("loose").asBoolean(false)
                                || Math.abs(mine.get(p[0]).share()
                                                - w.path("share").asDouble(-9))
                                        <= 0.05;
                        if (!right) {
                            talk.add("share  of " + want.get(p[1]) + " wanted " + w.path("share") + " got "
                                    + mine.get(p[0]).share());
                        }
                        return right;
                    })
                    .count();
            shares = aligned.isEmpty() ? want.isEmpty() ? 1 : 0 : (double) close / aligned.size();
            return 1 - distance / (double) Math.max(1, Math.max(got.size(), want.size()));
        }

        private static int align(List<String> a, List<String> b, List<int[]> pairs) {
            int[][] d = new int[a.size() + 1][b.size() + 1];
            for (int i = 0; i <= a.size(); i++) {
                for (int j = 0; j <= b.size(); j++) {
                    d[i][j] = i * j == 0
                            ? i + j
                            : Math.min(
                                    Math.min(d[i - 1][j], d[i][j - 1]) + 1,
                                    d[i - 1][j - 1] + (a.get(i - 1).equals(b.get(j - 1)) ? 0 : 1));
                }
            }
            int i = a.size();
            int j = b.size();
            while (i > 0 && j > 0) {
                boolean same = a.get(i - 1).equals(b.get(j - 1));
                if (d[i][j] == d[i - 1][j - 1] + (same ? 0 : 1)) {
                    if (same) {
                        pairs.add(new int[] {i - 1, j - 1});
                    }
                    i--;
                    j--;
                } else if (d[i][j] == d[i - 1][j] + 1) {
                    i--;
                } else {
                    j--;
                }
            }
            return d[a.size()][b.size()];
        }

        private static boolean same(@Nullable Minutes mine, @Nullable JsonNode want) {
            if (mine == null || want == null || want.isNull() || want.isMissingNode()) {
                return mine == null && (want == null || want.isNull() || want.isMissingNode());
            }
            return Math.abs(mine.min() - want.get(0).asDouble()) <= 1
                    && Math.abs(mine.max() - want.get(1).asDouble()) <= 1;
        }

        private double oven() {
            List<OvenPhase> mine = procedure.oven();
            int right = 0;
            int at = 0;
            int wanted = 0;
            for (JsonNode want : answer.path("oven")) {
                wanted++;
                for (int k = at; k < mine.size(); k++) {
                    if (agrees(mine.get(k), want)) {
                        right++;
                        at = k + 1;
                        break;
                    }
                }
            }
            double share = right / (double) Math.max(1, Math.max(wanted, mine.size()));
            if (share < 1) {
                talk.add("oven   wanted " + answer.path("oven") + "\n                     got    " + mine);
            }
            return share;
        }

        private static boolean agrees(OvenPhase got, JsonNode want) {
            boolean grill = want.path("grill").asBoolean(false);
            JsonNode celsius = want.path("celsius");
            return grill == (got.kind() == Procedure.PhaseKind.GRILL)
                    && (grill || got.covered() == want.path("covered").asBoolean(false))
                    && (!celsius.isNumber()
                            || got.celsius() != null && Math.abs(got.celsius() - celsius.asDouble()) <= 4)
                    && same(got.minutes(), want.path("minutes"));
        }

        private @Nullable Double times() {
            Map<String, Vessel> byName = new HashMap<>();
            for (Vessel c : procedure.components()) {
                if (pairs.containsKey(c.id())) {
                    byName.put(pairs.get(c.id()), c);
                }
            }
            int wanted = 0;
            int found = 0;
            for (JsonNode component : answer.get("components")) {
                Vessel mine = byName.get(component.get("name").asString());
                for (JsonNode time : component.path("times")) {
                    wanted++;
                    boolean there = mine != null
                            && mine.steps().stream()
                                    .map(Procedure.Step::minutes)
                                    .filter(Objects::nonNull)
                                    .anyMatch(m -> Math.abs(m.min()
                                                            - time.get(1).asDouble())
                                                    <= 1
                                            && Math.abs(m.max() - time.get(2).asDouble()) <= 1);
                    found += there ? 1 : 0;
                    if (!there) {
                        talk.add("time   " + component.get("name").asString() + " " + time);
                    }
                }
            }
            return wanted == 0 ? null : found / (double) wanted;
        }

        private double frame() {
            JsonNode servings = answer.path("servings");
            List<Boolean> right = new ArrayList<>();
            right.add(Objects.equals(recipe.servings(), servings.isNumber() ? servings.asInt() : null));
            right.add(recipe.family().id().equals(answer.get("family").asString()));
            right.add(same(procedure.rest(), answer.path("restMinutes")));
            if (answer.path("pan").isObject()) {
                right.add(panRight(answer.get("pan")));
            }
            if (right.contains(false)) {
                talk.add("frame  " + right + " " + recipe.servings() + " " + recipe.family() + " " + recipe.pan() + " "
                        + procedure.rest() + " wanted " + servings + " " + answer.get("family") + " "
                        + answer.path("pan") + " " + answer.path("restMinutes"));
            }
            return right.stream().filter(r -> r).count() / (double) right.size();
        }

        private boolean panRight(JsonNode want) {
            PanSize pan = recipe.pan();
            if (pan == null) {
                return want.propertyStream().allMatch(e -> e.getValue().isNull());
            }
            return length(want, "lengthMm", pan.lengthMm())
                    && length(want, "widthMm", pan.widthMm())
                    && length(want, "depthMm", pan.depthMm())
                    && length(want, "diameterMm", pan.diameterMm())
                    && word(want, "shape", pan.shape())
                    && word(want, "material", pan.material());
        }

        private static boolean length(JsonNode want, String field, @Nullable Number mine) {
            JsonNode value = want.path(field);
            return !value.isNumber() || mine != null && Math.abs(mine.doubleValue() - value.asDouble()) <= 6;
        }

        private static boolean word(JsonNode want, String field, @Nullable Object mine) {
            JsonNode value = want.path(field);
            return !value.isString() || mine != null && value.asString().equals(mine.toString());
        }
    }
}
