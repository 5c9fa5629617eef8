package nabe.build.lay;

/** A place in the pan seen from above, in millimetres from the corner where its inside length and width begin. */
public record Point(double x, double y) {}
