package barrowmist.core.device;

/**
 * A probe of a simulated roaster: two lags one after the other, and an offset. Mutable.
 *
 * <p>How deep it is buried is for its drum to say, which tells it what it feels.
 */
final class Probe {

    private final double firstS;
    private final double secondS;
    private final double offsetC;
    private double first;
    private double second;

    /**
     * @param firstS its first lag, s
     * @param secondS its second lag, s
     * @param offsetC what it reads too much, °C
     */
    Probe(double firstS, double secondS, double offsetC) {
        this.firstS = firstS;
        this.secondS = secondS;
        this.offsetC = offsetC;
    }

    /** Lets it read this. */
    void setReading(double readsC) {
        first = readsC - offsetC;
        second = first;
    }

    void feel(double feltC, double dt) {
        first += (feltC - first) * Math.min(1, dt / firstS);
        second += (first - second) * Math.min(1, dt / secondS);
    }

    double readsC() {
        return second + offsetC;
    }
}
