package nabe.plan;

import nabe.bake.BakePlanner;
import nabe.budgets.FreeWater;
import nabe.build.Builder;
import nabe.label.LabelReader;
import nabe.larder.Larder;
import nabe.prep.SheetWays;
import nabe.prep.StoveBook;
import nabe.swap.Swapper;

/** What the catalogue says, loaded once and shared by the planners of every home. */
record Catalogue(
        Larder larder,
        Swapper.Tables tables,
        LabelReader labels,
        StoveBook stove,
        SheetWays ways,
        FreeWater free,
        Builder builder,
        BakePlanner bakes) {
    static Catalogue of(Larder larder) {
        Swapper.Tables tables = Swapper.Tables.load(larder);
        SheetWays ways = new SheetWays(larder);
        return new Catalogue(
                larder,
                tables,
                new LabelReader(larder),
                new StoveBook(larder),
                ways,
                new FreeWater(larder, tables.properties()),
                new Builder(larder, ways, tables.properties()),
                new BakePlanner(tables.properties()));
    }
}
