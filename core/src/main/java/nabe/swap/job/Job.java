package nabe.swap.job;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import nabe.measure.Ids;
import nabe.words.Messages;

/** The work a thing does where it stands. The same food has different jobs in different pots. */
public enum Job {
    ROUX(Messages.say("swap.thickens-a-roux")),
    SLURRY(Messages.say("swap.thickens-as-a-slurry")),
    DREDGE(Messages.say("swap.coats-what-is-fried")),
    BATTER(Messages.say("swap.makes-a-batter")),
    CREPE(Messages.say("swap.holds-a-thin-pancake")),
    CRUMBLE(Messages.say("swap.makes-a-crumble")),
    SHORT_DOUGH(Messages.say("swap.makes-a-short-crust")),
    DROPPED_DOUGH(Messages.say("swap.makes-a-soft-dough")),
    YEAST_DOUGH(Messages.say("swap.makes-a-yeast-dough")),
    PASTA_DOUGH(Messages.say("swap.makes-a-pasta-dough")),
    DOUGH(Messages.say("swap.goes-into-a-dough")),
    DUSTING(Messages.say("swap.dusts-the-board-or-the-dish")),
    CUSTARD(Messages.say("swap.goes-into-a-custard")),
    BINDS(Messages.say("swap.binds-the-mixture")),
    SETS(Messages.say("swap.sets-the-custard")),
    LIFTS(Messages.say("swap.lifts-the-batter")),
    ENRICHES(Messages.say("swap.makes-it-rich")),
    GLAZE(Messages.say("swap.glazes-the-top")),
    COATS(Messages.say("swap.makes-the-coating-stick")),
    BOILED(Messages.say("swap.boiled-on-its-own")),
    SOFTENS(Messages.say("swap.softens-and-fries")),
    RUBBED_IN(Messages.say("swap.rubbed-into-flour")),
    BRUSHED(Messages.say("swap.brushed-on")),
    CRUMBS(Messages.say("swap.makes-the-crumbs")),
    MASH(Messages.say("swap.mashed-in")),
    GREASES(Messages.say("swap.greases-the-dish")),
    DOTS(Messages.say("swap.dotted-on-top")),
    POURED(Messages.say("swap.poured-over")),
    SPREAD(Messages.say("swap.spread-on-bread")),
    SAUCE(Messages.say("swap.makes-the-sauce")),
    POACHES(Messages.say("swap.poaches")),
    SOAKS(Messages.say("swap.soaks-bread-or-crumbs")),
    WHIPPED(Messages.say("swap.whipped")),
    TABLE(Messages.say("swap.served-at-the-table")),
    MELTED_IN(Messages.say("swap.melted-into-the-sauce")),
    MIXED_IN(Messages.say("swap.mixed-into-the-filling")),
    LAID(Messages.say("swap.laid-between-the-layers")),
    BROWNS(Messages.say("swap.browns-on-top")),
    CREAM(Messages.say("swap.blended-to-a-cream")),
    GRATED(Messages.say("swap.ground-as-grating-cheese")),
    CRUNCH(Messages.say("swap.gives-the-crunch")),
    FILLING(Messages.say("swap.fills")),
    CUBES(Messages.say("swap.soaks-up-the-custard")),
    STUFFING(Messages.say("swap.makes-the-stuffing")),
    BASE(Messages.say("swap.carries-the-rest")),
    FRIED(Messages.say("swap.fried-crisp")),
    PANADE(Messages.say("swap.keeps-mince-tender")),
    PARBOILED(Messages.say("swap.parboiled-then-baked")),
    BAKED_DRY(Messages.say("swap.baked-dry-in-its-liquid")),
    SHEETS(Messages.say("swap.laid-in-sheets")),
    TUBES(Messages.say("swap.tubes-to-fill")),
    SHELLS(Messages.say("swap.shells-to-fill")),
    MINCED(Messages.say("swap.browned-as-mince")),
    SHAPED(Messages.say("swap.shaped-and-browned")),
    WHOLE(Messages.say("swap.stays-whole")),
    CRUMBLED(Messages.say("swap.crumbled-and-browned")),
    PIECES(Messages.say("swap.in-pieces")),
    SAVOUR(Messages.say("swap.gives-salt-and-savour")),
    STOCK(Messages.say("swap.gives-liquid-and-savour")),
    SOUP_TIN(Messages.say("swap.a-tin-of-thick-soup")),
    BOUGHT_SAUCE(Messages.say("swap.a-bought-sauce")),
    WINE(Messages.say("swap.gives-liquid-and-acid")),
    BEER(Messages.say("swap.gives-liquid-and-depth")),
    WORCESTER(Messages.say("swap.seasons")),
    SOY_SAUCE(Messages.say("swap.seasons")),
    MUSTARD(Messages.say("swap.sharpens")),
    MAYO(Messages.say("swap.dresses")),
    SEASONING(Messages.say("swap.seasons")),
    SWEETENS(Messages.say("swap.sweetens")),
    WRAP(Messages.say("swap.wraps-the-filling")),
    PASTRY(Messages.say("swap.lies-as-pastry")),
    LAYERED_PASTRY(Messages.say("swap.lies-in-thin-sheets")),
    GRAIN(Messages.say("swap.fills-and-soaks-up")),
    PULSE(Messages.say("swap.gives-body")),
    VEGETABLE(Messages.say("swap.a-vegetable-of-the-filling")),
    OIL(Messages.say("swap.brings-the-fat")),
    GEL(Messages.say("swap.sets-a-jelly")),
    RISES(Messages.say("swap.makes-it-rise"));

    private final String words;

    Job(String words) {
        this.words = words;
    }

    @JsonValue
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** @return what the cook reads: what it does, as the end of a sentence */
    public String words() {
        return words;
    }

    /** @throws IllegalArgumentException when no job has this id */
    @JsonCreator
    public static Job ofId(String id) {
        return Ids.find(values(), Job::id, id, Messages.say("swap.job-of-a-thing"));
    }
}
