package nabe.bake.heat;

/**
 * What stands between oven and food at base and sides. Figures and their sources: surfaces.csv.
 *
 * @param thickness m, {@code conductivity} W/(m K), {@code capacity} J/(m³ K), {@code emissivity} 0 to 1
 */
public record Wall(double thickness, double conductivity, double capacity, double emissivity) {
    public static final Wall GLASS = Surfaces.wall("glass");
    public static final Wall CERAMIC = Surfaces.wall("ceramic");
    public static final Wall ENAMEL = Surfaces.wall("enamel");
    public static final Wall METAL = Surfaces.wall("metal");
    public static final Wall CAST_IRON = Surfaces.wall("cast-iron");
}
