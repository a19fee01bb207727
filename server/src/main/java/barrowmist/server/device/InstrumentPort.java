package barrowmist.server.device;

/** How an instrument is read, whatever stands behind it. */
interface InstrumentPort {

    /**
     * A few readings one after another, as they come.
     *
     * @return at least one, in the unit of the instrument
     * @throws InstrumentAbsent if it does not answer
     */
    double[] readings(Instrument instrument);

    /** The instrument does not answer. */
    class InstrumentAbsent extends RuntimeException {
        InstrumentAbsent(String message) {
            super(message);
        }
    }
}
