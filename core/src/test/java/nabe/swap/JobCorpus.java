package nabe.swap;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Allergen;
import nabe.needs.Need;
import nabe.needs.Needs;

/** Recipes with what a thing does in them, and which answers are sound: corpus/jobs-*.txt. */
final class JobCorpus {
    private static final String KEEPS = "keeps";
    private static final int USUAL_CHOICES = 2;

    private JobCorpus() {}

    /** One case: a line of a recipe under some needs. */
    record Case(
            String title,
            String text,
            String line,
            Needs needs,
            List<String> jobs,
            List<String> sound,
            List<String> wrong,
            int choices) {

        Outcome run() {
            Conversion conversion = Conversions.of(text, Kitchen.of(needs));
            int source = source(conversion);
            Swap swap = conversion.swaps().stream()
                    .filter(s -> s.source() == source)
                    .findFirst()
                    .orElse(null);
            if (swap == null) {
                boolean kept = conversion.unresolved().stream().noneMatch(u -> u.source() == source);
                return new Outcome(this, kept ? KEEPS : "unresolved", "", 0, kept);
            }
            String first = swap.rule().equals(Swap.OPEN)
                    ? "open: "
                            + swap.alternatives().stream()
                                    .map(a -> names(a.becomes()))
                                    .collect(Collectors.joining("; "))
                    : names(swap.becomes());
            return new Outcome(
                    this,
                    swap.job().id(),
                    first.toLowerCase(Locale.ROOT),
                    swap.alternatives().size(),
                    false);
        }

        private static String names(List<Swap.Becomes> becomes) {
            return becomes.stream().map(Swap.Becomes::item).collect(Collectors.joining(" and "));
        }

        private int source(Conversion conversion) {
            return Stream.concat(
                            conversion.swaps().stream().map(s -> new int[] {s.source(), has(s.was()) ? 1 : 0}),
                            conversion.unresolved().stream().map(u -> new int[] {u.source(), has(u.text()) ? 1 : 0}))
                    .filter(pair -> pair[1] == 1)
                    .mapToInt(pair -> pair[0])
                    .findFirst()
                    .orElse(-1);
        }

        private boolean has(String words) {
            return words.toLowerCase(Locale.ROOT).contains(line.toLowerCase(Locale.ROOT));
        }

        boolean keeps() {
            return jobs.contains(KEEPS);
        }
    }

    /** What came of a case; {@code first} the names of what goes in. */
    record Outcome(Case of, String job, String first, int choices, boolean kept) {
        boolean rightJob() {
            return of.jobs.contains(job);
        }

        boolean isSound() {
            return of.keeps() ? kept : of.sound.stream().anyMatch(first::contains);
        }

        boolean isWrong() {
            return of.wrong.stream().anyMatch(first::contains);
        }

        boolean hasChoice() {
            return of.keeps() || choices >= of.choices;
        }

        @Override
        public String toString() {
            return "%s / %s (%s): as %s became %s, %d further"
                    .formatted(of.title, of.line, said(), job, first, choices);
        }

        private String said() {
            return of.needs.needs().stream().map(Need::id).sorted().collect(Collectors.joining(" ")) + of.needs.avoid();
        }
    }

    static List<Case> all() {
        return Stream.of(
                        "jobs-1.txt",
                        "jobs-2.txt",
                        "jobs-3.txt",
                        "jobs-4.txt",
                        "jobs-5.txt",
                        "jobs-6.txt",
                        "jobs-7.txt",
                        "jobs-8.txt")
                .flatMap(f -> read(f).stream())
                .toList();
    }

    private static List<Case> read(String file) {
        List<Case> cases = new ArrayList<>();
        for (String block : text(file).split("(?m)^=== ")) {
            String[] halves = block.split("(?m)^---\n", 2);
            if (halves.length == 2) {
                String title = halves[0].lines().findFirst().orElseThrow();
                halves[1]
                        .lines()
                        .filter(row -> !row.isBlank())
                        .forEach(row -> cases.add(parse(title, halves[0], row.split("\\s*\\|\\s*"))));
            }
        }
        return cases;
    }

    private static String text(String file) {
        try (InputStream in = JobCorpus.class.getResourceAsStream("/corpus/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Case parse(String title, String text, String[] row) {
        return new Case(
                title,
                text,
                row[0],
                needs(row[1]),
                words(row[2]),
                row.length > 3 ? words(row[3]) : List.of(),
                row.length > 4 ? words(row[4]) : List.of(),
                row.length > 5 ? Integer.parseInt(row[5].trim()) : USUAL_CHOICES);
    }

    private static List<String> words(String cell) {
        return Arrays.stream(cell.split(";"))
                .map(String::trim)
                .filter(w -> !w.isEmpty())
                .toList();
    }

    private static Needs needs(String cell) {
        Set<Need> needs = Arrays.stream(cell.split(" "))
                .filter(w -> !w.startsWith("avoid:"))
                .map(JobCorpus::need)
                .collect(Collectors.toSet());
        Set<Allergen> avoid = Arrays.stream(cell.split(" "))
                .filter(w -> w.startsWith("avoid:"))
                .map(w -> Allergen.ofId(w.substring("avoid:".length())))
                .collect(Collectors.toSet());
        return new Needs(needs, avoid, true);
    }

    private static Need need(String letters) {
        return switch (letters) {
            case "gf" -> Need.GLUTEN_FREE;
            case "df" -> Need.DAIRY_FREE;
            case "v" -> Need.VEGAN;
            case "ef" -> Need.EGG_FREE;
            case "nf" -> Need.NUT_FREE;
            case "sf" -> Need.SOY_FREE;
            default -> throw new IllegalArgumentException("No need is written (" + letters + ").");
        };
    }
}
