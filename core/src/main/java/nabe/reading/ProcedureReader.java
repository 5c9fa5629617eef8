package nabe.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Words;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Doubt;
import nabe.recipe.Procedure.Step;

/**
 * Compiles a method into a procedure: sentences into clauses, clauses into what they do to which pot, pots into layers.
 * The one way into this package.
 */
public final class ProcedureReader {
    private static final Pattern DISH = Pattern.compile(
            "\\b(?:dish|tin|casserole|base|bottom|baking (?:dish|tin|pan|tray)|gratin|roasting|lasagne dish|ramekins?|skillet)\\b|\\d+ ?(?:x|by) ?\\d+|\\bover the top\\b|\\bon top\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NOT_DISH = Pattern.compile(
            "\\b(?:bowl|tray|rack|paper|plate|board|saucepan|frying|jug|(?:wide|large|big|small|heavy|deep|medium|non-stick)(?: \\w+)? pan|colander|sieve|processor|blender|baking sheet)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern NEW_VESSEL = Pattern.compile(
            "\\b(?:in|into|using|to) (?:a|an|another|the same|your|one)\\b.{0,25}\\b(?:pan|saucepan|bowl|pot|skillet|jug|casserole|wok|processor|blender)\\b|\\b(?:separate|another|second|clean) (?:pan|bowl|saucepan|pot)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BUILD = Pattern.compile(
            "\\b(?:build|assemble|to (?:put it together|assemble|build)|layer(?:ing)?|assembly)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern IN_OVEN =
            Pattern.compile("\\b(?:bake|baked|oven|foil|grill|broil)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern LOCATES = Pattern.compile(
            "\\b(?:over|on|onto|into|in|between|under|among|around|round|to|inside)\\W*(?:the |that |them |it |each |all |of |both )*$",
            Pattern.CASE_INSENSITIVE);
    private static final Set<String> SHARED_ROLES =
            Set.of("oil", "butter", "salt", "spice", "herb", "dried-herb", "aromatic", "water");
    private static final Set<String> FRESH_POT =
            Set.of("melt", "boil", "roast", "toast", "steam", "poach", "parboil", "wilt", "blanch", "infuse");
    private final Clauses clauses = new Clauses(new Actions());

    /** @param lines the ingredient lines; {@code steps} the method as written */
    public Procedure read(List<Line> lines, List<String> steps) {
        return new Work(lines, clauses.of(steps)).read();
    }

    /** A share of a line that a clause asks for in figures. */
    private record Asked(int clause, double share) {}

    private static final double UNSAID_BEFORE_REST = 0.5;

    /** One method under reading. */
    private final class Work {
        private final List<Line> lines;
        private final List<Clause> clauses;
        private final Mentions mentions;
        private final double[] left;
        private final List<Pot> pots = new ArrayList<>();
        private final Layering layers;
        private final OvenReader oven = new OvenReader();
        private final List<Doubt> doubts = new ArrayList<>();
        private final java.util.Map<Integer, List<Step>> waiting = new java.util.HashMap<>();
        private Pot current;
        private String topic;
        private boolean building;
        private boolean baking;
        private int steps;
        private boolean carried;
        private boolean freshNext;
        private int at;
        private final java.util.Map<Integer, List<Asked>> asked = new java.util.HashMap<>();
        /** Lines a step has cut or salted and not yet put anywhere: "them" until something else is named. */
        private List<Integer> inHand = List.of();

        private int lastSentence = -1;

        Work(List<Line> written, List<Clause> clauses) {
            this.lines = ungrouped(written);
            this.clauses = clauses;
            this.mentions = new Mentions(this.lines);
            this.left = new double[lines.size()];
            Arrays.fill(left, 1);
            this.layers = new Layering();
        }

        /** One heading over all of them groups nothing. */
        private static List<Line> ungrouped(List<Line> written) {
            boolean grouped = written.stream().map(Line::heading).distinct().count() > 1;
            return grouped ? written : written.stream().map(l -> l.under(null)).toList();
        }

        Procedure read() {
            foresee();
            for (int i = 0; i < clauses.size(); i++) {
                at = i;
                Clause clause = clauses.get(i);
                if (!isTopic(clause) && !leadsIn(clause)) {
                    boolean opens = clause.opens() || carried;
                    carried = false;
                    take(
                            new Clause(
                                    clause.action(),
                                    clause.text(),
                                    clause.step(),
                                    clause.sentence(),
                                    clause.first() || opens,
                                    opens),
                            wholeSentence(i));
                }
            }
            Leftovers.settle(lines, left, pots, layers, doubts);
            return new Assembly(lines, pots, layers, oven, doubts).procedure();
        }

        /** What later clauses say in figures of a line is kept for them by a clause that says nothing. */
        private void foresee() {
            double[] whole = new double[lines.size()];
            Arrays.fill(whole, 1);
            for (int i = 0; i < clauses.size(); i++) {
                for (Mentions.Mention m : mentions.in(clauses.get(i).text(), whole, List.of(), null)) {
                    if (m.lines().size() == 1) {
                        int line = m.lines().getFirst();
                        Double share = m.portion().rest()
                                ? Double.valueOf(UNSAID_BEFORE_REST)
                                : m.portion().of(lines.get(line), 1);
                        if (share != null && share < 1) {
                            asked.computeIfAbsent(line, k -> new ArrayList<>()).add(new Asked(i, share));
                        }
                    }
                }
            }
        }

        private double keptFor(int line) {
            return asked.getOrDefault(line, List.of()).stream()
                    .filter(a -> a.clause > at)
                    .mapToDouble(a -> a.share)
                    .sum();
        }

        private String wholeSentence(int i) {
            StringBuilder text = new StringBuilder();
            clauses.stream()
                    .filter(c -> c.sentence() == clauses.get(i).sentence())
                    .forEach(c -> text.append(c.text()).append(' '));
            return text.toString().strip();
        }

        /** "For the filling," and "In a bowl," tell of the clause that follows. */
        private boolean leadsIn(Clause clause) {
            if (clause.action() != null
                    || !clause.first()
                    || clause.says("\\b(?:oven|foil|repeat|same|again|lid)\\b")
                    || Times.in(clause.text()) != null) {
                return false;
            }
            java.util.regex.Matcher of = Pattern.compile(
                            "^\\W*(?:now |next |then )?(?:for|to make) (?:the |an? )?([\\p{L} ]+?)\\W*$",
                            Pattern.CASE_INSENSITIVE)
                    .matcher(clause.text());
            boolean vessel = clause.says("^\\W*(?:meanwhile\\W+)?(?:in|using) (?:a|an|another|the same|your)\\b")
                    && !DISH.matcher(clause.text()).find();
            if (of.find()) {
                topic = of.group(1);
            } else if (!vessel && !mentions.in(clause.text(), left, pots, null).isEmpty()) {
                return false;
            }
            freshNext |= vessel && !clause.says("same");
            carried |= clause.opens() || of.reset().find();
            lastSentence = clause.sentence() - 1;
            return true;
        }

        /** "White." before its sentences, "Filling:", "Build." */
        private boolean isTopic(Clause clause) {
            List<Words.Word> said = Words.of(clause.text());
            boolean shortOne = clause.first()
                    && said.size() <= 3
                    && (clause.opens() || clause.text().endsWith(":"))
                    && clause.text().matches("(?s).*[.:]\\s*$")
                    && !clause.text().matches(".*\\d.*");
            if (!shortOne || clause.does(Actions.Effect.SERVE) || clause.does(Actions.Effect.COVER)) {
                return false;
            }
            boolean named = mentions.in(clause.text(), left, pots, null).isEmpty()
                    || clause.text().endsWith(":")
                    || said.size() == 1
                    || clause.says("^(?:the )?\\w+ first\\W*$");
            if (named) {
                topic = clause.text().replaceAll("[.:]\\s*$", "");
                building |= BUILD.matcher(topic).find();
                baking |= topic.matches("(?i)(?:bake|oven|to bake|baking)");
                current = null;
            }
            return named;
        }

        private void take(Clause clause, String sentence) {
            boolean newSentence = clause.sentence() != lastSentence;
            lastSentence = clause.sentence();
            if (isAboutOven(clause, sentence)) {
                if (newSentence) {
                    takeOven(clause, sentence);
                }
                return;
            }
            if (preheats(sentence)) {
                oven.preheat(sentence);
                if (clause.says("\\boven\\b|\\bgas\\b")) {
                    return;
                }
            }
            List<Mentions.Mention> found = mentions.in(clause.text(), left, pots, current);
            if (greases(clause)) {
                return;
            }
            if (clause.does(Actions.Effect.REPEAT)
                    || clause.says(
                            "^(?:same again|do (?:that|this|it) .*(?:more|again)|and again|twice more|repeat)")) {
                layers.repeat(clause.text());
                return;
            }
            if (found.stream().allMatch(Mentions.Mention::pronoun)
                    && current != null
                    && clause.says(
                            "\\b(?:in|into|to) (?:the|a|an|your) (?:\\S+ ){0,5}(?:dish|tin|casserole|baking pan|gratin)\\b")
                    && !clause.does(Actions.Effect.HEAT)) {
                building = true;
                layers.place(current, null, Portion.UNSAID);
                return;
            }
            if (building && !baking && stirsAll(clause, found)) {
                layers.stirTogether(open(null));
                return;
            }
            if (isInside(clause, found)) {
                fill(clause, found);
                return;
            }
            building |= startsBuilding(clause, found);
            if (building && !makes(clause, found)) {
                place(clause, found);
            } else {
                cook(clause, found, newSentence);
            }
        }

        private boolean greases(Clause clause) {
            if (clause.says("^\\w+,")) {
                return false;
            }
            return clause.does(Actions.Effect.GREASE)
                            && clause.says("\\b(?:dish|tin|pan|tray|casserole|foil|mould|paper)\\b")
                    || clause.says(
                            "^(?:lightly )?(?:grease|butter|oil|spray)\\b.{0,40}\\b(?:dish|tin|pan|tray|casserole)")
                    || clause.says("\\b(?:rub|brush).{0,40}\\b(?:dish|tin)\\b");
        }

        private boolean isAboutOven(Clause clause, String sentence) {
            boolean named = IN_OVEN.matcher(sentence).find();
            boolean part = !building && !baking && roastsPart(sentence);
            baking |= named
                    && (building || !pots.isEmpty())
                    && sentence.matches("(?is).*\\b(?:bake|baked|foil|in the oven|oven \\d).*")
                    && Times.in(sentence) != null
                    && !part
                    && (building || layers.any() || clause.step() >= lastStep() - 1);
            boolean foil = (building || layers.any())
                    && sentence.matches("(?is)^\\W*(?:foil|lid|cover .{0,30}foil|tent|seal)\\b.*");
            baking |= foil;
            return baking
                    || named
                            && building
                            && !sentence.matches("(?is).*\\b(?:layer|spread|spoon|lay)\\b.*")
                            && Times.in(sentence) != null;
        }

        private static boolean preheats(String sentence) {
            return sentence.matches("(?is).*\\boven\\b.*")
                    && Times.in(sentence) == null
                    && sentence.matches("(?is).*\\d.*");
        }

        private int lastStep() {
            return clauses.getLast().step();
        }

        private boolean roastsPart(String sentence) {
            return sentence.matches("(?is).*\\b(?:roast|toast|tray|trays|baking sheet|griddle)\\b.*");
        }

        private void takeOven(Clause clause, String sentence) {
            if (!baking && Times.in(sentence) == null) {
                oven.preheat(sentence);
                return;
            }
            List<String> adds = new ArrayList<>();
            boolean timed = Times.in(sentence) != null;
            if (oven.phases().isEmpty()) {
                placeBefore(clause, sentence);
            } else if (!timed && sentence.matches("(?is).*\\b(?:melt|mix|toss|combine|rub)\\b.*")) {
                cook(
                        new Clause(clause.action(), sentence, clause.step(), clause.sentence(), true, clause.opens()),
                        mentions.in(sentence, left, pots, current),
                        true);
                return;
            } else {
                addLate(sentence, adds);
            }
            oven.take(sentence, adds);
        }

        /** What goes on or is stirred in while the dish bakes. */
        private void addLate(String sentence, List<String> adds) {
            boolean stirred = sentence.matches("(?is).*\\b(?:stir|fold) (?:in|through)\\b.*") && layers.any();
            for (Mentions.Mention m : mentions.in(sentence, left, pots, null)) {
                if (m.pronoun() || isSeasoning(m) && m.pot() == null) {
                    continue;
                }
                if (stirred && m.pot() == null) {
                    m.lines().forEach(l -> pour(layers.all.getFirst().pot, l, m.portion(), new ArrayList<>()));
                    continue;
                }
                Pot pot = m.pot() != null ? m.pot() : laid(m);
                if (layers.late(pot, m)) {
                    adds.add(id(pot));
                }
            }
        }

        /** "Scatter the cheese over and bake for 30 minutes": what stands before the bake is still building. */
        private void placeBefore(Clause clause, String sentence) {
            int bake = indexOf(sentence, "\\b(?:bake|into the oven|in the oven|cover with foil|foil)\\b");
            if (bake > 0) {
                String before = sentence.substring(0, bake);
                List<Mentions.Mention> found = mentions.in(before, left, pots, current);
                found.removeIf(Mentions.Mention::pronoun);
                if (!found.isEmpty()
                        && before.matches(
                                "(?is).*\\b(?:scatter|sprinkle|top|over|spread|spoon|pour|lay|cover|tip|put|finish|dust|dot)\\b.*")) {
                    place(new Clause(null, before, clause.step(), clause.sentence(), true, false), found);
                }
            }
        }

        private static int indexOf(String text, String pattern) {
            java.util.regex.Matcher m =
                    Pattern.compile(pattern, Pattern.CASE_INSENSITIVE).matcher(text);
            return m.find() ? m.start() : -1;
        }

        private boolean stirsAll(Clause clause, List<Mentions.Mention> found) {
            return layers.all.size() > 1
                    && found.stream().allMatch(Mentions.Mention::pronoun)
                    && clause.says("^\\W*(?:and )?(?:stir|mix|toss|combine|fold)\\b(?! (?:in|through))");
        }

        private boolean isInside(Clause clause, List<Mentions.Mention> found) {
            return clause.does(Actions.Effect.INSIDE)
                            && clause.says(
                                    "\\b(?:tube|shell|cannelloni|wrap|tortilla|crêpe|crepe|pancake|pepper|roll)s?\\b")
                    || clause.says("^roll (?:up|each|them)\\b") && current != null;
        }

        private void fill(Clause clause, List<Mentions.Mention> found) {
            Pot wrapper = null;
            Pot filling = null;
            for (Mentions.Mention m : found) {
                boolean wraps = m.lines().stream().anyMatch(l -> isWrapper(lines.get(l)))
                        || m.pot() != null && m.pot().lines.keySet().stream().anyMatch(l -> isWrapper(lines.get(l)));
                if (wraps && wrapper == null) {
                    wrapper = m.pot() != null ? m.pot() : laid(m);
                } else if (!wraps && filling == null) {
                    filling = m.pot() != null ? m.pot() : laid(m);
                }
            }
            filling = filling == null ? current : filling;
            if (wrapper != null && filling != wrapper) {
                wrapper.inside = filling;
                layers.rewrap(wrapper);
            }
        }

        private static boolean isWrapper(Line line) {
            return line.ingredient() != null
                    && Set.of("tubes", "shells", "wrap", "sheets", "fresh-sheets")
                            .contains(line.ingredient().role());
        }

        private boolean startsBuilding(Clause clause, List<Mentions.Mention> found) {
            if (building) {
                return true;
            }
            boolean places = clause.does(Actions.Effect.PLACE)
                    || clause.says("^(?:pour|tip|put|cover|finish|turn|in go|half|a third|two thirds)");
            places |= clause.says(
                            "\\b(?:lay|spread|arrange|layer|spoon|put|place|pour|tip|sit|pack|smear|goes?|a few spoonfuls)\\b")
                    && clause.says("\\b(?:dish|tin|base|bottom|casserole)\\b");
            boolean laid = clause.says("^(?:layer|lay)\\b")
                    && !NOT_DISH.matcher(clause.text()).find();
            boolean telegram = clause.action() == null
                    && clause.opens()
                    && found.size() == 1
                    && (found.getFirst().portion().share() != null
                            || found.getFirst().portion().film())
                    && !pots.isEmpty();
            return telegram
                    || !found.isEmpty()
                            && (places
                                            && DISH.matcher(clause.text()).find()
                                            && !NOT_DISH.matcher(clause.text()).find()
                                    || laid
                                    || clause.says(
                                            "\\binto (?:a|an|the|your) (?:\\w+ ){0,4}(?:dish|tin|casserole)\\b"));
        }

        /** While building, things mixed or heated apart are still made in pots of their own. */
        private boolean makes(Clause clause, List<Mentions.Mention> found) {
            boolean mixes = clause.does(Actions.Effect.MIX) && found.size() > 1
                    || clause.does(Actions.Effect.HEAT)
                    || clause.says(", mix\\b|\\bmixed\\b");
            boolean onto = clause.says("\\b(?:over|on top|into the dish|on it)\\b");
            return mixes && !onto && !found.isEmpty()
                    || clause.does(Actions.Effect.PREP) && !clause.says("\\b(?:over|on|into|top)\\b");
        }

        private void place(Clause clause, List<Mentions.Mention> found) {
            boolean object = false;
            int from = 0;
            for (Mentions.Mention m : found) {
                String before = clause.text().substring(from, m.start());
                boolean where = object && LOCATES.matcher(before).find()
                        || clause.says("^(?:cover|top|finish)\\b")
                                && clause.text().substring(m.end()).matches("(?is)\\W*with\\b.*")
                                && !object;
                from = m.end();
                if (where || m.pronoun() && m.portion() == Portion.UNSAID && (object || found.size() > 1)) {
                    object |= !where && !m.pronoun();
                    continue;
                }
                object = true;
                Pot pot = m.pot() != null ? m.pot() : null;
                if (pot == null && isSeasoning(m)) {
                    continue;
                }
                if (pot == null) {
                    for (int line : m.lines()) {
                        Mentions.Mention one =
                                new Mentions.Mention(List.of(line), null, m.portion(), m.start(), m.end(), false);
                        layers.place(laid(one), share(one, line), m.portion());
                    }
                } else {
                    layers.place(pot, share(pot, m), m.portion());
                }
            }
        }

        /** A cup or 200 g of something made is that part of what went into it. */
        private Double share(Pot pot, Mentions.Mention m) {
            if (m.portion().rest()) {
                return null;
            }
            if (pot.lines.size() == 1 && pot.pots.isEmpty()) {
                return m.portion().of(lines.get(pot.lines.keySet().iterator().next()), 1);
            }
            double grams = pot.lines.entrySet().stream()
                    .mapToDouble(e -> lines.get(e.getKey()).gramsOrZero() * e.getValue())
                    .sum();
            boolean weighed = m.portion().grams() != null && grams > m.portion().grams();
            return weighed
                    ? Double.valueOf(m.portion().grams() / grams)
                    : m.portion().share();
        }

        private boolean isSeasoning(Mentions.Mention m) {
            return m.lines().stream()
                    .allMatch(l -> lines.get(l).ingredient() != null
                            && Set.of("salt", "spice")
                                    .contains(lines.get(l).ingredient().role()));
        }

        private Double share(Mentions.Mention m, int line) {
            Portion p = m.portion();
            return p.rest() ? null : p.of(lines.get(line), 1);
        }

        /** The pot of a line that is laid as it is; what is left of the line is in it. */
        private Pot laid(Mentions.Mention m) {
            int line = m.lines().getFirst();
            for (Pot pot : pots) {
                if (pot.lines.size() == 1 && pot.holds(line) && pot.pots.isEmpty() && !pot.heated) {
                    return pot;
                }
            }
            Pot pot = open(lines.get(line).heading());
            pot.add(line, left[line]);
            left[line] = 0;
            name(pot, line);
            pot.steps.addAll(waiting.getOrDefault(line, List.of()));
            return pot;
        }

        private Pot open(String heading) {
            Pot pot = new Pot(pots.size() + 1, heading);
            pots.add(pot);
            return pot;
        }

        private void name(Pot pot, int line) {
            Words.of(lines.get(line).item()).forEach(w -> pot.names.add(w.key()));
        }

        private void cook(Clause clause, List<Mentions.Mention> found, boolean newSentence) {
            List<Mentions.Mention> raw =
                    found.stream().filter(m -> m.pot() == null).toList();
            List<Mentions.Mention> made =
                    found.stream().filter(m -> m.pot() != null && !m.pronoun()).toList();
            if (clause.does(Actions.Effect.PREP)
                    && made.isEmpty()
                    && !raw.isEmpty()
                    && !clause.says("\\binto\\b|\\bin (?:a|the)\\b")
                    && raw.stream().allMatch(m -> isUntouched(m))) {
                raw.forEach(m -> m.lines()
                        .forEach(l -> addStep(waiting.computeIfAbsent(l, k -> new ArrayList<>()), clause, List.of())));
                inHand = raw.stream().flatMap(m -> m.lines().stream()).toList();
                return;
            }
            boolean seasons = !raw.isEmpty() && raw.stream().allMatch(this::isShared);
            if (!inHand.isEmpty()
                    && made.isEmpty()
                    && (raw.isEmpty() || seasons)
                    && !clause.does(Actions.Effect.JOIN)) {
                if (clause.does(Actions.Effect.HEAT) || seasons) {
                    Pot pot = inHand.size() == 1 || clause.does(Actions.Effect.HEAT)
                            ? fresh(lines.get(inHand.getFirst()).heading())
                            : current;
                    List<Procedure.Of> own = new ArrayList<>();
                    inHand.forEach(l -> pour(pot, l, Portion.UNSAID, own));
                    current = pot;
                    inHand = List.of();
                } else {
                    inHand.forEach(l -> addStep(waiting.computeIfAbsent(l, k -> new ArrayList<>()), clause, List.of()));
                    return;
                }
            }
            inHand = raw.isEmpty() && made.isEmpty() ? inHand : List.of();
            Pot target = target(clause, raw, made, newSentence);
            if (target == null) {
                return;
            }
            List<Procedure.Of> uses = new ArrayList<>();
            for (Mentions.Mention m : raw) {
                m.lines().forEach(l -> pour(target, l, m.portion(), uses));
            }
            for (Mentions.Mention m : made) {
                if (m.pot() != target && !reaches(m.pot(), target) && goesIn(clause, m)) {
                    double share = m.portion().rest()
                            ? 1 - m.pot().given
                            : m.portion().share() == null
                                    ? 1 - m.pot().given
                                    : Math.min(m.portion().share(), 1 - m.pot().given);
                    if (share > 0.001) {
                        target.pots.merge(m.pot(), share, Double::sum);
                        m.pot().given += share;
                    }
                }
            }
            takeBack(target, clause, made);
            target.heated |=
                    clause.does(Actions.Effect.HEAT) || clause.does(Actions.Effect.MIX) || target.lines.size() > 1;
            addStep(target.steps, clause, uses);
            current = target;
        }

        private boolean isShared(Mentions.Mention m) {
            return m.lines().stream()
                    .allMatch(l -> lines.get(l).ingredient() != null
                            && SHARED_ROLES.contains(lines.get(l).ingredient().role()));
        }

        /** "Stir the ricotta with the egg" begins a bowl; "stir in the egg" does not. */
        private static boolean joins(Clause clause) {
            boolean loose = clause.action() != null
                    && Set.of("stir", "beat", "fold", "tip", "crumble", "put", "pour")
                            .contains(clause.action().verb());
            boolean directed =
                    clause.says("^\\W*(?:\\w+ )?\\w+ (?:\\w+ )?(?:in|into|through|to|over|on|back|this|it)\\b")
                            || clause.says("\\b(?:into|to|through) (?:the|it|this|that)\\b");
            boolean withIt = clause.says(
                    "^\\W*(?:mix|combine|toss|whisk|beat|fold|blend|stir)\\s+(?:(?:it|them|this|everything|all)\\s+)?(?:all )?with\\b");
            return withIt || clause.does(Actions.Effect.JOIN) && (!loose || directed || !clause.first());
        }

        private static boolean goesIn(Clause clause, Mentions.Mention m) {
            return !clause.does(Actions.Effect.PREP) || clause.says("\\binto\\b");
        }

        private static boolean reaches(Pot from, Pot to) {
            return from == to || from.pots.keySet().stream().anyMatch(p -> reaches(p, to));
        }

        private boolean isUntouched(Mentions.Mention m) {
            return m.lines().stream().allMatch(l -> left[l] > 0.99);
        }

        /** Fat, salt and spices spent in an earlier pot are shared where a later one asks for them without saying how much. */
        private void takeBack(Pot target, Clause clause, List<Mentions.Mention> made) {
            for (Mentions.Mention m : made) {
                boolean shared = m.lines().size() == 1
                        && lines.get(m.lines().getFirst()).ingredient() != null
                        && SHARED_ROLES.contains(
                                lines.get(m.lines().getFirst()).ingredient().role())
                        && m.pot().lines.size() > 1
                        && m.pot() != target;
                if (shared) {
                    int line = m.lines().getFirst();
                    target.pots.remove(m.pot());
                    m.pot().given = 0;
                    double half = m.pot().lines.get(line) / 2;
                    m.pot().lines.put(line, half);
                    target.add(line, half);
                }
            }
        }

        private void pour(Pot target, int line, Portion portion, List<Procedure.Of> uses) {
            Double said = portion.of(lines.get(line), left[line]);
            double share = said == null ? Math.max(left[line] - keptFor(line), 0) : said;
            if (share <= 0.001) {
                return;
            }
            target.add(line, share);
            left[line] -= share;
            name(target, line);
            uses.add(new Procedure.Of(line, null, share));
            List<Step> before = waiting.remove(line);
            if (before != null) {
                target.steps.addAll(before);
            }
        }

        private Pot target(
                Clause clause, List<Mentions.Mention> raw, List<Mentions.Mention> made, boolean newSentence) {
            Pot into = made.stream()
                    .filter(m -> Pattern.compile(
                                            "\\b(?:in|into|to|with)\\W*(?:the |that |this )*$",
                                            Pattern.CASE_INSENSITIVE)
                                    .matcher(clause.text().substring(0, m.start()))
                                    .find()
                            && clause.says("\\binto\\b|\\bto the\\b|\\bin(?:to)? the\\b"))
                    .map(Mentions.Mention::pot)
                    .findFirst()
                    .orElse(null);
            if (into != null) {
                return into;
            }
            boolean fresh = opensPot(clause, raw, newSentence);
            if (raw.isEmpty() && made.size() == 1 && !clause.does(Actions.Effect.JOIN)) {
                return made.getFirst().pot();
            }
            if (raw.isEmpty()
                    && made.stream().map(Mentions.Mention::pot).distinct().count() > 1
                    && (clause.does(Actions.Effect.MIX)
                            || clause.does(Actions.Effect.JOIN)
                            || clause.action() == null)) {
                Pot base = clause.does(Actions.Effect.JOIN) && !clause.says("together")
                        ? made.getLast().pot()
                        : null;
                return base != null ? base : fresh(null);
            }
            if (raw.isEmpty()) {
                return current;
            }
            return fresh || current == null ? fresh(heading(raw)) : current;
        }

        private Pot fresh(String heading) {
            Pot pot = open(heading);
            if (topic != null) {
                Words.of(topic).forEach(w -> {
                    pot.names.add(w.key());
                    pot.names.add(w.key() + "!");
                });
                topic = null;
            }
            if (heading != null) {
                Words.of(heading).stream()
                        .map(Words.Word::key)
                        .filter(k -> k.length() > 3 && !k.equals("ingredient") && !k.equals("make"))
                        .forEach(k -> {
                            pot.names.add(k);
                            pot.names.add(k + "!");
                        });
            }
            return pot;
        }

        private String heading(List<Mentions.Mention> raw) {
            return raw.stream()
                    .flatMap(m -> m.lines().stream())
                    .map(l -> lines.get(l).heading())
                    .filter(Objects::nonNull)
                    .findFirst()
                    .orElse(null);
        }

        private boolean opensPot(Clause clause, List<Mentions.Mention> raw, boolean newSentence) {
            if (current == null || topic != null || freshNext) {
                freshNext = false;
                return true;
            }
            String heading = heading(raw);
            boolean otherGroup = heading != null && current.heading != null && !heading.equals(current.heading);
            boolean sameGroup = heading != null && heading.equals(current.heading);
            long untouched = raw.stream()
                    .flatMap(m -> m.lines().stream())
                    .filter(l -> left[l] > 0.99)
                    .count();
            if (NEW_VESSEL.matcher(clause.text()).find() && untouched > 1 && !clause.says("same")) {
                return true;
            }
            if (clause.says("\\bmeanwhile\\b")
                    || NEW_VESSEL.matcher(clause.text()).find() && !clause.says("same") && newSentence && !sameGroup) {
                return true;
            }
            boolean bowl = clause.says("^in (?:a|another|the) (?:\\w+ ){0,2}(?:bowl|pan|saucepan|pot|jug)");
            if (joins(clause) && !bowl || clause.action() == null && !clause.opens()) {
                return false;
            }
            if (otherGroup && newSentence) {
                return true;
            }
            boolean heatsAnew = clause.action() != null
                    && FRESH_POT.contains(clause.action().verb())
                    && newSentence;
            if (sameGroup) {
                return clause.opens() && heatsAnew;
            }
            boolean mixes = clause.does(Actions.Effect.MIX) || clause.does(Actions.Effect.JOIN);
            boolean starts = clause.does(Actions.Effect.HEAT) || mixes;
            boolean mixesAnew = mixes && newSentence && current.heated && clause.first();
            return clause.opens() && (starts || clause.action() == null) || mixesAnew || heatsAnew;
        }

        private void addStep(List<Step> to, Clause clause, List<Procedure.Of> uses) {
            steps++;
            boolean lidOn = clause.says("\\b(?:lid on|covered|cover)\\b") && !clause.says("uncovered|half covered");
            boolean lidOff = clause.says("\\b(?:lid off|uncovered|no lid|without a lid)\\b");
            java.util.regex.Matcher until = Pattern.compile(
                            "\\b(?:until|till|so that) ([^.;]+)", Pattern.CASE_INSENSITIVE)
                    .matcher(clause.text());
            java.util.regex.Matcher heat = Pattern.compile(
                            "\\b(high|medium[- ]high|medium[- ]low|medium|low|gentle|fierce|moderate)\\b(?: heat)?",
                            Pattern.CASE_INSENSITIVE)
                    .matcher(clause.text());
            java.util.regex.Matcher tool = Pattern.compile(
                            "\\b(?:saucepan|frying pan|pan|bowl|pot|skillet|processor|blender|tray|colander|sieve|wok|jug)\\b",
                            Pattern.CASE_INSENSITIVE)
                    .matcher(clause.text());
            to.add(new Step(
                    "s" + steps,
                    clause.action() == null ? "add" : clause.action().verb(),
                    clause.text(),
                    clause.sentence(),
                    List.copyOf(uses),
                    tool.find() ? tool.group().toLowerCase(java.util.Locale.ROOT) : null,
                    heat.find() ? heat.group(1).toLowerCase(java.util.Locale.ROOT) : null,
                    lidOn ? Boolean.TRUE : lidOff ? Boolean.FALSE : null,
                    null,
                    Times.in(clause.text()),
                    until.find() ? until.group(1) : null));
        }
    }

    static String id(Pot pot) {
        return "c" + pot.number;
    }
}
