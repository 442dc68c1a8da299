package glowkettle.cell;

/**
 * One cell as a voltage source behind a resistance, for charge and run-down times.
 *
 * <p>Charge: {@code dSOC/dt = i/Q}, {@code i = min(I, (V_lim − V_oc)/R)}, until i falls to the end current or 100 %. Because
 * the curve is linear between rows, the constant-voltage part has a closed form in each of them. Run-down at constant
 * power: {@code i = (V_oc − √(V_oc² − 4RP))/(2R)}, until the terminal reaches the cut-off, the cell can no longer give the
 * power, or the device's shut-down charge is reached; Simpson's rule in each row. Source: handbook, Calibrate.
 */
public record CellModel(OpenCircuitCurve curve, double capacityAh, double resistanceOhm) {
    private static final int SIMPSON_STEPS = 40;

    /** Hours at constant current, then at constant voltage. */
    public record Charge(double constantCurrentHours, double constantVoltageHours, double endSocPercent) {
        public double hours() {
            return constantCurrentHours + constantVoltageHours;
        }
    }

    /** Hours of the run, what it delivered, and why it ended. */
    public record RunDown(double hours, double energyWh, double endSocPercent, End end) {
        public enum End {
            CUT_OFF_VOLTAGE,
            TOO_WEAK_FOR_THE_LOAD,
            SHUT_DOWN_CHARGE,
            EMPTY
        }
    }

    public Charge charge(double fromSocPercent, double currentA, double endCurrentA, double chargeLimitV) {
        double constantCurrentEnd = clamp(curve.socPercent(chargeLimitV - currentA * resistanceOhm));
        double end = clamp(curve.socPercent(chargeLimitV - endCurrentA * resistanceOhm));
        double knee = Math.max(fromSocPercent, constantCurrentEnd);
        double constantCurrent = Math.max(0, constantCurrentEnd - fromSocPercent) / 100 * capacityAh / currentA;
        double constantVoltage = 0;
        for (int k = 0; k < curve.segments(); k++) {
            double from = Math.max(curve.socFrom(k), knee);
            double to = Math.min(curve.socTo(k), end);
            if (from < to) {
                constantVoltage += constantVoltageHours(from, to, chargeLimitV);
            }
        }
        return new Charge(constantCurrent, constantVoltage, Math.max(fromSocPercent, end));
    }

    private double constantVoltageHours(double from, double to, double chargeLimitV) {
        double first = (chargeLimitV - curve.volts(from)) / resistanceOhm;
        double last = (chargeLimitV - curve.volts(to)) / resistanceOhm;
        double charge = (to - from) / 100 * capacityAh;
        return Math.abs(first - last) < 1e-12 ? charge / first : charge * Math.log(first / last) / (first - last);
    }

    public RunDown runDown(double fromSocPercent, double powerW, double cutOffV, double shutDownSocPercent) {
        double weakest = 2 * Math.sqrt(resistanceOhm * powerW);
        double cutOff = cutOffV >= weakest / 2 ? cutOffV + resistanceOhm * powerW / cutOffV : weakest;
        double stopV = Math.max(weakest, cutOff);
        double voltageSoc = stopV > curve.volts(0) ? curve.socPercent(stopV) : 0;
        double end = Math.min(fromSocPercent, Math.max(voltageSoc, shutDownSocPercent));
        double hours = 0;
        for (int k = 0; k < curve.segments(); k++) {
            double from = Math.max(curve.socFrom(k), end);
            double to = Math.min(curve.socTo(k), fromSocPercent);
            if (from < to) {
                hours += simpsonHours(from, to, powerW);
            }
        }
        return new RunDown(hours, hours * powerW, end, reason(voltageSoc, shutDownSocPercent, cutOff > weakest));
    }

    private static RunDown.End reason(double voltageSoc, double shutDownSoc, boolean byCutOff) {
        if (shutDownSoc > voltageSoc) {
            return RunDown.End.SHUT_DOWN_CHARGE;
        }
        if (voltageSoc <= 0) {
            return RunDown.End.EMPTY;
        }
        return byCutOff ? RunDown.End.CUT_OFF_VOLTAGE : RunDown.End.TOO_WEAK_FOR_THE_LOAD;
    }

    private double simpsonHours(double from, double to, double powerW) {
        double step = (to - from) / SIMPSON_STEPS;
        double sum = 0;
        for (int i = 0; i <= SIMPSON_STEPS; i++) {
            int weight = i == 0 || i == SIMPSON_STEPS ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight / dischargeCurrentA(curve.volts(from + i * step), powerW);
        }
        return sum * step / 3 / 100 * capacityAh;
    }

    private double dischargeCurrentA(double openCircuitV, double powerW) {
        double root = Math.max(0, openCircuitV * openCircuitV - 4 * resistanceOhm * powerW);
        // The textbook form loses digits when R is small; this one is the same root, rationalised.
        return 2 * powerW / (openCircuitV + Math.sqrt(root));
    }

    private static double clamp(double percent) {
        return Math.min(100, Math.max(0, percent));
    }
}
