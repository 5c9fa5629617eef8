package nabe.bake.heat;

import java.util.ArrayList;
import java.util.List;

/** Keeps what a bake shows: a sample each minute, and pictures of the food every few minutes and at most so fine. */
final class Recorder {
    private static final int PICTURE_MINUTES = 5;
    private static final int COLUMNS = 24;
    private static final int ROWS = 16;
    private final Section section;
    private final Conduction heat;
    private final List<Heated.Sample> samples = new ArrayList<>();
    private final List<Heated.Picture> pictures = new ArrayList<>();
    private boolean picturing;

    Recorder(Section section, Conduction heat) {
        this.section = section;
        this.heat = heat;
    }

    void picturing() {
        picturing = true;
    }

    List<Heated.Sample> samples() {
        return samples;
    }

    List<Heated.Picture> pictures() {
        return pictures;
    }

    void take(double seconds, double oven, double surface, Cooking cooking) {
        if (picturing && Math.round(seconds / 60) % PICTURE_MINUTES == 0) {
            pictures.add(picture(seconds));
        }
        int half = (section.nz / 2) * section.nx + section.nx - 2;
        samples.add(new Heated.Sample(
                seconds / 60,
                coldest(),
                heat.t[(section.nz / 2) * section.nx],
                heat.t[half],
                surface,
                oven,
                section.waterNow() / section.waterAtStart(),
                cooking.leastTender(),
                cooking.browning(),
                mean()));
    }

    private Heated.Picture picture(double seconds) {
        int stepX = Math.max(1, (section.nx - 1) / COLUMNS);
        int stepZ = Math.max(1, (section.nz - 1) / ROWS);
        double[][] celsius = new double[(section.nz - 1 + stepZ - 1) / stepZ][(section.nx - 1 + stepX - 1) / stepX];
        for (int z = 0; z < celsius.length; z++) {
            for (int x = 0; x < celsius[z].length; x++) {
                celsius[z][x] =
                        Math.round(heat.t[(1 + Math.min(section.nz - 2, z * stepZ)) * section.nx + x * stepX] * 10)
                                / 10.0;
            }
        }
        return new Heated.Picture(Math.round(seconds / 60), celsius);
    }

    private double mean() {
        double sum = 0;
        double volume = 0;
        for (int z = 1; z < section.nz; z++) {
            for (int x = 0; x < section.nx - 1; x++) {
                int i = z * section.nx + x;
                sum += section.volume[i] * heat.t[i];
                volume += section.volume[i];
            }
        }
        return sum / volume;
    }

    /** @return °C of the food's coldest cell */
    double coldest() {
        double low = Double.MAX_VALUE;
        for (int z = 1; z < section.nz; z++) {
            for (int x = 0; x < section.nx - 1; x++) {
                low = Math.min(low, heat.t[z * section.nx + x]);
            }
        }
        return low;
    }
}
