package nabe.swap.job;

import java.util.regex.Pattern;

/** Words for heat at the stove. */
final class Heat {
    static final Pattern STOVE = Pattern.compile(
            "\\b(?:melt|simmer|boil|cook|heat|warm|bubbl\\w+|thicken\\w*|reduc\\w+|fry|saut\\w+|soften|sweat|brown|toast|caramel\\w+|steam|poach|stew|braise)");

    private Heat() {}
}
