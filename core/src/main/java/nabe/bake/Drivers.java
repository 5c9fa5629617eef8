package nabe.bake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nabe.bake.heat.HeatDish;
import nabe.bake.heat.Wall;
import nabe.larder.Figures;
import nabe.words.Messages;

/** What moves the time until it is hot through and tender: the same bake once more with one thing as usual, each time. */
final class Drivers {
    private static final double USUAL_AIR = Figures.of("bake.usual-oven");

    private Drivers() {}

    static List<BakePlan.Driver> of(Baking baking, Course course) {
        Course goingOn = course.goingOn();
        double total = baking.finder().times(goingOn, baking.wanted).done();
        List<BakePlan.Driver> drivers = new ArrayList<>();
        add(
                drivers,
                "depth",
                Messages.say("bake.depth-mm-usual-50", Math.round(baking.dish.height() * 1000)),
                total - done(baking, baking.finderIn(baking.usualDepth(), baking.airCelsius()), goingOn));
        if (baking.start != Start.ROOM) {
            add(
                    drivers,
                    "start",
                    Messages.say("bake.from", baking.start.id()),
                    total - done(baking, baking.finderFrom(Start.ROOM), goingOn));
        }
        if (!baking.dish.wall().equals(Wall.GLASS)) {
            HeatDish glass =
                    new HeatDish(baking.dish.layers(), baking.dish.halfWidth(), baking.dish.round(), Wall.GLASS);
            add(
                    drivers,
                    "dish",
                    Messages.say(
                            "bake.in-rather-than-glass",
                            baking.build.pan().material().word()),
                    total - done(baking, baking.finderIn(glass, baking.airCelsius()), goingOn));
        }
        if (Math.abs(baking.airCelsius() - USUAL_AIR) > 4) {
            add(
                    drivers,
                    "oven",
                    Messages.say("bake.oven-air-at-usual-190", Math.round(baking.airCelsius())),
                    total - done(baking, baking.finderIn(baking.dish, USUAL_AIR), goingOn));
        }
        drivers.sort(Comparator.comparingInt(d -> -Math.abs(d.minutes())));
        return List.copyOf(drivers);
    }

    private static double done(Baking baking, BakeFinder finder, Course course) {
        return finder.times(course, baking.wanted.whateverColour()).done();
    }

    private static void add(List<BakePlan.Driver> drivers, String what, String words, double more) {
        int minutes = (int) Math.round(more);
        drivers.add(new BakePlan.Driver(
                what,
                minutes,
                minutes == 0
                        ? Messages.say("bake.no-difference", words)
                        : Messages.say("bake.more-or-less-min", words, minutes > 0, Math.abs(minutes))));
    }
}
