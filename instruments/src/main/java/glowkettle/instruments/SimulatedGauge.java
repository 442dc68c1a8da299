package glowkettle.instruments;

/** The gauge on a board: it takes a whole line with its checksum, or nothing. */
public final class SimulatedGauge {
    private String line;

    public SimulatedGauge(GaugeProgrammer.Data data) {
        this.line = data.line();
    }

    synchronized String read() {
        return line;
    }

    /**
     * @param sent what came after the command
     */
    synchronized String write(String sent) {
        int star = sent.lastIndexOf('*');
        if (star < 0) {
            return "ERR checksum missing";
        }
        String data = sent.substring(0, star);
        if (!sent.substring(star + 1).equals(String.valueOf(GaugeProgrammer.checksum(data)))) {
            return "ERR checksum wrong";
        }
        line = data;
        return "OK";
    }
}
