package barrowmist.core.device;

import barrowmist.core.machine.thermal.ControlLevels;

/**
 * A roaster that is not there: what the demo, practice and the tests roast on. Each is made unlike the model that
 * foretells roasts, and unlike the others. Mutable: {@link #charge} puts a batch in, {@link #step} lets time pass.
 */
public interface Drum {

    /** Longest step that stays accurate, s. */
    double STEP_S = 0.25;

    /**
     * What goes in.
     *
     * @param greenG green coffee, g
     * @param moisturePct moisture, % of mass
     * @param diameterMm mean bean size, mm
     * @param uptake how readily it takes heat; 1 for a washed coffee
     * @param crackC bean temperature about which it cracks, °C
     */
    record Batch(double greenG, double moisturePct, double diameterMm, double uptake, double crackC) {}

    /** Sets the temperature of the room, °C. */
    void setRoomC(double roomC);

    /** Sets how far its loss has drifted: 1 is as built, 1.1 loses a tenth more. */
    void setLossDrift(double factor);

    /** Brings it to a state as after the same preparation each time: the bean probe at {@code chargeC}. */
    void preheated(double chargeC);

    /** Puts a batch in, the heat standing at {@code gasPct} for long enough. */
    void charge(Batch next, double gasPct);

    /** Puts a batch in, the heat as it is. */
    void charge(Batch next);

    /** Takes the batch out; the metal keeps its heat. */
    void drop();

    /** Whether beans are in the drum. */
    boolean charged();

    /** Opens or shuts the door: an open one lets the room's air through. */
    void setDoorOpen(boolean open);

    /** Lets {@code dt} seconds pass, at most {@link #STEP_S}. */
    void step(double dt, ControlLevels levels);

    /** Mean temperature of the beans, °C: what no probe reads. */
    double meanC();

    /** Bean probe, °C, without noise. */
    double probeC();

    /** Environment probe, °C, without noise. */
    double environmentC();
}
