package glowkettle.heat;

/**
 * A thin rod that something hot touches at one end. Everything stands for a square metre of its section.
 *
 * @param conductivityWmK of the metal
 * @param heatJm3K density times specific heat
 * @param sideWmK lost sideways along a metre, for a square metre of section: {@code h · perimeter / section}
 * @param endJm2K what hangs on the far end and takes heat; 0 for nothing
 * @param contactWm2K from what touches the near end: its transfer times the touched area, for the section
 * @param aroundC the air, and the rod before
 */
public record Rod(
        double lengthM,
        double conductivityWmK,
        double heatJm3K,
        double sideWmK,
        double endJm2K,
        double contactWm2K,
        double aroundC) {
    private static final int CELLS = 60;
    private static final double TOLERANCE_K = 0.01;
    private static final double STEP_S = 0.1;
    private static final Surroundings NOTHING = Surroundings.steady(0, 0);

    /**
     * The most the far end comes to through a touch of so many seconds and as long afterwards as it grows warmer.
     *
     * @param touchingC what touches the near end
     */
    public double highestC(double touchingC, double touchS) {
        Mesh mesh = new Mesh(this, CELLS);
        HeatConduction warming = warming(mesh, touchingC);
        warming.to(touchS);
        HeatConduction resting = resting(mesh, warming);
        double highest;
        double now = farEndC(resting);
        do {
            highest = now;
            resting.to(resting.sinceS() + STEP_S);
            now = farEndC(resting);
        } while (now > highest);
        return highest;
    }

    /** How long after such a touch the far end has cooled to a temperature; NaN where that takes longer than is looked. */
    public double coolS(double touchingC, double touchS, double downToC, double lookedS) {
        Mesh mesh = new Mesh(this, CELLS);
        HeatConduction warming = warming(mesh, touchingC);
        warming.to(touchS);
        HeatConduction resting = resting(mesh, warming);
        double last = farEndC(resting);
        while (resting.sinceS() < lookedS) {
            resting.to(resting.sinceS() + STEP_S);
            double now = farEndC(resting);
            if (now <= downToC && now <= last) {
                return resting.sinceS();
            }
            last = now;
        }
        return Double.NaN;
    }

    HeatConduction warming(Mesh mesh, double touchingC) {
        double[] cold = new double[mesh.size];
        java.util.Arrays.fill(cold, aroundC);
        return new HeatConduction(mesh, Surroundings.steady(contactWm2K, touchingC), NOTHING, cold, 0, TOLERANCE_K);
    }

    private static HeatConduction resting(Mesh mesh, HeatConduction warmed) {
        return new HeatConduction(mesh, NOTHING, NOTHING, warmed.temperatures(), 0, TOLERANCE_K);
    }

    static double farEndC(HeatConduction rod) {
        return rod.temperatures()[rod.temperatures().length - 1];
    }
}
