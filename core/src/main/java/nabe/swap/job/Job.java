package nabe.swap.job;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.Locale;
import nabe.measure.Ids;

/** The work a thing does where it stands. The same food has different jobs in different pots. */
public enum Job {
    ROUX("thickens a roux"),
    SLURRY("thickens as a slurry"),
    DREDGE("coats what is fried"),
    BATTER("makes a batter"),
    CREPE("holds a thin pancake"),
    CRUMBLE("makes a crumble"),
    SHORT_DOUGH("makes a short crust"),
    DROPPED_DOUGH("makes a soft dough"),
    YEAST_DOUGH("makes a yeast dough"),
    PASTA_DOUGH("makes a pasta dough"),
    DOUGH("goes into a dough"),
    DUSTING("dusts the board or the dish"),
    CUSTARD("goes into a custard"),
    BINDS("binds the mixture"),
    SETS("sets the custard"),
    LIFTS("lifts the batter"),
    ENRICHES("makes it rich"),
    GLAZE("glazes the top"),
    COATS("makes the coating stick"),
    BOILED("boiled on its own"),
    SOFTENS("softens and fries"),
    RUBBED_IN("rubbed into flour"),
    BRUSHED("brushed on"),
    CRUMBS("makes the crumbs"),
    MASH("mashed in"),
    GREASES("greases the dish"),
    DOTS("dotted on top"),
    POURED("poured over"),
    SPREAD("spread on bread"),
    SAUCE("makes the sauce"),
    POACHES("poaches"),
    SOAKS("soaks bread or crumbs"),
    WHIPPED("whipped"),
    TABLE("served at the table"),
    MELTED_IN("melted into the sauce"),
    MIXED_IN("mixed into the filling"),
    LAID("laid between the layers"),
    BROWNS("browns on top"),
    CREAM("blended to a cream"),
    GRATED("ground as grating cheese"),
    CRUNCH("gives the crunch"),
    FILLING("fills"),
    CUBES("soaks up the custard"),
    STUFFING("makes the stuffing"),
    BASE("carries the rest"),
    FRIED("fried crisp"),
    PANADE("keeps mince tender"),
    PARBOILED("parboiled, then baked"),
    BAKED_DRY("baked dry in its liquid"),
    SHEETS("laid in sheets"),
    TUBES("tubes to fill"),
    SHELLS("shells to fill"),
    MINCED("browned as mince"),
    SHAPED("shaped and browned"),
    WHOLE("stays whole"),
    CRUMBLED("crumbled and browned"),
    PIECES("in pieces"),
    SAVOUR("gives salt and savour"),
    STOCK("gives liquid and savour"),
    SOUP_TIN("a tin of thick soup"),
    BOUGHT_SAUCE("a bought sauce"),
    WINE("gives liquid and acid"),
    BEER("gives liquid and depth"),
    WORCESTER("seasons"),
    SOY_SAUCE("seasons"),
    MUSTARD("sharpens"),
    MAYO("dresses"),
    SEASONING("seasons"),
    SWEETENS("sweetens"),
    WRAP("wraps the filling"),
    PASTRY("lies as pastry"),
    LAYERED_PASTRY("lies in thin sheets"),
    GRAIN("fills and soaks up"),
    PULSE("gives body"),
    VEGETABLE("a vegetable of the filling"),
    OIL("brings the fat"),
    GEL("sets a jelly"),
    RISES("makes it rise");

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
        return Ids.find(values(), Job::id, id, "job of a thing");
    }
}
