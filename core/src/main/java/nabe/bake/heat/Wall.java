package nabe.bake.heat;

/**
 * What stands between oven and food at base and sides. Thickness and emissivity: kitchen practice; conductivity, density and heat capacity:
 * usual engineering figures of the materials.
 *
 * @param thickness m, {@code conductivity} W/(m K), {@code capacity} J/(m³ K), {@code emissivity} 0 to 1
 */
public record Wall(double thickness, double conductivity, double capacity, double emissivity) {
    public static final Wall GLASS = new Wall(0.005, 1.1, 2.0e6, 0.9);
    public static final Wall CERAMIC = new Wall(0.008, 1.3, 2.1e6, 0.9);
    public static final Wall ENAMEL = new Wall(0.0015, 45, 3.6e6, 0.9);
    public static final Wall METAL = new Wall(0.001, 100, 2.6e6, 0.92);
    public static final Wall CAST_IRON = new Wall(0.005, 50, 3.4e6, 0.9);
}
