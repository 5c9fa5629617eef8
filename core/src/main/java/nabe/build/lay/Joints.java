package nabe.build.lay;

import java.util.ArrayList;
import java.util.List;
import nabe.larder.Figures;

/** Where pieces of one layer meet: the lines a slice could come apart at. */
final class Joints {
    private static final double IN_LINE_MM = Figures.of("build.joints-in-line");

    private final List<Joint> joints = new ArrayList<>();

    private record Joint(boolean upright, double at, double from, double to) {
        double shared(Joint other) {
            boolean near = upright == other.upright && Math.abs(at - other.at) < IN_LINE_MM;
            return near ? Math.max(0, Math.min(to, other.to) - Math.max(from, other.from)) : 0;
        }
    }

    static Joints of(Layout layout) {
        Joints all = new Joints();
        for (Layout.Cell c : layout.cells()) {
            if (c.x() > IN_LINE_MM) {
                all.joints.add(new Joint(true, c.x(), c.y(), c.y() + c.h()));
            }
            if (c.y() > IN_LINE_MM) {
                all.joints.add(new Joint(false, c.y(), c.x(), c.x() + c.w()));
            }
        }
        return all;
    }

    /** @return millimetres of these joints that lie in line with joints of the layer below */
    double inLineWith(Joints below) {
        double sum = 0;
        for (Joint joint : joints) {
            for (Joint other : below.joints) {
                sum += joint.shared(other);
            }
        }
        return sum;
    }
}
